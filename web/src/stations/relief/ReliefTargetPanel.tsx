import { useForm } from "react-hook-form";
import { api } from "../../app/api";
import { KeepFor } from "../../job/KeepFor";
import { ChoiceList, SettingForm, type PanelProps } from "../../job/SettingForm";
import { Field, TextInput } from "../../ui/controls";

/** A school, or bands as typed. */
type Wanted =
  { school: string } | { bassLow: string; bassHigh: string; trebleLow: string; trebleHigh: string };

/** Chooses the wanted relief: a school, or bands of one's own. */
export function ReliefTargetPanel({ job, send, trouble, onDone }: PanelProps) {
  const { target } = job.relief;
  const { register, handleSubmit } = useForm({
    defaultValues: {
      bassLow: target.bassLow,
      bassHigh: target.bassHigh,
      trebleLow: target.trebleLow,
      trebleHigh: target.trebleHigh,
    },
  });
  const choose = (body: Wanted) =>
    void send((stamp, params) =>
      api.POST("/api/jobs/{id}/relief/target", { params, body: { ...stamp, ...body } }),
    ).then((done) => {
      if (done !== null) onDone();
    });
  const fields = [
    ["bassLow", "Bass from"],
    ["bassHigh", "Bass to"],
    ["trebleLow", "Treble from"],
    ["trebleHigh", "Treble to"],
  ] as const;
  return (
    <>
      <p className="mb-3 text-[16px] text-mute">
        Bands in {job.relief.suffix}, {job.relief.method}; shifted for this board and a {job.touch}{" "}
        touch.
      </p>
      <ChoiceList
        choices={target.schools.map((s) => ({
          code: s.school,
          label: s.label,
          detail: `bass ${s.bass}, treble ${s.treble}`,
          reason: s.reason,
        }))}
        chosen={target.school}
        onChoose={(school) => choose({ school })}
      />
      <SettingForm
        action="Use these bands"
        trouble={trouble}
        className="grid grid-cols-2 gap-4 sm:grid-cols-4"
        onSubmit={handleSubmit(choose)}
      >
        {fields.map(([key, label]) => (
          <Field key={key} label={`${label}, ${job.relief.suffix}`}>
            <TextInput {...register(key)} />
          </Field>
        ))}
      </SettingForm>
      <KeepFor job={job} what="relief" />
    </>
  );
}
