import type { Schemas } from "../../app/api";
import { Field, Select } from "../../ui/controls";

/** The tool for typed readings; its uncertainty is part of every one. */
export function ToolField({
  tools,
  value,
  onChange,
}: {
  tools: readonly Schemas["ToolChoice"][];
  value: string;
  onChange: (code: string) => void;
}) {
  return (
    <Field label="Tool for typed readings" hint="its uncertainty is part of every reading">
      <Select value={value} onChange={(e) => onChange(e.target.value)}>
        {tools.map((t) => (
          <option key={t.code} value={t.code}>
            {t.label}, {t.precision}
          </option>
        ))}
      </Select>
    </Field>
  );
}
