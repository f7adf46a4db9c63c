import { useForm } from "react-hook-form";
import { api } from "../../app/api";
import { SettingForm, TickBox, type PanelProps } from "../../job/SettingForm";
import { Field, Select } from "../../ui/controls";

/** How this rod is turned: step, finish tightening, settling, limit. */
export function WaysPanel({ job, send, trouble, onDone }: PanelProps) {
  const was = job.relief.ways;
  // what is chosen from a list is text until it is sent
  const { register, handleSubmit } = useForm({
    defaultValues: {
      stepSixteenths: String(was.stepSixteenths),
      settleMinutes: String(was.settleMinutes),
      limitSixteenths: String(was.limitSixteenths),
      straightensAnticlockwise: String(was.straightensAnticlockwise),
      finishTightening: was.finishTightening,
    },
  });
  const submit = handleSubmit(async (chosen) => {
    const stepSixteenths = Number(chosen.stepSixteenths);
    const settleMinutes = Number(chosen.settleMinutes);
    const limitSixteenths = Number(chosen.limitSixteenths);
    const straightensAnticlockwise = chosen.straightensAnticlockwise === "true";
    const { finishTightening } = chosen;
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
  });
  return (
    <SettingForm action="Turn it this way" trouble={trouble} onSubmit={submit}>
      <Field label="Largest single step">
        <Select autoFocus defaultValue={String(was.stepSixteenths)} {...register("stepSixteenths")}>
          <option value={1}>1/16 turn</option>
          <option value={2}>1/8 turn (usual)</option>
          <option value={4}>1/4 turn</option>
        </Select>
      </Field>
      <Field label="Wait after a turn before a verdict">
        <Select defaultValue={String(was.settleMinutes)} {...register("settleMinutes")}>
          {[0, 5, 10, 15, 30, 60].map((m) => (
            <option key={m} value={m}>
              {m === 0 ? "none" : `${m} minutes${m === 10 ? " (usual)" : ""}`}
            </option>
          ))}
        </Select>
      </Field>
      <Field label="Stop when tighter than found by" hint="more only if you know this rod">
        <Select defaultValue={String(was.limitSixteenths)} {...register("limitSixteenths")}>
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
          defaultValue={String(was.straightensAnticlockwise)}
          {...register("straightensAnticlockwise")}
        >
          <option value="false">turned clockwise (usual)</option>
          <option value="true">turned anticlockwise</option>
        </Select>
      </Field>
      <TickBox {...register("finishTightening")}>
        To add relief, go past and finish tightening
      </TickBox>
    </SettingForm>
  );
}
