import { useState } from "react";
import { api, type JobView } from "../../app/api";
import { Tick, type PanelProps } from "../../job/SettingForm";
import { Button, Field, Select, TextInput, Trouble } from "../../ui/controls";
import { pick } from "../../ui/pick";

/** What belongs to the bridge besides its heights: travel, neck angle, under-string gauge, neck shim. */
export function BridgePanel({ job, send, trouble, onDone }: PanelProps) {
  const { bridge } = job;
  const [down, setDown] = useState("");
  const [up, setUp] = useState("");
  const [above, setAbove] = useState("");
  const [radius, setRadius] = useState(bridge.radii[0] ?? "305");
  const [ringing, setRinging] = useState<readonly number[]>([]);
  const [end, setEnd] = useState<"heel" | "body-edge">("heel");
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
            api.POST("/api/jobs/{id}/action/travel", { params, body: { ...stamp, down, up } }),
          ).then(then);
        }}
      >
        <h3 className="wide col-span-2 text-[17px] font-bold">
          Travel left{" "}
          <span className="font-normal text-mute">{bridge.travel ?? "not looked at"}</span>
        </h3>
        <Field
          label={
            bridge.screwed ? `Down, ${job.bridge.suffix}` : `May come off, ${job.bridge.suffix}`
          }
          hint={
            bridge.screwed
              ? "until it is on the floor"
              : "with 2 mm left standing proud for the break angle"
          }
        >
          <TextInput required value={down} onChange={(e) => setDown(e.target.value)} />
        </Field>
        <Field
          label={`Up, ${job.bridge.suffix}`}
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
            api.POST("/api/jobs/{id}/action/neck-angle", { params, body: { ...stamp, above } }),
          ).then(then);
        }}
      >
        <h3 className="wide col-span-2 text-[17px] font-bold">Neck angle</h3>
        <Field
          label={`Straightedge above the bridge, ${job.bridge.suffix}`}
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
            api.POST("/api/jobs/{id}/action/gauge-patterns", {
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
            <Tick
              key={s.string}
              checked={ringing.includes(s.string)}
              onChange={(on) =>
                setRinging(on ? [...ringing, s.string] : ringing.filter((r) => r !== s.string))
              }
            >
              {s.string} {s.name} rings
            </Tick>
          ))}
          <Button type="submit" disabled={bridge.radii.length === 0}>
            Record the pattern
          </Button>
        </div>
        {bridge.radii.length === 0 && (
          <p className="mt-2 text-[15px]">No radius gauge is among the shop&apos;s tools.</p>
        )}
      </form>
      {job.instrument.joint === "bolted" && (
        <form
          className="grid grid-cols-2 items-end gap-3 border-t border-line pt-3"
          onSubmit={(event) => {
            event.preventDefault();
            void send((stamp, params) =>
              api.POST("/api/jobs/{id}/action/neck-shims", {
                params,
                body: { ...stamp, end, thickness },
              }),
            ).then(then);
          }}
        >
          <h3 className="wide col-span-2 text-[17px] font-bold">A neck shim was laid in</h3>
          <Field label="Thick at">
            <Select
              value={end}
              onChange={(e) => setEnd(pick(e.target.value, ["heel", "body-edge"] as const, end))}
            >
              <option value="heel">the heel end (strings come lower)</option>
              <option value="body-edge">the body edge (strings come higher)</option>
            </Select>
          </Field>
          <Field label={`Thickness there, ${job.bridge.suffix}`}>
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
