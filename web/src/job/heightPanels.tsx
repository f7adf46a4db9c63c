import { useState } from "react";
import { answer, api, type JobView, type Schemas } from "../app/api";
import { Button, Field, Select, TextInput, Trouble } from "../ui/controls";
import { pick } from "../ui/pick";
import { TITLE, type Station } from "./stations";
import type { Send } from "./useJob";

interface PanelProps {
  job: JobView;
  send: Send;
  trouble: string | null;
  onDone: () => void;
}

function viewOf(job: JobView, station: Station): Schemas["HeightView"] {
  return station === "NUT" ? job.nut : job.action;
}

/** How nut heights or action are read: by which method, with which tool, in which position. */
export function HeightHabitPanel({
  job,
  send,
  trouble,
  onDone,
  station,
}: PanelProps & { station: Station }) {
  const view = viewOf(job, station);
  const [habit, setHabit] = useState(view.habit);
  const set = (change: Partial<typeof habit>) => setHabit({ ...habit, ...change });
  const choice = view.methods.findIndex(
    (m) => m.pressed === habit.pressed && m.fret === habit.fret,
  );
  return (
    <form
      className="grid gap-4 sm:grid-cols-2"
      onSubmit={(event) => {
        event.preventDefault();
        void send((stamp, params) =>
          api.POST("/api/jobs/{id}/height-habit", {
            params,
            body: { ...stamp, station, ...habit },
          }),
        ).then((done) => {
          if (done !== null) onDone();
        });
      }}
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
      {station === "ACTION" && (
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
      <Field label="Tool for typed readings" hint="its uncertainty is part of every reading">
        <Select value={habit.tool} onChange={(e) => set({ tool: e.target.value })}>
          {view.tools.map((t) => (
            <option key={t.code} value={t.code}>
              {t.label}, {t.precision}
            </option>
          ))}
        </Select>
      </Field>
      <label className="flex min-h-11 items-center gap-3 self-end">
        <input
          type="checkbox"
          className="size-6 accent-ink"
          checked={habit.flat}
          onChange={(e) => set({ flat: e.target.checked })}
        />
        Lies flat on the bench
      </label>
      {trouble !== null && (
        <div className="sm:col-span-2">
          <Trouble text={trouble} />
        </div>
      )}
      <div className="sm:col-span-2">
        <Button strong type="submit">
          Read this way
        </Button>
      </div>
    </form>
  );
}

/** The wanted heights: a school, shifted for player and instrument, or a band for each string. */
export function HeightTargetPanel({
  job,
  send,
  trouble,
  onDone,
  station,
}: PanelProps & { station: Station }) {
  const view = viewOf(job, station);
  const { target } = view;
  const [bands, setBands] = useState(target.bands);
  const [style, setStyle] = useState<NonNullable<Schemas["HeightTarget"]["style"]>>("ANY");
  const choose = (
    body: { school: string } | { bands: { low: string; high: string }[] } | { asMeasured: true },
  ) =>
    void send((stamp, params) =>
      api.POST("/api/jobs/{id}/height-target", {
        params,
        body: { ...stamp, station, ...("school" in body ? { ...body, style } : body) },
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
      <ul className="mb-4">
        {target.schools.map((s) => (
          <li key={s.school} className="border-t border-line">
            <button
              type="button"
              aria-pressed={target.school === s.school}
              onClick={() => choose({ school: s.school })}
              className="eases grid min-h-14 w-full grid-cols-[1fr_auto] gap-x-4 py-2 text-left hover:bg-paper"
            >
              <span className="text-[18px] font-semibold">
                {s.label}
                {target.school === s.school && <span className="text-verdigris"> ✓ chosen</span>}
              </span>
              <span className="text-right text-[15px]">
                {s.bands} ({job.unitSuffix})
              </span>
              <span className="col-span-2 text-[15px] text-mute">{s.reason}</span>
            </button>
          </li>
        ))}
      </ul>
      <form
        className="border-t border-line pt-3"
        onSubmit={(event) => {
          event.preventDefault();
          choose({ bands: bands.map((b) => ({ low: b.low, high: b.high })) });
        }}
      >
        <p className="mb-2 text-[15px] text-mute">
          Or each string by hand, in {job.unitSuffix}, {view.method}:
        </p>
        <div className="grid gap-x-6 gap-y-2 sm:grid-cols-2">
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
                  aria-label={`String ${band.string} ${band.name}, ${end === "low" ? "from" : "to"}, ${job.unitSuffix}`}
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
        </div>
        {trouble !== null && (
          <div className="mt-3">
            <Trouble text={trouble} />
          </div>
        )}
        <div className="mt-3">
          <div className="flex flex-wrap gap-2">
            <Button strong type="submit">
              Use these bands
            </Button>
            <Button onClick={() => choose({ asMeasured: true })}>Want what is measured now</Button>
          </div>
          <p className="mt-1 text-[15px] text-mute">
            A favourite is the player&apos;s, not the book&apos;s: measure what they like, want it,
            and keep it below.
          </p>
        </div>
      </form>
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
      .catch((error: unknown) => setTold(error instanceof Error ? error.message : String(error)));
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

/** The order of work, and the work that was agreed on. */
export function OrderPanel({ job, send, trouble, onDone }: PanelProps) {
  const { order } = job;
  const [scope, setScope] = useState(order.scope);
  return (
    <>
      <ul className="mb-4">
        {order.orders.map((o) => (
          <li key={o.order} className="border-t border-line">
            <button
              type="button"
              aria-pressed={o.order === order.order}
              onClick={() =>
                void send((stamp, params) =>
                  api.POST("/api/jobs/{id}/order", { params, body: { ...stamp, order: o.order } }),
                ).then((done) => {
                  if (done !== null) onDone();
                })
              }
              className="eases min-h-14 w-full py-2 text-left hover:bg-paper"
            >
              <span className="block text-[18px] font-semibold">
                {o.label}
                {o.order === order.order && <span className="text-verdigris"> ✓ chosen</span>}
              </span>
              <span className="block text-[15px] text-mute">{o.reason}</span>
            </button>
          </li>
        ))}
      </ul>
      <form
        className="border-t border-line pt-3"
        onSubmit={(event) => {
          event.preventDefault();
          void send((stamp, params) =>
            api.POST("/api/jobs/{id}/scope", { params, body: { ...stamp, stations: scope } }),
          ).then((done) => {
            if (done !== null) onDone();
          });
        }}
      >
        <ScopeFields scope={scope} onChange={setScope} />
        {trouble !== null && <Trouble text={trouble} />}
        <div className="mt-3">
          <Button strong type="submit">
            This was agreed
          </Button>
        </div>
      </form>
      <KeepFor job={job} what="order" />
    </>
  );
}

/** Which stations belong to the work. */
export function ScopeFields({
  scope,
  onChange,
}: {
  scope: readonly Station[];
  onChange: (scope: Station[]) => void;
}) {
  return (
    <fieldset className="flex flex-wrap items-center gap-x-6">
      <legend className="mb-1 text-[14px] font-semibold text-mute">Work agreed on</legend>
      {(["RELIEF", "NUT", "ACTION"] as const).map((station) => (
        <label key={station} className="flex min-h-11 items-center gap-3 text-[17px]">
          <input
            type="checkbox"
            className="size-6 accent-ink"
            checked={scope.includes(station)}
            onChange={(e) =>
              onChange(e.target.checked ? [...scope, station] : scope.filter((s) => s !== station))
            }
          />
          {TITLE[station]}
        </label>
      ))}
    </fieldset>
  );
}

/** What belongs to the bridge besides its heights: travel, neck angle, under-string gauge, neck shim. */
export function BridgePanel({ job, send, trouble, onDone }: PanelProps) {
  const { bridge } = job;
  const [down, setDown] = useState("");
  const [up, setUp] = useState("");
  const [above, setAbove] = useState("");
  const [radius, setRadius] = useState(bridge.radii[0] ?? "305");
  const [ringing, setRinging] = useState<readonly number[]>([]);
  const [end, setEnd] = useState<"HEEL" | "BODY_EDGE">("HEEL");
  const [thickness, setThickness] = useState("");
  const then = (done: JobView | null) => {
    if (done !== null) onDone();
  };
  const between = bridge.across.slice(1, -1);
  return (
    <div className="flex flex-col gap-5">
      {trouble !== null && <Trouble text={trouble} />}
      <form
        className="grid grid-cols-2 items-end gap-3"
        onSubmit={(event) => {
          event.preventDefault();
          void send((stamp, params) =>
            api.POST("/api/jobs/{id}/travel", { params, body: { ...stamp, down, up } }),
          ).then(then);
        }}
      >
        <h3 className="wide col-span-2 text-[17px] font-bold">
          Travel left{" "}
          <span className="font-normal text-mute">{bridge.travel ?? "not looked at"}</span>
        </h3>
        <Field
          label={bridge.screwed ? `Down, ${job.unitSuffix}` : `May come off, ${job.unitSuffix}`}
          hint={
            bridge.screwed
              ? "until it is on the floor"
              : "with 2 mm left standing proud for the break angle"
          }
        >
          <TextInput required value={down} onChange={(e) => setDown(e.target.value)} />
        </Field>
        <Field
          label={`Up, ${job.unitSuffix}`}
          hint={
            bridge.screwed
              ? "until a screw stands above the string or runs out"
              : "with enough left in the slot"
          }
        >
          <TextInput required value={up} onChange={(e) => setUp(e.target.value)} />
        </Field>
        <div className="col-span-2">
          <Button type="submit">Record the travel</Button>
        </div>
      </form>
      <form
        className="grid grid-cols-2 items-end gap-3 border-t border-line pt-3"
        onSubmit={(event) => {
          event.preventDefault();
          void send((stamp, params) =>
            api.POST("/api/jobs/{id}/neck-angle", { params, body: { ...stamp, above } }),
          ).then(then);
        }}
      >
        <h3 className="wide col-span-2 text-[17px] font-bold">Neck angle</h3>
        <Field
          label={`Straightedge above the bridge, ${job.unitSuffix}`}
          hint="laid on the frets; minus when it runs into the bridge"
        >
          <TextInput required value={above} onChange={(e) => setAbove(e.target.value)} />
        </Field>
        <Button type="submit">Record the angle</Button>
        {bridge.angle.map((line) => (
          <p key={line} className="col-span-2 text-[16px]">
            {line}
          </p>
        ))}
      </form>
      <form
        className="border-t border-line pt-3"
        onSubmit={(event) => {
          event.preventDefault();
          void send((stamp, params) =>
            api.POST("/api/jobs/{id}/gauge-patterns", {
              params,
              body: { ...stamp, radius: `${radius}mm`, ringing: [...ringing] },
            }),
          ).then(then);
        }}
      >
        <h3 className="wide mb-2 text-[17px] font-bold">Under-string gauge at the saddles</h3>
        <p className="mb-2 text-[15px] text-mute">
          Held just touching the outer strings. Pluck: what rings clear is high, what buzzes on it
          touches. {bridge.pattern ?? ""}
        </p>
        <div className="flex flex-wrap items-end gap-x-6 gap-y-2">
          <Field label="Gauge radius, mm">
            <Select value={radius} onChange={(e) => setRadius(e.target.value)}>
              {bridge.radii.map((r) => (
                <option key={r} value={r}>
                  {r}
                </option>
              ))}
            </Select>
          </Field>
          {between.toReversed().map((s) => (
            <label key={s.string} className="flex min-h-11 items-center gap-2 text-[17px]">
              <input
                type="checkbox"
                className="size-6 accent-ink"
                checked={ringing.includes(s.string)}
                onChange={(e) =>
                  setRinging(
                    e.target.checked
                      ? [...ringing, s.string]
                      : ringing.filter((r) => r !== s.string),
                  )
                }
              />
              {s.string} {s.name} rings
            </label>
          ))}
          <Button type="submit" disabled={bridge.radii.length === 0}>
            Record the pattern
          </Button>
        </div>
        {bridge.radii.length === 0 && (
          <p className="mt-2 text-[15px]">No radius gauge is among the shop&apos;s tools.</p>
        )}
      </form>
      {job.instrument.joint === "BOLTED" && (
        <form
          className="grid grid-cols-2 items-end gap-3 border-t border-line pt-3"
          onSubmit={(event) => {
            event.preventDefault();
            void send((stamp, params) =>
              api.POST("/api/jobs/{id}/neck-shims", { params, body: { ...stamp, end, thickness } }),
            ).then(then);
          }}
        >
          <h3 className="wide col-span-2 text-[17px] font-bold">A neck shim was laid in</h3>
          <Field label="Thick at">
            <Select
              value={end}
              onChange={(e) => setEnd(pick(e.target.value, ["HEEL", "BODY_EDGE"] as const, end))}
            >
              <option value="HEEL">the heel end (strings come lower)</option>
              <option value="BODY_EDGE">the body edge (strings come higher)</option>
            </Select>
          </Field>
          <Field label={`Thickness there, ${job.unitSuffix}`}>
            <TextInput required value={thickness} onChange={(e) => setThickness(e.target.value)} />
          </Field>
          <div className="col-span-2">
            <Button type="submit">Record the shim</Button>
          </div>
        </form>
      )}
    </div>
  );
}
