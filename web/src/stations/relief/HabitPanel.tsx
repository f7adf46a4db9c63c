import { useState } from "react";
import { api } from "../../app/api";
import { type PanelProps, SettingForm, Tick } from "../../job/SettingForm";
import { Field, Select, TextInput } from "../../ui/controls";
import { ToolField } from "../heights/ToolField";

/** Chooses how relief is read: held where, gauged where, with what, in which position. */
export function HabitPanel({ job, send, trouble, onDone }: PanelProps) {
  const [habit, setHabit] = useState(job.relief.habit);
  const set = (change: Partial<typeof habit>) => setHabit({ ...habit, ...change });
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
      onSubmit={() =>
        void send((stamp, params) =>
          api.POST("/api/jobs/{id}/relief/habit", { params, body: { ...stamp, ...habit } }),
        ).then((done) => {
          if (done !== null) onDone();
        })
      }
    >
      <div className="sm:col-span-3">
        <Field label="Habit">
          <Select
            autoFocus
            value={choice}
            onChange={(e) => {
              const chosen = job.relief.habits[Number(e.target.value)];
              if (chosen !== undefined)
                set({
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
            value={habit[key]}
            onChange={(e) => set({ [key]: Number(e.target.value) })}
          />
        </Field>
      ))}
      <div className="sm:col-span-2">
        <ToolField tools={job.relief.tools} value={habit.tool} onChange={(tool) => set({ tool })} />
      </div>
      <Tick checked={habit.flat} onChange={(flat) => set({ flat })}>
        Lies flat on the bench
      </Tick>
    </SettingForm>
  );
}
