import { useForm, useWatch } from "react-hook-form";
import { api, type Schemas } from "../../app/api";
import { SettingForm, TickBox, type PanelProps } from "../../job/SettingForm";
import { Field, Select, TextInput } from "../../ui/controls";
import { ToolField } from "./ToolField";

/** How nut heights or action are read: by which method, with which tool, in which position. */
export function HeightHabitPanel({
  job,
  send,
  trouble,
  onDone,
  view,
  path,
}: PanelProps & {
  view: Schemas["HeightView"];
  path: "/api/jobs/{id}/nut/habit" | "/api/jobs/{id}/action/habit";
}) {
  const { register, handleSubmit, control, getValues, reset } = useForm({
    defaultValues: view.habit,
  });
  const habit = useWatch({ control });
  const choice = view.methods.findIndex(
    (m) => m.pressed === habit.pressed && m.fret === habit.fret,
  );
  return (
    <SettingForm
      action="Read this way"
      trouble={trouble}
      onSubmit={handleSubmit(async (chosen) => {
        const done = await send((stamp, params) =>
          api.POST(path, { params, body: { ...stamp, ...chosen } }),
        );
        if (done !== null) onDone();
      })}
    >
      <Field label="Method">
        <Select
          autoFocus
          value={choice}
          onChange={(e) => {
            const chosen = view.methods[Number(e.target.value)];
            if (chosen !== undefined)
              reset({ ...getValues(), pressed: chosen.pressed, fret: chosen.fret });
          }}
        >
          {view.methods.map((m, i) => (
            <option key={m.label} value={i}>
              {m.label}
            </option>
          ))}
          {choice < 0 && <option value={-1}>Other: as set below</option>}
        </Select>
      </Field>
      {view.station === "action" && (
        <Field label="At fret">
          <TextInput
            type="number"
            min={2}
            max={job.instrument.frets}
            {...register("fret", { valueAsNumber: true })}
          />
        </Field>
      )}
      <ToolField tools={view.tools} defaultValue={view.habit.tool} {...register("tool")} />
      <TickBox {...register("flat")}>Lies flat on the bench</TickBox>
    </SettingForm>
  );
}
