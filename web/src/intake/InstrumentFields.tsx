import type { Schemas } from "../app/api";
import { pick } from "../ui/pick";
import { Field, Select, TextInput } from "../ui/controls";

export type Facts = Schemas["Facts"];
type Kind = Schemas["KindView"];

/** The usual facts of a kind. */
export function factsOf(kind: Kind, name = ""): Facts {
  return {
    name,
    kind: kind.kind,
    tuning: kind.tuning,
    scaleLength: kind.scaleLength,
    frets: kind.frets,
    bodyJointFret: kind.bodyJointFret,
    boardRadius: kind.boardRadius,
    rod: kind.rod,
    access: kind.access,
    leftHanded: false,
  };
}

/** What the setup depends on; used at intake and to correct it later. */
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
  const strings = facts.tuning
    .trim()
    .split(/[\s,]+/)
    .filter(Boolean).length;
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
            autoFocus
            maxLength={120}
            value={facts.name}
            onChange={(e) => set({ name: e.target.value })}
          />
        </Field>
      </div>
      <div className="sm:col-span-2">
        <Field
          label="Tuning, lowest string first"
          hint={`${strings} strings; the octave number may be left out`}
        >
          <TextInput
            required
            value={facts.tuning}
            onChange={(e) => set({ tuning: e.target.value })}
          />
        </Field>
      </div>
      <Field label="Scale length" hint="mm, or any length such as 25 1/2in">
        <TextInput
          required
          value={facts.scaleLength}
          onChange={(e) => set({ scaleLength: e.target.value })}
        />
      </Field>
      <Field label="Frets">
        <TextInput
          type="number"
          required
          min={5}
          max={36}
          value={facts.frets}
          onChange={(e) => set({ frets: Number(e.target.value) })}
        />
      </Field>
      <Field label="Body joint at fret">
        <TextInput
          type="number"
          required
          min={8}
          max={36}
          value={facts.bodyJointFret}
          onChange={(e) => set({ bodyJointFret: Number(e.target.value) })}
        />
      </Field>
      <Field label="Board radius" hint="mm, any length, or flat">
        <TextInput
          required
          value={facts.boardRadius}
          onChange={(e) => set({ boardRadius: e.target.value })}
        />
      </Field>
      <Field label="Rod">
        <Select
          value={facts.rod}
          onChange={(e) =>
            set({ rod: pick(e.target.value, ["SINGLE", "DOUBLE", "NONE"], facts.rod) })
          }
        >
          <option value="SINGLE">single action</option>
          <option value="DOUBLE">double action</option>
          <option value="NONE">none</option>
        </Select>
      </Field>
      <Field label="Rod is turned at">
        <Select
          value={facts.access}
          disabled={facts.rod === "NONE"}
          onChange={(e) =>
            set({ access: pick(e.target.value, ["HEADSTOCK", "HEEL", "SOUND_HOLE"], facts.access) })
          }
        >
          <option value="HEADSTOCK">the headstock</option>
          <option value="HEEL">the heel</option>
          <option value="SOUND_HOLE">the sound hole</option>
        </Select>
      </Field>
      <label className="flex min-h-11 items-center gap-3 self-end text-[17px]">
        <input
          type="checkbox"
          className="size-6 accent-ink"
          checked={facts.leftHanded}
          onChange={(e) => set({ leftHanded: e.target.checked })}
        />
        Left-handed
      </label>
    </fieldset>
  );
}
