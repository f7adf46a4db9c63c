import { useEffect, useRef, useState } from "react";
import { api, type JobView } from "../app/api";
import type { Send } from "../job/useJob";
import { Button, Field, Select, TextInput } from "../ui/controls";
import { TextArea } from "../ui/TextArea";
import { useArrivalChoices, type Arrival } from "./choices";
import { Pills } from "./Pills";

type Hurt = Arrival["hurt"];

/** What hurts, in the player's words and in quick marks, and how it is played. Kept when the step is left, too. */
export function HurtStep({ job, send }: { job: JobView; send: Send }) {
  const choices = useArrivalChoices();
  const kept = job.arrival.hurt;
  const [draft, setDraft] = useState<Hurt | null>(null);
  const shown = draft ?? kept;
  const set = (change: Partial<Hurt>) => setDraft({ ...shown, ...change });
  const keep = useRef<() => void>(() => undefined);
  keep.current = () => {
    if (draft === null || job.closed) return;
    void send(
      (stamp, params) => api.POST("/api/jobs/{id}/hurt", { params, body: { ...stamp, ...draft } }),
      true,
    ).then((done) => {
      if (done !== null) setDraft((now) => (now === draft ? null : now));
    });
  };
  // whoever goes on to the next step, or to another window, has said it
  useEffect(() => {
    const hidden = () => document.visibilityState === "hidden" && keep.current();
    document.addEventListener("visibilitychange", hidden);
    return () => {
      document.removeEventListener("visibilitychange", hidden);
      keep.current();
    };
  }, []);
  if (choices === undefined) return null;
  return (
    <form
      aria-label="What hurts"
      onSubmit={(event) => {
        event.preventDefault();
        keep.current();
      }}
    >
      <fieldset
        disabled={job.closed}
        className="grid gap-x-6 gap-y-3 bench:grid-cols-[1.2fr_1.4fr_1fr]"
      >
        <div className="flex flex-col gap-3">
          <Field label="What the player says, in their own words">
            <TextArea
              autoFocus
              maxLength={20000}
              value={shown.words}
              onChange={(e) => set({ words: e.target.value })}
              onBlur={() => keep.current()}
            />
          </Field>
          <Field label="To be like (what they liked last time, or another instrument)">
            <TextInput
              maxLength={200}
              value={shown.like}
              onChange={(e) => set({ like: e.target.value })}
              onBlur={() => keep.current()}
            />
          </Field>
        </div>
        <div className="flex flex-col gap-3">
          <Pills
            label="What hurts"
            choices={choices.signs}
            chosen={shown.signs}
            onChange={(signs) => set({ signs })}
          />
        </div>
        <div className="flex flex-col gap-3">
          <Pills
            label="Where"
            choices={choices.where}
            chosen={shown.where}
            onChange={(where) => set({ where })}
          />
          <Pills
            label="Which strings (none for all)"
            choices={job.arrival.names}
            chosen={shown.strings}
            onChange={(strings) => set({ strings })}
          />
        </div>
        <div className="flex flex-wrap items-end gap-x-6 gap-y-3 bench:col-span-3">
          <Pills
            label="How it is played"
            choices={choices.styles}
            chosen={shown.styles}
            onChange={(styles) => set({ styles })}
          />
          <div className="flex items-end gap-3">
            <Field label="Capo">
              <Select
                value={shown.capo ?? ""}
                onChange={(e) => {
                  const { capo: _, ...rest } = shown;
                  setDraft(
                    e.target.value === "" ? rest : { ...rest, capo: Number(e.target.value) },
                  );
                }}
              >
                <option value="">none</option>
                {[1, 2, 3, 4, 5, 6, 7].map((n) => (
                  <option key={n} value={n}>
                    at {n}
                  </option>
                ))}
              </Select>
            </Field>
            <Button strong type="submit" disabled={draft === null || job.closed}>
              {draft === null ? "Noted" : "Note it"}
            </Button>
          </div>
        </div>
      </fieldset>
    </form>
  );
}
