import { Field, Select, TextInput } from "../ui/controls";
import { GROUPS } from "./factGroups";
import { factsOf, type Facts, type Kind } from "./facts";

/** What the setup depends on, to correct it. */
export function InstrumentFields({
  facts,
  kinds,
  onChange,
}: {
  facts: Facts;
  kinds: readonly Kind[];
  onChange: (facts: Facts) => void;
}) {
  const set = (change: Partial<Facts>) => onChange({ ...facts, ...change });
  return (
    <fieldset className="grid gap-4 sm:grid-cols-2 md:grid-cols-3">
      <legend className="wide float-left mb-2 w-full text-[17px] font-bold sm:col-span-2 md:col-span-3">
        Instrument
      </legend>
      <Field label="Kind">
        <Select
          value={facts.kind}
          onChange={(e) => {
            const kind = kinds.find((k) => k.kind === e.target.value);
            if (kind !== undefined)
              onChange({ ...factsOf(kind, facts.name), leftHanded: facts.leftHanded });
          }}
        >
          {kinds.map((k) => (
            <option key={k.kind} value={k.kind}>
              {k.label}
            </option>
          ))}
        </Select>
      </Field>
      <div className="md:col-span-2">
        <Field label="Name on the ticket">
          <TextInput
            required
            maxLength={120}
            value={facts.name}
            onChange={(e) => set({ name: e.target.value })}
          />
        </Field>
      </div>
      {GROUPS.map(({ code, Fields }) => (
        <Fields key={code} facts={facts} set={set} />
      ))}
    </fieldset>
  );
}
