import { useState } from "react";
import { api, type JobView } from "../app/api";
import { Field, Select, TextInput } from "../ui/controls";
import { MoveForm } from "./MoveForm";
import { pick } from "../ui/pick";
import type { Send } from "./useJob";

interface OtherProps {
  job: JobView;
  send: Send;
  onDone: () => void;
  working: boolean;
}

const NUT_WAYS = [
  "FILED",
  "UNDERSIDE_SANDED",
  "SHIMMED",
  "FILLED",
  "RENEWED",
  "UNCOUNTED",
] as const;
type NutWay = (typeof NUT_WAYS)[number];

const MATERIALS = [
  ["BONE", "bone"],
  ["PLASTIC", "plastic"],
  ["BRASS", "brass"],
  ["GRAPHITE", "graphite-like"],
  ["COMPOSITE", "composite"],
] as const;

/** What follows from work whose amount nobody measures. */
function ReadNext({ what }: { what: string }) {
  return (
    <p className="col-span-2 text-[15px] text-mute">
      No amount is noted: {what} counts as not read, and is asked for.
    </p>
  );
}

/** Work at the nut that was done otherwise than advised. */
export function OtherNut({ job, send, onDone, working }: OtherProps) {
  const rows = job.nut.rows;
  const [way, setWay] = useState<NutWay>("FILED");
  const [string, setString] = useState(rows[0]?.string ?? 1);
  const [strokes, setStrokes] = useState(3);
  const [light, setLight] = useState(false);
  const [change, setChange] = useState("");
  const [material, setMaterial] = useState<(typeof MATERIALS)[number][0]>("BONE");
  const single = way === "FILED" || way === "FILLED" || way === "UNCOUNTED";
  const submit = async () => {
    const done = await send((stamp, params) =>
      way === "UNCOUNTED"
        ? api.POST("/api/jobs/{id}/uncounted", {
            params,
            body: { ...stamp, station: "NUT", strings: [string] },
          })
        : way === "FILED"
          ? api.POST("/api/jobs/{id}/nut/filings", {
              params,
              body: { ...stamp, slots: [{ string, strokes, light }] },
            })
          : api.POST("/api/jobs/{id}/nut/reworks", {
              params,
              body: {
                ...stamp,
                way,
                ...(way === "UNDERSIDE_SANDED" ? { change } : {}),
                ...(way === "RENEWED" ? { material } : {}),
                ...(way === "FILLED" ? { strings: [string] } : {}),
              },
            }),
    );
    if (done !== null) onDone();
  };
  return (
    <MoveForm
      working={working}
      onDone={onDone}
      onSubmit={() => {
        void submit();
      }}
    >
      <Field label="At the nut">
        <Select
          autoFocus
          value={way}
          onChange={(e) => setWay(pick<NutWay>(e.target.value, NUT_WAYS, way))}
        >
          <option value="FILED">filed a slot</option>
          <option value="UNDERSIDE_SANDED">sanded the underside</option>
          <option value="SHIMMED">shimmed it</option>
          <option value="FILLED">filled a slot (temporary)</option>
          <option value="RENEWED">a new nut</option>
          <option value="UNCOUNTED">filed without counting</option>
        </Select>
      </Field>
      {single && (
        <Field label="Slot">
          <Select value={string} onChange={(e) => setString(Number(e.target.value))}>
            {rows.map((r) => (
              <option key={r.string} value={r.string}>
                {r.string} {r.name}
              </option>
            ))}
          </Select>
        </Field>
      )}
      {way === "FILED" ? (
        <>
          <Field label="Strokes">
            <TextInput
              type="number"
              min={1}
              max={60}
              value={strokes}
              onChange={(e) => setStrokes(Number(e.target.value))}
            />
          </Field>
          <label className="flex min-h-11 items-center gap-3">
            <input
              type="checkbox"
              className="size-6 accent-ink"
              checked={light}
              onChange={(e) => setLight(e.target.checked)}
            />
            light, hardly any pressure
          </label>
        </>
      ) : way === "UNDERSIDE_SANDED" ? (
        <Field label={`Change, ${job.nut.suffix}`} hint="with a minus: sanding lowers">
          <TextInput required value={change} onChange={(e) => setChange(e.target.value)} />
        </Field>
      ) : (
        <>
          {way === "RENEWED" && (
            <Field label="Material">
              <Select
                value={material}
                onChange={(e) =>
                  setMaterial(
                    pick(
                      e.target.value,
                      MATERIALS.map(([code]) => code),
                      material,
                    ),
                  )
                }
              >
                {MATERIALS.map(([code, label]) => (
                  <option key={code} value={code}>
                    {label}
                  </option>
                ))}
              </Select>
            </Field>
          )}
          <ReadNext what={single ? "this slot" : "every slot"} />
        </>
      )}
    </MoveForm>
  );
}

/** Work at the bridge that was done otherwise than advised. */
export function OtherBridge({ job, send, onDone, working }: OtherProps) {
  const { bridge } = job;
  const [moved, setMoved] = useState<Record<number, string>>({});
  const [uncounted, setUncounted] = useState(false);
  const [way, setWay] = useState<"SANDED" | "SHIMMED" | "RENEWED">("SANDED");
  const [bass, setBass] = useState("0");
  const [treble, setTreble] = useState("0");
  const submit = async () => {
    const done = await send((stamp, params) =>
      uncounted
        ? api.POST("/api/jobs/{id}/uncounted", { params, body: { ...stamp, station: "ACTION" } })
        : bridge.screwed
          ? api.POST("/api/jobs/{id}/action/screws", {
              params,
              body: { ...stamp, turns: bridge.screws.map((_, i) => moved[i] ?? "") },
            })
          : api.POST("/api/jobs/{id}/action/reworks", {
              params,
              body: { ...stamp, way, ...(way === "SANDED" ? { bass, treble } : {}) },
            }),
    );
    if (done !== null) onDone();
  };
  return (
    <MoveForm
      working={working}
      onDone={onDone}
      onSubmit={() => {
        void submit();
      }}
    >
      {bridge.screwed ? (
        <>
          <p className="col-span-2 text-[15px] text-mute">
            Turns of each screw, in sixteenths: 1/8, -3/16, 1 1/4. Minus lowers; nothing for one
            that was not turned.
          </p>
          {bridge.screws.map((screw, i) => (
            <Field key={screw.name} label={screw.name} hint={screw.net}>
              <TextInput
                autoFocus={i === 0}
                disabled={uncounted}
                value={moved[i] ?? ""}
                onChange={(e) => setMoved({ ...moved, [i]: e.target.value })}
              />
            </Field>
          ))}
          <label className="col-span-2 flex min-h-11 items-center gap-3">
            <input
              type="checkbox"
              className="size-6 accent-ink"
              checked={uncounted}
              onChange={(e) => setUncounted(e.target.checked)}
            />
            turned without counting: the action is read again
          </label>
        </>
      ) : (
        <>
          <div className="col-span-2">
            <Field label="The saddle was">
              <Select
                autoFocus
                value={way}
                onChange={(e) =>
                  setWay(pick(e.target.value, ["SANDED", "SHIMMED", "RENEWED"] as const, way))
                }
              >
                <option value="SANDED">sanded underneath</option>
                <option value="SHIMMED">shimmed</option>
                <option value="RENEWED">renewed</option>
              </Select>
            </Field>
          </div>
          {way === "SANDED" ? (
            <>
              <Field
                label={`Under the lowest string, ${bridge.suffix}`}
                hint="with a minus: sanding lowers"
              >
                <TextInput value={bass} onChange={(e) => setBass(e.target.value)} />
              </Field>
              <Field label={`Under string 1, ${bridge.suffix}`} hint="with a minus">
                <TextInput value={treble} onChange={(e) => setTreble(e.target.value)} />
              </Field>
            </>
          ) : (
            <ReadNext what="the action" />
          )}
        </>
      )}
    </MoveForm>
  );
}
