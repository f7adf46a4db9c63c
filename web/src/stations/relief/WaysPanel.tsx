import { useState } from "react";
import { api } from "../../app/api";
import { type PanelProps, SettingForm, Tick } from "../../job/SettingForm";
import { Field, Select } from "../../ui/controls";

/** How this rod is turned: step, finish tightening, settling, limit. */
export function WaysPanel({ job, send, trouble, onDone }: PanelProps) {
  const [ways, setWays] = useState(job.relief.ways);
  const set = (change: Partial<typeof ways>) => setWays({ ...ways, ...change });
  const submit = async () => {
    const { straightensAnticlockwise, stepSixteenths, settleMinutes, limitSixteenths } = ways;
    const { finishTightening } = ways;
    const was = job.relief.ways;
    const other =
      stepSixteenths !== was.stepSixteenths ||
      finishTightening !== was.finishTightening ||
      settleMinutes !== was.settleMinutes ||
      limitSixteenths !== was.limitSixteenths;
    if (straightensAnticlockwise !== was.straightensAnticlockwise) {
      const turned = await send((stamp, params) =>
        api.POST("/api/jobs/{id}/relief/direction", {
          params,
          body: { ...stamp, straightensAnticlockwise },
        }),
      );
      if (turned === null) return;
    }
    if (other) {
      const done = await send((stamp, params) =>
        api.POST("/api/jobs/{id}/relief/ways", {
          params,
          body: { ...stamp, stepSixteenths, finishTightening, settleMinutes, limitSixteenths },
        }),
      );
      if (done === null) return;
    }
    onDone();
  };
  return (
    <SettingForm action="Turn it this way" trouble={trouble} onSubmit={() => void submit()}>
      <Field label="Largest single step">
        <Select
          autoFocus
          value={ways.stepSixteenths}
          onChange={(e) => set({ stepSixteenths: Number(e.target.value) })}
        >
          <option value={1}>1/16 turn</option>
          <option value={2}>1/8 turn (usual)</option>
          <option value={4}>1/4 turn</option>
        </Select>
      </Field>
      <Field label="Wait after a turn before a verdict">
        <Select
          value={ways.settleMinutes}
          onChange={(e) => set({ settleMinutes: Number(e.target.value) })}
        >
          {[0, 5, 10, 15, 30, 60].map((m) => (
            <option key={m} value={m}>
              {m === 0 ? "none" : `${m} minutes${m === 10 ? " (usual)" : ""}`}
            </option>
          ))}
        </Select>
      </Field>
      <Field label="Stop when tighter than found by" hint="more only if you know this rod">
        <Select
          value={ways.limitSixteenths}
          onChange={(e) => set({ limitSixteenths: Number(e.target.value) })}
        >
          {[
            [4, "1/4 turn"],
            [8, "1/2 turn"],
            [12, "3/4 turn (usual)"],
            [16, "1 turn"],
            [24, "1 1/2 turns"],
          ].map(([value, text]) => (
            <option key={value} value={value}>
              {text}
            </option>
          ))}
        </Select>
      </Field>
      <Field
        label="This rod straightens the neck"
        hint="seen from the end where the wrench goes in"
      >
        <Select
          value={ways.straightensAnticlockwise ? "anti" : "clockwise"}
          onChange={(e) => set({ straightensAnticlockwise: e.target.value === "anti" })}
        >
          <option value="clockwise">turned clockwise (usual)</option>
          <option value="anti">turned anticlockwise</option>
        </Select>
      </Field>
      <Tick
        checked={ways.finishTightening}
        onChange={(finishTightening) => set({ finishTightening })}
      >
        To add relief, go past and finish tightening
      </Tick>
    </SettingForm>
  );
}
