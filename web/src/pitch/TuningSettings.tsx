import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { answer, api } from "../app/api";
import { Field, Select, TextInput, Trouble } from "../ui/controls";
import type { Plan } from "./plan";

const number = (text: string): number => Number(text.replace(",", "."));

/** A number that is typed: what cannot be read as one is not handed on. */
function NumberField({
  label,
  value,
  onChange,
}: {
  label: string;
  value: number;
  onChange: (value: number) => void;
}) {
  const [text, setText] = useState(String(value));
  const wrong = text.trim() === "" || Number.isNaN(number(text));
  return (
    <Field label={label} hint={wrong ? "a number" : undefined}>
      <TextInput
        inputMode="decimal"
        aria-invalid={wrong}
        value={text}
        onChange={(e) => {
          setText(e.target.value);
          const typed = number(e.target.value);
          if (e.target.value.trim() !== "" && !Number.isNaN(typed)) onChange(typed);
        }}
      />
    </Field>
  );
}

/** What the strings are tuned to. */
export function TuningSettings({
  plan,
  onChange,
  trouble,
}: {
  plan: Plan;
  onChange: (change: Partial<Plan>) => void;
  trouble: string | null;
}) {
  const kinds = useQuery({ queryKey: ["kinds"], queryFn: () => answer(api.GET("/api/kinds")) });
  const usual = kinds.data?.find((k) => k.kind === plan.kind && k.tuning === plan.tuning);
  return (
    <>
      <h2 className="wide border-t border-line pt-3 text-[16px] font-semibold">Tune to</h2>
      {trouble !== null && <Trouble text={trouble} />}
      <Field label="Usual tunings">
        <Select
          value={usual?.kind ?? ""}
          onChange={(e) => {
            const chosen = kinds.data?.find((k) => k.kind === e.target.value);
            if (chosen !== undefined) onChange({ kind: chosen.kind, tuning: chosen.tuning });
          }}
        >
          <option value="">as typed below</option>
          {(kinds.data ?? []).map((k) => (
            <option key={k.kind} value={k.kind}>
              {k.label}
            </option>
          ))}
        </Select>
      </Field>
      <Field label="Tuning, lowest string first">
        <TextInput value={plan.tuning} onChange={(e) => onChange({ tuning: e.target.value })} />
      </Field>
      <div className="grid grid-cols-2 gap-3">
        <NumberField
          label="A4, Hz"
          value={plan.reference}
          onChange={(reference) => onChange({ reference })}
        />
        <NumberField
          label="In tune within, cents"
          value={plan.tolerance}
          onChange={(tolerance) => onChange({ tolerance })}
        />
      </div>
      <Field label="Offsets, cents" hint="one for each string, lowest first; empty for none">
        <TextInput value={plan.offsets} onChange={(e) => onChange({ offsets: e.target.value })} />
      </Field>
      <label className="flex min-h-11 items-center gap-3 text-[16px]">
        <input
          type="checkbox"
          className="size-6 accent-ink"
          checked={plan.upToPitch}
          onChange={(e) => onChange({ upToPitch: e.target.checked })}
        />
        Only what comes up to pitch is taken
      </label>
    </>
  );
}
