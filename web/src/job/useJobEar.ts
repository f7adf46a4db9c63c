import { useState } from "react";
import { answer, api, requestKey, type JobView, type Schemas } from "../app/api";
import { useUnit } from "../app/unit";
import { useEar } from "../pitch/useEar";
import type { Hear } from "./useJob";

export type HeardNote = Schemas["HeardView"];
export type Note = Schemas["NoteView"];

/** What is listened for on a job. */
export type Wanted =
  | { mode: "note"; note: Note }
  | { mode: "stretch"; string: number }
  | { mode: "level"; string: number; pickup: number };

const EAR = { microphone: "microphone", standIn: "stand-in", file: "file" } as const;

/**
 * Listens on a job: what is steady and wanted is recorded at once by the server, and the job comes back with what is wanted next.
 *
 * @param onTaken is given the job after something was recorded; false when nothing more is wanted
 */
export function useJobEar(
  job: JobView,
  hear: Hear,
  wanted: Wanted | null,
  onTaken: (job: JobView) => boolean,
) {
  const { unit } = useUnit();
  const [heard, setHeard] = useState<HeardNote | null>(null);
  const [asIs, setAsIs] = useState(false);
  const string = wanted === null ? 1 : wanted.mode === "note" ? wanted.note.string : wanted.string;
  const ear = useEar(
    async (sound, { whole, fresh, source, wanted: still }) => {
      if (wanted === null) return null;
      let goesOn = true;
      const ask = (after: number) =>
        answer(
          api.POST("/api/jobs/{id}/hear", {
            params: {
              path: { id: job.id },
              query: {
                after,
                key: requestKey(),
                unit,
                string,
                mode: wanted.mode,
                ear: EAR[source],
                asIs,
                fresh,
                whole,
                ...(wanted.mode === "note" ? { how: wanted.note.how, fret: wanted.note.fret } : {}),
                ...(wanted.mode === "level" ? { pickup: wanted.pickup } : {}),
              },
            },
            headers: { "Content-Type": "audio/wav" },
            body: "",
            bodySerializer: () => sound,
          }),
        );
      const told = await hear(ask, (done) => {
        setAsIs(false);
        goesOn = onTaken(done);
      });
      if (!still()) return null;
      setHeard(told);
      return { fresh: told.fresh, taken: told.taken, stop: !goesOn };
    },
    () => {
      setHeard(null);
      setAsIs(false);
    },
  );
  return {
    ...ear,
    heard,
    takeAsIs: () => setAsIs(true),
    /** Plays a note of the stand-in. */
    pluck: (note: { string: number; how?: Note["how"]; fret?: number }, stretched = 0) => {
      const query = new URLSearchParams({
        string: String(note.string),
        how: note.how ?? "open",
        fret: String(note.fret ?? 0),
        stretched: String(stretched),
      });
      return ear.play(`/api/jobs/${job.id}/stand-in?${query.toString()}`, false);
    },
  };
}

export type JobEar = ReturnType<typeof useJobEar>;
