import { useState } from "react";
import { api } from "../../app/api";
import { MoveForm } from "../../job/MoveForm";
import { Field, TextInput } from "../../ui/controls";
import type { OtherProps } from "../room";

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
