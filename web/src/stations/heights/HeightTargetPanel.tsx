import { useState } from "react";
import { useForm } from "react-hook-form";
import type { JobView, Schemas } from "../../app/api";
import { KeepFor } from "../../job/KeepFor";
import { ChoiceList, SettingForm, type PanelProps } from "../../job/SettingForm";
import { Button, Field, Select, TextInput } from "../../ui/controls";

type Style = Schemas["StyleView"]["style"];

/** A school, with the style of playing where there are several; a band for each string; or what stands there now. */
export type Wanted =
  | { school: string; style?: Style }
  | { bands: { low: string; high: string }[] }
  | { asMeasured: true };

/** The wanted heights: a school, shifted for player and instrument, or a band for each string. */
export function HeightTargetPanel({
  job,
  trouble,
  onDone,
  view,
  choose: ask,
}: PanelProps & {
  view: Schemas["HeightView"];
  choose: (wanted: Wanted) => Promise<JobView | null>;
}) {
  const { target } = view;
  const { register, handleSubmit } = useForm({ defaultValues: { bands: target.bands } });
  const [style, setStyle] = useState<Style>("any");
  const choose = (wanted: Wanted) =>
    void ask("school" in wanted && target.styles.length > 0 ? { ...wanted, style } : wanted).then(
      (done) => {
        if (done !== null) onDone();
      },
    );
  return (
    <>
      {target.styles.length > 0 && (
        <div className="mb-3 max-w-xs">
          <Field label="Style of the player" hint={`with a ${job.touch} touch`}>
            <Select
              value={style}
              onChange={(e) => {
                const chosen = target.styles.find((s) => s.style === e.target.value);
                if (chosen !== undefined) setStyle(chosen.style);
              }}
            >
              {target.styles.map((s) => (
                <option key={s.style} value={s.style}>
                  {s.label}
                </option>
              ))}
            </Select>
          </Field>
        </div>
      )}
      <ChoiceList
        choices={target.schools.map((s) => ({
          code: s.school,
          label: s.label,
          detail: `${s.bands} (${view.suffix})`,
          reason: s.reason,
        }))}
        chosen={target.school}
        onChoose={(school) => choose({ school })}
      />
      <SettingForm
        action="Use these bands"
        trouble={trouble}
        className="grid gap-x-6 gap-y-2 border-t border-line pt-3 sm:grid-cols-2"
        onSubmit={handleSubmit(({ bands }) =>
          choose({ bands: bands.map((b) => ({ low: b.low, high: b.high })) }),
        )}
        more={
          <Button onClick={() => choose({ asMeasured: true })}>Want what is measured now</Button>
        }
      >
        <p className="col-span-full text-[15px] text-mute">
          Or each string by hand, in {view.suffix}, {view.method}. A favourite is the player&apos;s,
          not the book&apos;s: measure what they like, want it, and keep it below.
        </p>
        {target.bands.map((band, i) => (
          <div
            key={band.string}
            className="grid grid-cols-[4em_1fr_auto_1fr] items-center gap-2 text-[17px]"
          >
            <span className="font-semibold">
              {band.string} {band.name}
            </span>
            {(["low", "high"] as const).map((end) => (
              <TextInput
                key={end}
                className={end === "high" ? "order-3" : ""}
                aria-label={`String ${band.string} ${band.name}, ${end === "low" ? "from" : "to"}, ${view.suffix}`}
                {...register(`bands.${i}.${end}`)}
              />
            ))}
            <span className="order-2" aria-hidden="true">
              –
            </span>
          </div>
        ))}
      </SettingForm>
      <KeepFor job={job} what={view.station} />
    </>
  );
}
