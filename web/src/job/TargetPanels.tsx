import { useState } from "react";
import { answer, api, asProblem, type JobView, type Schemas } from "../app/api";
import { Button, Field, Select, TextInput } from "../ui/controls";
import { ChoiceList, SettingForm, type PanelProps } from "./SettingForm";
import { heightViewOf, type HeightStation } from "./stations";

/** Chooses the wanted relief: a school, or bands of one's own. */
export function TargetPanel({ job, send, trouble, onDone }: PanelProps) {
  const { target } = job.relief;
  const [bands, setBands] = useState({
    bassLow: target.bassLow,
    bassHigh: target.bassHigh,
    trebleLow: target.trebleLow,
    trebleHigh: target.trebleHigh,
  });
  const choose = (body: { school: string } | typeof bands) =>
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
        onSubmit={() => choose(bands)}
      >
        {fields.map(([key, label]) => (
          <Field key={key} label={`${label}, ${job.relief.suffix}`}>
            <TextInput
              value={bands[key]}
              onChange={(e) => setBands({ ...bands, [key]: e.target.value })}
            />
          </Field>
        ))}
      </SettingForm>
      <KeepFor job={job} what="relief" />
    </>
  );
}

/** The wanted heights: a school, shifted for player and instrument, or a band for each string. */
export function HeightTargetPanel({
  job,
  send,
  trouble,
  onDone,
  station,
}: PanelProps & { station: HeightStation }) {
  const view = heightViewOf(job, station);
  const { target } = view;
  const [bands, setBands] = useState(target.bands);
  const [style, setStyle] = useState<NonNullable<Schemas["ActionTargetAsked"]["style"]>>("ANY");
  const choose = (
    body: { school: string } | { bands: { low: string; high: string }[] } | { asMeasured: true },
  ) =>
    void send((stamp, params) =>
      station === "NUT"
        ? api.POST("/api/jobs/{id}/nut/target", { params, body: { ...stamp, ...body } })
        : api.POST("/api/jobs/{id}/action/target", {
            params,
            body: { ...stamp, ...("school" in body ? { ...body, style } : body) },
          }),
    ).then((done) => {
      if (done !== null) onDone();
    });
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
        onSubmit={() => choose({ bands: bands.map((b) => ({ low: b.low, high: b.high })) })}
        more={
          <Button onClick={() => choose({ asMeasured: true })}>Want what is measured now</Button>
        }
      >
        <p className="col-span-full text-[15px] text-mute">
          Or each string by hand, in {view.suffix}, {view.method}. A favourite is the player&apos;s,
          not the book&apos;s: measure what they like, want it, and keep it below.
        </p>
        {bands.map((band, i) => (
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
                value={band[end]}
                onChange={(e) =>
                  setBands(bands.map((b, n) => (n === i ? { ...b, [end]: e.target.value } : b)))
                }
              />
            ))}
            <span className="order-2" aria-hidden="true">
              –
            </span>
          </div>
        ))}
      </SettingForm>
      <KeepFor job={job} what={station.toLowerCase()} />
    </>
  );
}

/** Keeps what this job wants for later jobs. */
export function KeepFor({ job, what }: { job: JobView; what: string }) {
  const [told, setTold] = useState<string | null>(null);
  const keep = (scope: "INSTRUMENT" | "PLAYER" | "SHOP", whom: string) =>
    void answer(
      api
        .PUT("/api/jobs/{id}/wishes", {
          params: { path: { id: job.id } },
          body: { what, scope },
        })
        .then((r) => ({ ...r, data: r.response.ok ? true : undefined })),
    )
      .then(() => setTold(`Kept for ${whom}: later jobs start with it.`))
      .catch((error: unknown) => setTold(asProblem(error).message));
  return (
    <div className="mt-4 border-t border-line pt-3 text-[16px]">
      <p className="mb-2 text-mute">
        Keep what this job wants now. The instrument goes before the player, the player before the
        shop.
      </p>
      <div className="flex flex-wrap gap-2">
        <Button onClick={() => keep("INSTRUMENT", "this instrument")}>For this instrument</Button>
        <Button onClick={() => keep("PLAYER", "this player")}>For this player</Button>
        <Button onClick={() => keep("SHOP", "the shop")}>For the shop</Button>
      </div>
      {told !== null && (
        <p role="status" className="mt-2 font-semibold">
          {told}
        </p>
      )}
    </div>
  );
}
