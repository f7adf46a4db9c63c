import { useState } from "react";
import { api, type JobView } from "../app/api";
import { Field, Select, TextInput } from "../ui/controls";
import { MoveForm } from "./MoveForm";
import type { Send } from "./useJob";

interface OtherProps {
  job: JobView;
  send: Send;
  onDone: () => void;
  working: boolean;
}

const EIGHTHS = Array.from({ length: 49 }, (_, i) => (24 - i) * 2);

/** Saddles moved otherwise than advised: turns where there are screws, millimetres where not. */
export function OtherSaddles({ job, send, onDone, working }: OtherProps) {
  const { saddles } = job.intonation;
  const [turns, setTurns] = useState<Record<number, number>>({});
  const [back, setBack] = useState<Record<number, string>>({});
  return (
    <MoveForm
      working={working}
      onDone={onDone}
      onSubmit={() => {
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
    </MoveForm>
  );
}

/** Pickup screws turned otherwise than advised. */
export function OtherPickups({ job, send, onDone, working }: OtherProps) {
  const [pickup, setPickup] = useState(0);
  const [bass, setBass] = useState(0);
  const [treble, setTreble] = useState(0);
  return (
    <MoveForm
      working={working}
      onDone={onDone}
      onSubmit={() => {
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
    </MoveForm>
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
