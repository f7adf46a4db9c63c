import type { ComponentProps } from "react";
import type { Schemas } from "../../app/api";
import { Field, Select } from "../../ui/controls";

/** The tool for typed readings; its uncertainty is part of every one. */
export function ToolField({
  tools,
  ...field
}: ComponentProps<"select"> & { tools: readonly Schemas["ToolChoice"][] }) {
  return (
    <Field label="Tool for typed readings" hint="its uncertainty is part of every reading">
      <Select {...field}>
        {tools.map((t) => (
          <option key={t.code} value={t.code}>
            {t.label}, {t.precision}
          </option>
        ))}
      </Select>
    </Field>
  );
}
