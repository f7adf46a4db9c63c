import { useState } from "react";
import { api } from "../../app/api";
import { MoveForm } from "../../job/MoveForm";
import { Field, Select, TextInput } from "../../ui/controls";
import type { OtherProps } from "../room";

/** A test that was made unasked, or something that was done about a cause. */
export function OtherFrets({ job, send, onDone, working }: OtherProps) {
  const { frets } = job;
  const [what, setWhat] = useState("rocker");
  const [outcome, setOutcome] = useState("");
  const [string, setString] = useState("");
  const [fret, setFret] = useState("");
  const test = frets.tests.find((t) => t.test === what);
  const cause = frets.suspects.find((s) => `cause ${s.cause}` === what);
  const shown = test?.outcomes.find((o) => o.code === outcome) ?? test?.outcomes[0];
  return (
    <MoveForm
      working={working}
      onDone={onDone}
      onSubmit={() => {
        void send((stamp, params) =>
          cause !== undefined
            ? api.POST("/api/jobs/{id}/frets/remedies", {
                params,
                body: { ...stamp, cause: cause.cause, string: cause.string, fret: cause.fret },
              })
            : api.POST("/api/jobs/{id}/frets/tests", {
                params,
                body: {
                  ...stamp,
                  test: test?.test ?? "rocker",
                  outcome: shown?.code ?? "steady",
                  ...(test?.where === "string" ? { string: Number(string) } : {}),
                  ...(test?.where === "fret" ? { fret: Number(fret) } : {}),
                },
              }),
        ).then((done) => {
          if (done !== null) onDone();
        });
      }}
    >
      <div className="col-span-2">
        <Field label="Test, or what was done">
          <Select autoFocus value={what} onChange={(e) => setWhat(e.target.value)}>
            {frets.tests.map((t) => (
              <option key={t.test} value={t.test}>
                {t.title}
              </option>
            ))}
            {frets.suspects.map((s) => (
              <option key={s.cause} value={`cause ${s.cause}`}>
                Done: {s.remedy} ({s.title})
              </option>
            ))}
          </Select>
        </Field>
      </div>
      {test !== undefined && (
        <Field label="It shows">
          <Select value={shown?.code ?? ""} onChange={(e) => setOutcome(e.target.value)}>
            {test.outcomes.map((o) => (
              <option key={o.code} value={o.code}>
                {o.label}
              </option>
            ))}
          </Select>
        </Field>
      )}
      {test?.where === "string" && (
        <Field label="String">
          <Select required value={string} onChange={(e) => setString(e.target.value)}>
            <option value="">choose one</option>
            {frets.names.map((n) => (
              <option key={n.string} value={n.string}>
                {n.label}
              </option>
            ))}
          </Select>
        </Field>
      )}
      {test?.where === "fret" && (
        <Field label="Fret" hint={`1 to ${String(frets.frets)}`}>
          <TextInput
            required
            inputMode="numeric"
            pattern="[0-9]{1,2}"
            value={fret}
            onChange={(e) => setFret(e.target.value)}
          />
        </Field>
      )}
    </MoveForm>
  );
}
