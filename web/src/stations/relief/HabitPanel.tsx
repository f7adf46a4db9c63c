import { useForm, useWatch } from "react-hook-form";
import { api } from "../../app/api";
import { SettingForm, TickBox, type PanelProps } from "../../job/SettingForm";
import { Field, Select, TextInput } from "../../ui/controls";
import { ToolField } from "../heights/ToolField";

/** Chooses how relief is read: held where, gauged where, with what, in which position. */
export function HabitPanel({ job, send, trouble, onDone }: PanelProps) {
  const { register, handleSubmit, control, getValues, reset } = useForm({
    defaultValues: job.relief.habit,
  });
  const habit = useWatch({ control });
  const choice = job.relief.habits.findIndex(
    (h) =>
      h.heldLow === habit.heldLow &&
      h.heldHigh === habit.heldHigh &&
      h.gaugeFret === habit.gaugeFret &&
      h.board === habit.board,
  );
  const frets = [
    ["heldLow", "Held at fret", 0, 34],
    ["heldHigh", "and at fret", 2, 36],
    ["gaugeFret", "Gauge at fret", 1, 35],
  ] as const;
  return (
    <SettingForm
      action="Read this way"
      trouble={trouble}
      className="grid gap-4 sm:grid-cols-3"
      onSubmit={handleSubmit(async (chosen) => {
        const done = await send((stamp, params) =>
          api.POST("/api/jobs/{id}/relief/habit", { params, body: { ...stamp, ...chosen } }),
        );
        if (done !== null) onDone();
      })}
    >
      <div className="sm:col-span-3">
        <Field label="Habit">
          <Select
            autoFocus
            value={choice}
            onChange={(e) => {
              const chosen = job.relief.habits[Number(e.target.value)];
              if (chosen !== undefined)
                reset({
                  ...getValues(),
                  heldLow: chosen.heldLow,
                  heldHigh: chosen.heldHigh,
                  gaugeFret: chosen.gaugeFret,
                  board: chosen.board,
                });
            }}
          >
            {job.relief.habits.map((h, i) => (
              <option key={h.label} value={i}>
                {h.label}
              </option>
            ))}
            <option value={-1}>Other: as set below</option>
          </Select>
        </Field>
      </div>
      {frets.map(([key, label, min, max]) => (
        <Field key={key} label={label}>
          <TextInput
            type="number"
            min={min}
            max={max}
            {...register(key, { valueAsNumber: true })}
          />
        </Field>
      ))}
      <div className="sm:col-span-2">
        <ToolField
          tools={job.relief.tools}
          defaultValue={job.relief.habit.tool}
          {...register("tool")}
        />
      </div>
      <TickBox {...register("flat")}>Lies flat on the bench</TickBox>
    </SettingForm>
  );
}
