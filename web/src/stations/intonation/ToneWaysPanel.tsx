import { useState } from "react";
import { api } from "../../app/api";
import { KeepFor } from "../../job/KeepFor";
import { SettingForm, Tick, type PanelProps } from "../../job/SettingForm";
import { Field, Select, TextInput } from "../../ui/controls";
import { pick } from "../../ui/pick";

const RULES = ["split", "favour-first", "favour-second"] as const;
const PLACES = ["twelfth", "everywhere", "low", "high"] as const;

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
            api.POST("/api/jobs/{id}/intonation/ways", {
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
              set({ reference: pick(e.target.value, ["open", "harmonic"] as const, "open") })
            }
          >
            <option value="open">the open string (usual)</option>
            <option value="harmonic">the harmonic at 12</option>
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
              <option value="split">split the error</option>
              <option value="favour-first">favour {pair.lower}</option>
              <option value="favour-second">favour {pair.higher}</option>
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
