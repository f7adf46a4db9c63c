import { useState } from "react";
import { useForm } from "react-hook-form";
import { api, type Problem, type Schemas } from "../app/api";
import { Button, Field, TextInput, TroubleOrQuestion } from "../ui/controls";
import type { PanelProps } from "./SettingForm";

type What = Schemas["TendedTyped"]["what"];

const STEPS: readonly (readonly [What, string])[] = [
  ["strings-off", "Strings off"],
  ["cleaned", "Cleaned"],
  ["oiled", "Board oiled"],
  ["tightened", "Hardware tightened"],
  ["strings-on", "Strings on"],
];

/** What lies in the tray, what was done around the strings, and when to look again. */
export function BenchLogPanel({ job, send, problem }: PanelProps & { problem: Problem | null }) {
  const { parts, usual, stringsOff, atPitch, followUp, followUpWhy } = job.benchLog;
  const [part, setPart] = useState("");
  // what was asked about is asked again with the answer
  const [asked, setAsked] = useState<What | null>(null);
  const form = useForm({ defaultValues: { day: followUp, why: followUpWhy } });
  const take = (text: string) =>
    void send((stamp, params) =>
      api.POST("/api/jobs/{id}/parts", { params, body: { ...stamp, part: text } }),
    ).then((done) => done !== null && setPart(""));
  const tend = (what: What, sure: boolean) => {
    setAsked(what);
    void send((stamp, params) =>
      api.POST("/api/jobs/{id}/tended", { params, body: { ...stamp, what, sure } }),
    ).then((done) => done !== null && setAsked(null));
  };
  const waiting = usual.filter((text) => parts.every((p) => p.text !== text));
  return (
    <div className="flex flex-col gap-6">
      {problem !== null && (
        <TroubleOrQuestion
          problem={problem}
          sure="Do it all the same"
          onMeant={() => undefined}
          onSure={() => asked !== null && tend(asked, true)}
        />
      )}
      <section aria-label="Tray">
        <h3 className="wide mb-1 text-[18px] font-bold">In the tray</h3>
        {parts.length === 0 && (
          <p className="border-t border-line py-2 text-[17px]">Nothing: all that came off is on.</p>
        )}
        <ul>
          {parts.map((p) => (
            <li
              key={p.event}
              className="flex flex-wrap items-center justify-between gap-3 border-t border-line py-1 text-[18px]"
            >
              {p.text}
              {!job.closed && (
                <Button
                  aria-label={`Back on: ${p.text}`}
                  onClick={() =>
                    void send((stamp, params) =>
                      api.POST("/api/jobs/{id}/parts/back", {
                        params,
                        body: { ...stamp, event: p.event },
                      }),
                    )
                  }
                >
                  Back on
                </Button>
              )}
            </li>
          ))}
        </ul>
        {!job.closed && (
          <>
            <form
              className="mt-2 flex items-end gap-2"
              onSubmit={(event) => {
                event.preventDefault();
                take(part);
              }}
            >
              <div className="flex-1">
                <Field label="What comes off">
                  <TextInput
                    autoFocus
                    required
                    maxLength={200}
                    value={part}
                    onChange={(event) => setPart(event.target.value)}
                  />
                </Field>
              </div>
              <Button type="submit">Into the tray</Button>
            </form>
            <div className="mt-2 flex flex-wrap gap-2" aria-label="Usually">
              {waiting.map((text) => (
                <Button key={text} className="text-[15px]" onClick={() => take(text)}>
                  {text}
                </Button>
              ))}
            </div>
          </>
        )}
      </section>
      <section aria-label="Strings">
        <h3 className="wide mb-1 text-[18px] font-bold">Around the strings</h3>
        {stringsOff !== undefined && <p className="mb-2 text-[17px]">{stringsOff}</p>}
        {atPitch !== undefined && <p className="mb-2 text-[17px]">{atPitch}</p>}
        {!job.closed && (
          <div className="flex flex-wrap gap-2">
            {STEPS.map(([what, label]) => (
              <Button key={what} onClick={() => tend(what, false)}>
                {label}
              </Button>
            ))}
          </div>
        )}
      </section>
      <section aria-label="Look again">
        <h3 className="wide mb-1 text-[18px] font-bold">To be looked at again</h3>
        <form
          className="grid items-end gap-3 sm:grid-cols-[11rem_1fr_auto]"
          onSubmit={(event) =>
            void form.handleSubmit((typed) =>
              send((stamp, params) =>
                api.POST("/api/jobs/{id}/follow-up", { params, body: { ...stamp, ...typed } }),
              ),
            )(event)
          }
        >
          <Field label="On">
            <TextInput type="date" {...form.register("day")} defaultValue={followUp} />
          </Field>
          <Field label="Why: a card under the nut, a filled slot, a big turn">
            <TextInput maxLength={200} {...form.register("why")} defaultValue={followUpWhy} />
          </Field>
          {!job.closed && <Button type="submit">Note it</Button>}
        </form>
      </section>
    </div>
  );
}
