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

const CLOCKWISE = "1/8, -3/16: minus is anticlockwise";

/** Saddles moved otherwise than advised: turns where there are screws, millimetres where not. */
export function OtherSaddles({ job, send, onDone, working }: OtherProps) {
  const { saddles } = job.intonation;
  const [turns, setTurns] = useState<Record<number, string>>({});
  const [back, setBack] = useState<Record<number, string>>({});
  return (
    <MoveForm
      working={working}
      onDone={onDone}
      onSubmit={() => {
        void send((stamp, params) =>
          api.POST("/api/jobs/{id}/intonation/saddles", {
            params,
            body: {
              ...stamp,
              sixteenths: [],
              ...(saddles.screwed
                ? { turns: saddles.saddles.map((s) => turns[s.support] ?? "") }
                : {}),
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
          <Field
            key={s.support}
            label={`${s.name}, turns clockwise`}
            hint={i === 0 ? CLOCKWISE : s.moved}
          >
            <TextInput
              autoFocus={i === 0}
              value={turns[s.support] ?? ""}
              onChange={(e) => setTurns({ ...turns, [s.support]: e.target.value })}
            />
          </Field>
        ) : (
          <Field
            key={s.support}
            label={`${s.name}, ${job.bridge.suffix} back`}
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
  const [bass, setBass] = useState("");
  const [treble, setTreble] = useState("");
  return (
    <MoveForm
      working={working}
      onDone={onDone}
      onSubmit={() => {
        void send((stamp, params) =>
          api.POST("/api/jobs/{id}/pickups/turns", {
            params,
            body: { ...stamp, pickup, bass, treble },
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
        <Field key={label} label={`${label}, turns clockwise`} hint={CLOCKWISE}>
          <TextInput value={value} onChange={(e) => set(e.target.value)} />
        </Field>
      ))}
    </MoveForm>
  );
}
