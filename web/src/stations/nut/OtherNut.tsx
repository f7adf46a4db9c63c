import { useState } from "react";
import { api } from "../../app/api";
import { MoveForm } from "../../job/MoveForm";
import { ReadNext } from "../../job/ReadNext";
import { Field, Select, TextInput } from "../../ui/controls";
import { pick } from "../../ui/pick";
import type { OtherProps } from "../room";

const NUT_WAYS = [
  "filed",
  "underside-sanded",
  "shimmed",
  "filled",
  "renewed",
  "uncounted",
] as const;
type NutWay = (typeof NUT_WAYS)[number];

const MATERIALS = [
  ["bone", "bone"],
  ["plastic", "plastic"],
  ["brass", "brass"],
  ["graphite", "graphite-like"],
  ["composite", "composite"],
] as const;

/** Work at the nut that was done otherwise than advised. */
export function OtherNut({ job, send, onDone, working }: OtherProps) {
  const rows = job.nut.rows;
  const advised = job.advice.station === "nut" ? job.advice.otherwise : undefined;
  const [way, setWay] = useState<NutWay>(pick<NutWay>(advised?.way ?? "", NUT_WAYS, "filed"));
  const [string, setString] = useState(advised?.at[0] ?? rows[0]?.string ?? 1);
  const [strokes, setStrokes] = useState(3);
  const [light, setLight] = useState(false);
  const [change, setChange] = useState("");
  const [material, setMaterial] = useState<(typeof MATERIALS)[number][0]>("bone");
  const single = way === "filed" || way === "filled" || way === "uncounted";
  const submit = async () => {
    const done = await send((stamp, params) =>
      way === "uncounted"
        ? api.POST("/api/jobs/{id}/uncounted", {
            params,
            body: { ...stamp, station: "nut", strings: [string] },
          })
        : way === "filed"
          ? api.POST("/api/jobs/{id}/nut/filings", {
              params,
              body: { ...stamp, slots: [{ string, strokes, light }] },
            })
          : api.POST("/api/jobs/{id}/nut/reworks", {
              params,
              body: {
                ...stamp,
                way,
                ...(way === "underside-sanded" ? { change } : {}),
                ...(way === "renewed" ? { material } : {}),
                ...(way === "filled" ? { strings: [string] } : {}),
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
          <option value="filed">filed a slot</option>
          <option value="underside-sanded">sanded the underside</option>
          <option value="shimmed">shimmed it</option>
          <option value="filled">filled a slot (temporary)</option>
          <option value="renewed">a new nut</option>
          <option value="uncounted">filed without counting</option>
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
      {way === "filed" ? (
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
      ) : way === "underside-sanded" ? (
        <Field label={`Change, ${job.nut.suffix}`} hint="with a minus: sanding lowers">
          <TextInput required value={change} onChange={(e) => setChange(e.target.value)} />
        </Field>
      ) : (
        <>
          {way === "renewed" && (
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
