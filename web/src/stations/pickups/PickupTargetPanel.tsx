import { useForm } from "react-hook-form";
import { api } from "../../app/api";
import { KeepFor } from "../../job/KeepFor";
import { SettingForm, type PanelProps } from "../../job/SettingForm";
import { Field, TextInput } from "../../ui/controls";

const GAPS = [
  ["usualBass", "Usual magnets, bass"],
  ["usualTreble", "Usual magnets, treble"],
  ["strongBass", "Strong magnets, bass"],
  ["strongTreble", "Strong magnets, treble"],
] as const;

/** The wanted gaps between string and pickup. */
export function PickupTargetPanel({ job, send, trouble, onDone }: PanelProps) {
  const { register, handleSubmit } = useForm({ defaultValues: job.pickups.target });
  return (
    <>
      <p className="mb-3 text-[16px] text-mute">{job.pickups.method}.</p>
      <SettingForm
        action="Use these gaps"
        trouble={trouble}
        className="grid grid-cols-2 gap-4"
        onSubmit={handleSubmit(async (gaps) => {
          const done = await send((stamp, params) =>
            api.POST("/api/jobs/{id}/pickups/target", { params, body: { ...stamp, ...gaps } }),
          );
          if (done !== null) onDone();
        })}
      >
        {GAPS.flatMap(([key, label]) =>
          (["low", "high"] as const).map((end) => (
            <Field
              key={key + end}
              label={`${label} ${end === "low" ? "from" : "to"}, ${job.pickups.suffix}`}
            >
              <TextInput {...register(`${key}.${end}`)} />
            </Field>
          )),
        )}
      </SettingForm>
      <KeepFor job={job} what="pickups" />
    </>
  );
}
