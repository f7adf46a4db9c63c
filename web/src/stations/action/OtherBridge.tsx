import { useState } from "react";
import { api } from "../../app/api";
import { MoveForm } from "../../job/MoveForm";
import { ReadNext } from "../../job/ReadNext";
import { Field, Select, TextInput } from "../../ui/controls";
import { pick } from "../../ui/pick";
import type { OtherProps } from "../room";

/** Work at the bridge that was done otherwise than advised. */
export function OtherBridge({ job, send, onDone, working }: OtherProps) {
  const { bridge } = job;
  const [moved, setMoved] = useState<Record<number, string>>({});
  const [uncounted, setUncounted] = useState(false);
  const [way, setWay] = useState<"sanded" | "shimmed" | "renewed">(
    job.advice.station === "action" && job.advice.otherwise?.way === "shimmed"
      ? "shimmed"
      : "sanded",
  );
  const [bass, setBass] = useState("0");
  const [treble, setTreble] = useState("0");
  const submit = async () => {
    const done = await send((stamp, params) =>
      uncounted
        ? api.POST("/api/jobs/{id}/uncounted", { params, body: { ...stamp, station: "action" } })
        : bridge.screwed
          ? api.POST("/api/jobs/{id}/action/screws", {
              params,
              body: { ...stamp, turns: bridge.screws.map((_, i) => moved[i] ?? "") },
            })
          : api.POST("/api/jobs/{id}/action/reworks", {
              params,
              body: { ...stamp, way, ...(way === "sanded" ? { bass, treble } : {}) },
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
                  setWay(pick(e.target.value, ["sanded", "shimmed", "renewed"] as const, way))
                }
              >
                <option value="sanded">sanded underneath</option>
                <option value="shimmed">shimmed</option>
                <option value="renewed">renewed</option>
              </Select>
            </Field>
          </div>
          {way === "sanded" ? (
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
