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

const NUT_WAYS = ["FILED", "UNDERSIDE_SANDED", "SHIMMED", "FILLED", "RENEWED"] as const;
type NutWay = (typeof NUT_WAYS)[number];

/** Work at the nut that was done otherwise than advised. */
export function OtherNut({ job, send, onDone, working }: OtherProps) {
  const rows = job.nut.rows;
  const [way, setWay] = useState<NutWay>("FILED");
  const [string, setString] = useState(rows[0]?.string ?? 1);
  const [strokes, setStrokes] = useState(3);
  const [light, setLight] = useState(false);
  const [change, setChange] = useState("");
  const single = way === "FILED" || way === "FILLED";
  const submit = async () => {
    const done = await send((stamp, params) =>
      way === "FILED"
        ? api.POST("/api/jobs/{id}/filings", {
            params,
            body: { ...stamp, slots: [{ string, strokes, light }] },
          })
        : api.POST("/api/jobs/{id}/nut-reworks", {
            params,
            body: { ...stamp, way, change, ...(way === "FILLED" ? { strings: [string] } : {}) },
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
      ) : (
        <Field label={`Change, ${job.unitSuffix}`} hint="minus lowers, plus raises">
          <TextInput required value={change} onChange={(e) => setChange(e.target.value)} />
        </Field>
      )}
    </MoveForm>
  );
}

const AMOUNTS = [-32, -24, -20, -16, -12, -8, -6, -4, -2, -1, 0, 1, 2, 4, 6, 8, 12, 16, 20, 24, 32];

function turns(sixteenths: number): string {
  if (sixteenths === 0) return "not turned";
  const n = Math.abs(sixteenths);
  const whole = Math.floor(n / 16);
  let rest = n % 16;
  let below = 16;
  while (rest > 0 && rest % 2 === 0) {
    rest /= 2;
    below /= 2;
  }
  const part = rest === 0 ? "" : `${rest}/${below}`;
  return `${[whole === 0 ? "" : whole, part].filter((t) => t !== "").join(" ")} ${sixteenths > 0 ? "up" : "down"}`;
}

/** Work at the bridge that was done otherwise than advised. */
export function OtherBridge({ job, send, onDone, working }: OtherProps) {
  const { bridge } = job;
  const [moved, setMoved] = useState<Record<number, number>>({});
  const [way, setWay] = useState<"SANDED" | "SHIMMED" | "RENEWED">("SANDED");
  const [bass, setBass] = useState("0");
  const [treble, setTreble] = useState("0");
  const submit = async () => {
    const done = await send((stamp, params) =>
      bridge.screwed
        ? api.POST("/api/jobs/{id}/screws", {
            params,
            body: { ...stamp, sixteenths: bridge.screws.map((_, i) => moved[i] ?? 0) },
          })
        : api.POST("/api/jobs/{id}/saddle-reworks", {
            params,
            body: { ...stamp, way, bass, treble },
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
        bridge.screws.map((screw, i) => (
          <Field key={screw.name} label={screw.name} hint={screw.net}>
            <Select
              autoFocus={i === 0}
              value={moved[i] ?? 0}
              onChange={(e) => setMoved({ ...moved, [i]: Number(e.target.value) })}
            >
              {AMOUNTS.map((a) => (
                <option key={a} value={a}>
                  {turns(a)}
                </option>
              ))}
            </Select>
          </Field>
        ))
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
          <Field
            label={`Under the lowest string, ${job.unitSuffix}`}
            hint="minus lowers, plus raises"
          >
            <TextInput value={bass} onChange={(e) => setBass(e.target.value)} />
          </Field>
          <Field label={`Under string 1, ${job.unitSuffix}`} hint="minus lowers, plus raises">
            <TextInput value={treble} onChange={(e) => setTreble(e.target.value)} />
          </Field>
        </>
      )}
    </MoveForm>
  );
}
