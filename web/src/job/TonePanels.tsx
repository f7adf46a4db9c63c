import { useState } from "react";
import { api, type JobView } from "../app/api";
import { Button, Field, Select, TextInput, Trouble } from "../ui/controls";
import { Heads } from "../ui/Heads";
import { pick } from "../ui/pick";
import { SettingForm, Tick, type PanelProps } from "./SettingForm";
import { KeepFor } from "./TargetPanels";

const RULES = ["SPLIT", "FAVOUR_FIRST", "FAVOUR_SECOND"] as const;
const PLACES = ["TWELFTH", "EVERYWHERE", "LOW", "HIGH"] as const;

/** How intonation is read and judged: frets, where the player plays, reference, tolerances, pairs, tuning. */
export function ToneWaysPanel({ job, send, trouble, onDone }: PanelProps) {
  const [ways, setWays] = useState(job.intonation.ways);
  const set = (change: Partial<typeof ways>) => setWays({ ...ways, ...change });
  const reason = ways.wheres.find((w) => w.where === ways.where)?.reason;
  return (
    <>
      <SettingForm
        action="Read it this way"
        trouble={trouble}
        onSubmit={() =>
          void send((stamp, params) =>
            api.POST("/api/jobs/{id}/intonation-ways", {
              params,
              body: {
                ...stamp,
                frets: ways.frets,
                where: ways.where,
                reference: ways.reference,
                tolerances: ways.tolerances,
                pairs: ways.pairs.map((p) => p.rule),
                a4: ways.a4,
                offsets: ways.offsets,
                upToPitch: ways.upToPitch,
              },
            }),
          ).then((done) => {
            if (done !== null) onDone();
          })
        }
      >
        <fieldset className="col-span-full flex flex-wrap gap-x-5">
          <legend className="text-[14px] font-semibold text-mute">
            Frets read besides the open string
          </legend>
          {ways.choices.map((fret) => (
            <Tick
              key={fret}
              checked={ways.frets.includes(fret)}
              onChange={(on) =>
                fret !== 12 &&
                set({
                  frets: on ? [...ways.frets, fret] : ways.frets.filter((f) => f !== fret),
                })
              }
            >
              {fret}
            </Tick>
          ))}
        </fieldset>
        <Field label="Where the player plays" hint={reason}>
          <Select
            value={ways.where}
            onChange={(e) => set({ where: pick(e.target.value, PLACES, ways.where) })}
          >
            {ways.wheres.map((w) => (
              <option key={w.where} value={w.where}>
                {w.label}
              </option>
            ))}
          </Select>
        </Field>
        <Field label="Compared with" hint="the harmonic only on fresh strings">
          <Select
            value={ways.reference}
            onChange={(e) =>
              set({ reference: pick(e.target.value, ["OPEN", "HARMONIC"] as const, "OPEN") })
            }
          >
            <option value="OPEN">the open string (usual)</option>
            <option value="HARMONIC">the harmonic at 12</option>
          </Select>
        </Field>
        {ways.pairs.map((pair, i) => (
          <Field key={pair.name} label={pair.name} hint={pair.wanted}>
            <Select
              value={pair.rule}
              onChange={(e) =>
                set({
                  pairs: ways.pairs.map((p, j) =>
                    j === i ? { ...p, rule: pick(e.target.value, RULES, p.rule) } : p,
                  ),
                })
              }
            >
              <option value="SPLIT">split the error</option>
              <option value="FAVOUR_FIRST">favour {pair.lower}</option>
              <option value="FAVOUR_SECOND">favour {pair.higher}</option>
            </Select>
          </Field>
        ))}
        <fieldset className="col-span-full grid grid-cols-3 gap-3 sm:grid-cols-6">
          <legend className="text-[14px] font-semibold text-mute">Good enough, ± cents</legend>
          {job.intonation.rows.map((row) => (
            <Field key={row.string} label={`${row.string} ${row.name}`}>
              <TextInput
                value={ways.tolerances[row.string - 1] ?? ""}
                onChange={(e) =>
                  set({
                    tolerances: ways.tolerances.map((t, i) =>
                      i === row.string - 1 ? e.target.value : t,
                    ),
                  })
                }
              />
            </Field>
          ))}
        </fieldset>
        <Field label="Reference pitch, Hz" hint="415 to 466">
          <TextInput value={ways.a4} onChange={(e) => set({ a4: e.target.value })} />
        </Field>
        <Field label="Offsets of the open strings, cents" hint="lowest first; empty for none">
          <TextInput value={ways.offsets} onChange={(e) => set({ offsets: e.target.value })} />
        </Field>
        <div className="col-span-full">
          <Tick checked={ways.upToPitch} onChange={(upToPitch) => set({ upToPitch })}>
            Tune up to pitch, never down to it
          </Tick>
        </div>
      </SettingForm>
      <KeepFor job={job} what="intonation" />
    </>
  );
}

const GAPS = [
  ["usualBass", "Usual magnets, bass"],
  ["usualTreble", "Usual magnets, treble"],
  ["strongBass", "Strong magnets, bass"],
  ["strongTreble", "Strong magnets, treble"],
] as const;

/** The wanted gaps between string and pickup. */
export function PickupTargetPanel({ job, send, trouble, onDone }: PanelProps) {
  const [gaps, setGaps] = useState(job.pickups.target);
  return (
    <>
      <p className="mb-3 text-[16px] text-mute">{job.pickups.method}.</p>
      <SettingForm
        action="Use these gaps"
        trouble={trouble}
        className="grid grid-cols-2 gap-4"
        onSubmit={() =>
          void send((stamp, params) =>
            api.POST("/api/jobs/{id}/pickup-target", { params, body: { ...stamp, ...gaps } }),
          ).then((done) => {
            if (done !== null) onDone();
          })
        }
      >
        {GAPS.flatMap(([key, label]) =>
          (["low", "high"] as const).map((end) => (
            <Field
              key={key + end}
              label={`${label} ${end === "low" ? "from" : "to"}, ${job.unitSuffix}`}
            >
              <TextInput
                value={gaps[key][end]}
                onChange={(e) =>
                  setGaps({ ...gaps, [key]: { ...gaps[key], [end]: e.target.value } })
                }
              />
            </Field>
          )),
        )}
      </SettingForm>
      <KeepFor job={job} what="pickups" />
    </>
  );
}

/** The strings that are on, where the saddles start, how far they can go, and what their pattern says. */
export function SaddlesPanel({ job, send, trouble }: Omit<PanelProps, "onDone">) {
  const { strings, saddles } = job.intonation;
  const [drops, setDrops] = useState<Record<number, string>>({});
  const [support, setSupport] = useState(0);
  const [forward, setForward] = useState("");
  const [back, setBack] = useState("");
  const [places, setPlaces] = useState<Record<number, string>>({});
  const rows = job.intonation.rows;
  return (
    <div className="flex flex-col gap-5">
      {trouble !== null && <Trouble text={trouble} />}
      <section>
        <h3 className="wide mb-2 text-[17px] font-bold">Strings</h3>
        <Field label="What is on" hint="on an old set the result is provisional">
          <Select
            value={strings.age}
            onChange={(e) => {
              const age = strings.ages.find((a) => a.age === e.target.value)?.age;
              if (age === undefined) return;
              void send((stamp, params) =>
                api.POST("/api/jobs/{id}/strings-on", { params, body: { ...stamp, age } }),
              );
            }}
          >
            {strings.ages.map((a) => (
              <option key={a.age} value={a.age}>
                {a.label}
              </option>
            ))}
          </Select>
        </Field>
        <table className="mt-3 w-full text-[17px]">
          <caption className="text-left text-[15px] text-mute">
            Stretch, hear or type how far the pitch dropped, tune up, and again until it is under 3
            cents.
          </caption>
          <thead>
            <Heads cells={["String", "Rounds", "Drop, cents"]} />
          </thead>
          <tbody>
            {strings.stretches.map((s) => (
              <tr key={s.string} className="border-t border-line">
                <th scope="row" className="text-left font-semibold">
                  {s.string} {s.name}
                </th>
                <td className="px-2">
                  {s.rounds === 0
                    ? "not logged"
                    : `${s.rounds} round${s.rounds === 1 ? "" : "s"}, last ${s.last ?? ""} cents`}
                  {s.settled && <span className="text-verdigris"> ✓ settled</span>}
                </td>
                <td className="py-1 text-right">
                  <form
                    className="flex justify-end gap-2"
                    onSubmit={(event) => {
                      event.preventDefault();
                      void send((stamp, params) =>
                        api.POST("/api/jobs/{id}/stretches", {
                          params,
                          body: { ...stamp, string: s.string, drop: drops[s.string] ?? "" },
                        }),
                      ).then((done) => {
                        if (done !== null) setDrops((all) => ({ ...all, [s.string]: "" }));
                      });
                    }}
                  >
                    <TextInput
                      required
                      aria-label={`Drop of string ${s.string} ${s.name}, cents`}
                      className="!w-[84px] text-right"
                      value={drops[s.string] ?? ""}
                      onChange={(e) => setDrops((all) => ({ ...all, [s.string]: e.target.value }))}
                    />
                    <Button type="submit">Log</Button>
                  </form>
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      </section>
      <section className="border-t border-line pt-3">
        <h3 className="wide text-[17px] font-bold">Saddles: {saddles.mechanism}</h3>
        {saddles.screw !== "" && <p className="text-[15px] text-mute">{saddles.screw}.</p>}
        <ul className="mt-1 text-[16px]">
          {saddles.saddles.map((s) => (
            <li key={s.support}>
              <strong>{s.name}</strong> {s.moved}
              {s.room === undefined ? "" : `; room ${s.room}`}
            </li>
          ))}
        </ul>
        {saddles.screwed && (
          <Button
            className="mt-2"
            onClick={() =>
              void send((stamp, params) =>
                api.POST("/api/jobs/{id}/length-direction", {
                  params,
                  body: { ...stamp, clockwiseBack: saddles.screw.endsWith("towards the nut") },
                }),
              )
            }
          >
            {saddles.screw.endsWith("towards the nut")
              ? "Here clockwise moves a saddle back"
              : "Here clockwise moves a saddle towards the nut"}
          </Button>
        )}
        <form
          className="mt-3 grid grid-cols-3 items-end gap-3"
          onSubmit={(event) => {
            event.preventDefault();
            void send((stamp, params) =>
              api.POST("/api/jobs/{id}/length-travel", {
                params,
                body: { ...stamp, support, forward, back },
              }),
            );
          }}
        >
          <Field label="Travel left of">
            <Select value={support} onChange={(e) => setSupport(Number(e.target.value))}>
              {saddles.saddles.map((s) => (
                <option key={s.support} value={s.support}>
                  {s.name}
                </option>
              ))}
            </Select>
          </Field>
          <Field label={`To the nut, ${job.unitSuffix}`}>
            <TextInput required value={forward} onChange={(e) => setForward(e.target.value)} />
          </Field>
          <Field label={`Back, ${job.unitSuffix}`}>
            <TextInput required value={back} onChange={(e) => setBack(e.target.value)} />
          </Field>
          <div className="col-span-3">
            <Button type="submit">Record the travel</Button>
          </div>
        </form>
      </section>
      {saddles.starts.length > 0 && (
        <section className="border-t border-line pt-3">
          <h3 className="wide text-[17px] font-bold">Start on a bare bridge</h3>
          <p className="text-[16px]">{saddles.starts.join("; ")}.</p>
          <h3 className="wide mt-3 text-[17px] font-bold">The pattern of the saddles</h3>
          {saddles.pattern.map((line) => (
            <p key={line} className="text-[16px]">
              {line}
            </p>
          ))}
          <form
            className="mt-2 grid grid-cols-3 items-end gap-3 sm:grid-cols-6"
            onSubmit={(event) => {
              event.preventDefault();
              void send((stamp, params) =>
                api.POST("/api/jobs/{id}/saddle-places", {
                  params,
                  body: {
                    ...stamp,
                    places: rows
                      .map((r) => r.string)
                      .toSorted((a, b) => a - b)
                      .map((s) => (s === 1 ? "0" : (places[s] ?? ""))),
                  },
                }),
              );
            }}
          >
            <p className="col-span-full text-[15px] text-mute">
              How far each saddle stands behind the first string&apos;s, {job.unitSuffix}; minus
              when it is nearer to the nut.
            </p>
            {rows
              .filter((r) => r.string !== 1)
              .map((r) => (
                <Field key={r.string} label={`${r.string} ${r.name}`}>
                  <TextInput
                    required
                    value={places[r.string] ?? ""}
                    onChange={(e) => setPlaces((all) => ({ ...all, [r.string]: e.target.value }))}
                  />
                </Field>
              ))}
            <Button type="submit">Check it</Button>
          </form>
        </section>
      )}
    </div>
  );
}

const EIGHTHS = Array.from({ length: 49 }, (_, i) => (24 - i) * 2);

/** Saddles moved otherwise than advised: turns where there are screws, millimetres where not. */
export function OtherSaddles({
  job,
  send,
  onDone,
  working,
}: {
  job: JobView;
  send: PanelProps["send"];
  onDone: () => void;
  working: boolean;
}) {
  const { saddles } = job.intonation;
  const [turns, setTurns] = useState<Record<number, number>>({});
  const [back, setBack] = useState<Record<number, string>>({});
  return (
    <form
      className="mt-3 grid grid-cols-2 items-end gap-3 border-t border-line pt-3"
      onSubmit={(event) => {
        event.preventDefault();
        void send((stamp, params) =>
          api.POST("/api/jobs/{id}/saddles", {
            params,
            body: {
              ...stamp,
              sixteenths: saddles.screwed ? saddles.saddles.map((s) => turns[s.support] ?? 0) : [],
              back: saddles.screwed ? [] : saddles.saddles.map((s) => back[s.support] ?? ""),
            },
          }),
        ).then((done) => {
          if (done !== null) onDone();
        });
      }}
    >
      {saddles.saddles.map((s, i) =>
        saddles.screwed ? (
          <Field key={s.support} label={`${s.name}, as the screwdriver sees it`} hint={s.moved}>
            <Select
              autoFocus={i === 0}
              value={turns[s.support] ?? 0}
              onChange={(e) => setTurns({ ...turns, [s.support]: Number(e.target.value) })}
            >
              {EIGHTHS.map((sixteenths) => (
                <option key={sixteenths} value={sixteenths}>
                  {turned(sixteenths)}
                </option>
              ))}
            </Select>
          </Field>
        ) : (
          <Field
            key={s.support}
            label={`${s.name}, ${job.unitSuffix} back`}
            hint="minus: towards the nut"
          >
            <TextInput
              autoFocus={i === 0}
              value={back[s.support] ?? ""}
              onChange={(e) => setBack({ ...back, [s.support]: e.target.value })}
            />
          </Field>
        ),
      )}
      <div className="col-span-2 flex gap-2">
        <Button strong type="submit" disabled={working}>
          Record it
        </Button>
        <Button onClick={onDone}>Not now</Button>
      </div>
    </form>
  );
}

/** Pickup screws turned otherwise than advised. */
export function OtherPickups({
  job,
  send,
  onDone,
  working,
}: {
  job: JobView;
  send: PanelProps["send"];
  onDone: () => void;
  working: boolean;
}) {
  const [pickup, setPickup] = useState(0);
  const [bass, setBass] = useState(0);
  const [treble, setTreble] = useState(0);
  return (
    <form
      className="mt-3 grid grid-cols-2 items-end gap-3 border-t border-line pt-3"
      onSubmit={(event) => {
        event.preventDefault();
        void send((stamp, params) =>
          api.POST("/api/jobs/{id}/pickup-turns", {
            params,
            body: { ...stamp, pickup, bassSixteenths: bass, trebleSixteenths: treble },
          }),
        ).then((done) => {
          if (done !== null) onDone();
        });
      }}
    >
      <div className="col-span-2">
        <Field label="Pickup">
          <Select autoFocus value={pickup} onChange={(e) => setPickup(Number(e.target.value))}>
            {job.pickups.pickups.map((p) => (
              <option key={p.pickup} value={p.pickup}>
                {p.label}
              </option>
            ))}
          </Select>
        </Field>
      </div>
      {(
        [
          ["Bass side", bass, setBass],
          ["Treble side", treble, setTreble],
        ] as const
      ).map(([label, value, set]) => (
        <Field key={label} label={`${label}, as the screwdriver sees it`}>
          <Select value={value} onChange={(e) => set(Number(e.target.value))}>
            {EIGHTHS.map((sixteenths) => (
              <option key={sixteenths} value={sixteenths}>
                {turned(sixteenths)}
              </option>
            ))}
          </Select>
        </Field>
      ))}
      <div className="col-span-2 flex gap-2">
        <Button strong type="submit" disabled={working}>
          Record it
        </Button>
        <Button onClick={onDone}>Not now</Button>
      </div>
    </form>
  );
}

/** Turns in eighths, as they are spoken. */
function turned(sixteenths: number): string {
  if (sixteenths === 0) return "not turned";
  const eighths = Math.abs(sixteenths) / 2;
  const whole = Math.floor(eighths / 8);
  const rest = eighths % 8;
  const part =
    rest === 0 ? "" : rest % 4 === 0 ? "1/2" : rest % 2 === 0 ? `${rest / 2}/4` : `${rest}/8`;
  const amount = [whole === 0 ? "" : String(whole), part].filter((t) => t !== "").join(" ");
  return `${amount} turn${whole > 0 && (whole > 1 || part !== "") ? "s" : ""} ${sixteenths > 0 ? "clockwise" : "anticlockwise"}`;
}
