import { useRef, useState } from "react";
import { answer, api, requestKey, type JobView, type Schemas } from "../../app/api";
import { useUnit } from "../../app/unit";
import type { Hear } from "../../job/useJob";
import { useEar, type Source } from "../../pitch/useEar";
import type { Played } from "../../playoff/NoteBoard";

export type HeardOnBoard = Schemas["NoteByEar"];

/** As many of a string's notes as the others are compared with. */
const KEPT = 24;

interface Shape {
  fret: number;
  brightness: number;
  ring: number;
}

/**
 * Fills the board by ear. Of each note that rings only two numbers are kept, for as long as the page is open, to compare the string's other notes with.
 *
 * @param at the note that is expected
 * @param onMarked a note was marked
 */
export function useBoardEar(
  job: JobView,
  hear: Hear,
  at: { string: number; fret: number },
  played: Played,
  onMarked: (string: number, fret: number) => void,
) {
  const { unit } = useUnit();
  const [heard, setHeard] = useState<HeardOnBoard | null>(null);
  const shapes = useRef(new Map<number, readonly Shape[]>());
  const ear = useEar(
    async (sound, { whole, wanted }) => {
      const { string, fret } = at;
      const others = shapes.current.get(string) ?? [];
      const told = await hear(
        (after) =>
          answer(
            api.POST("/api/jobs/{id}/frets/hear", {
              params: {
                path: { id: job.id },
                query: {
                  after,
                  key: requestKey(),
                  unit,
                  string,
                  fret,
                  ...played,
                  brightness: others.map((o) => o.brightness),
                  ring: others.map((o) => o.ring),
                  whole,
                },
              },
              headers: { "Content-Type": "audio/wav" },
              body: "",
              bodySerializer: () => sound,
            }),
          ),
        () => undefined,
      );
      if (!wanted()) return null;
      // while it waits for the next pluck, what was told last stays to be read
      if (told.call !== "waiting" || heard === null) setHeard(told);
      const { brightness, ring } = told;
      if (brightness !== undefined && ring !== undefined)
        shapes.current.set(
          string,
          [
            ...others.filter((o) => o.fret !== told.fret),
            { fret: told.fret, brightness, ring },
          ].slice(-KEPT),
        );
      if (told.marked) onMarked(told.string, told.fret);
      const over = told.marked || told.call === "unsure" || told.call === "another";
      return { fresh: told.fresh, taken: over };
    },
    () => setHeard(null),
  );
  return {
    ...ear,
    heard,
    toggle: (source: Source) => {
      if (job.closed) return;
      if (ear.source === source) ear.stop();
      else void ear.start(source);
    },
    /** Plucks the expected note on the stand-in. */
    pluck: () => {
      if (ear.source !== "standIn") return;
      const query = new URLSearchParams({ string: String(at.string), fret: String(at.fret) });
      void ear.play(`/api/jobs/${String(job.id)}/frets/stand-in?${query.toString()}`, false);
    },
  };
}

export type BoardEar = ReturnType<typeof useBoardEar>;
