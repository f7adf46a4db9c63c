import { useState } from "react";
import { api, type Schemas } from "../../app/api";
import { type PanelProps, SettingForm, Tick } from "../../job/SettingForm";
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
  const [habit, setHabit] = useState(view.habit);
  const set = (change: Partial<typeof habit>) => setHabit({ ...habit, ...change });
  const choice = view.methods.findIndex(
    (m) => m.pressed === habit.pressed && m.fret === habit.fret,
  );
  return (
    <SettingForm
      action="Read this way"
      trouble={trouble}
      onSubmit={() =>
        void send((stamp, params) => api.POST(path, { params, body: { ...stamp, ...habit } })).then(
          (done) => {
            if (done !== null) onDone();
          },
        )
      }
    >
      <Field label="Method">
        <Select
          autoFocus
          value={choice}
          onChange={(e) => {
            const chosen = view.methods[Number(e.target.value)];
            if (chosen !== undefined) set({ pressed: chosen.pressed, fret: chosen.fret });
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
            value={habit.fret}
            onChange={(e) => set({ fret: Number(e.target.value) })}
          />
        </Field>
      )}
      <ToolField tools={view.tools} value={habit.tool} onChange={(tool) => set({ tool })} />
      <Tick checked={habit.flat} onChange={(flat) => set({ flat })}>
        Lies flat on the bench
      </Tick>
    </SettingForm>
  );
}
