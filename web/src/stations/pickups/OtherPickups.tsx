import { useState } from "react";
import { api } from "../../app/api";
import { MoveForm } from "../../job/MoveForm";
import { Field, Select, TextInput } from "../../ui/controls";
import type { OtherProps } from "../room";

const CLOCKWISE = "1/8, -3/16: minus is anticlockwise";

/** Pickup screws turned otherwise than advised. */
export function OtherPickups({ job, send, onDone, working }: OtherProps) {
  const [pickup, setPickup] = useState(
    job.advice.station === "pickups" ? (job.advice.otherwise?.at[0] ?? 0) : 0,
  );
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
