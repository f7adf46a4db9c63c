import { useState } from "react";
import type { JobView } from "../app/api";
import type { Source } from "../pitch/useEar";
import type { StationRoom } from "../stations/room";
import type { Hear } from "./useJob";
import { useJobEar, type Note, type Wanted } from "./useJobEar";

/** The stand-in's strings drop by so much at the first stretch, and by half of it at each later one, cents. */
const FIRST_DROP = 24;

/**
 * What a station listens for, and what follows when it was heard: the note chosen by hand, else the next one that is wanted; a stretched string; or the
 * loudness of one string after the other.
 *
 * @param onTaken something was recorded; the string that is next, if any
 */
export function useStationEar(
  job: JobView,
  hear: Hear,
  listens: StationRoom["listens"] | undefined,
  string: number,
  onTaken: (next: number | undefined) => void,
) {
  const [note, setNote] = useState<Note | null>(null);
  const [stretching, setStretching] = useState(false);
  const [level, setLevel] = useState<{ pickup: number; string: number } | null>(null);
  const { rows, next, strings } = job.intonation;
  const nextNote = note ?? next ?? rows.find((r) => r.string === string)?.type;
  const wanted: Wanted | null =
    listens === "loudness"
      ? level && { mode: "level", ...level }
      : listens !== "notes" || nextNote === undefined
        ? null
        : stretching
          ? { mode: "stretch", string }
          : { mode: "note", note: nextNote };
  const ear = useJobEar(job, hear, wanted, (done) => {
    setNote(null);
    if (level !== null) {
      const order = rows.map((r) => r.string);
      const after = order[order.indexOf(level.string) + 1];
      setLevel(after === undefined ? null : { ...level, string: after });
      onTaken(undefined);
      return after !== undefined;
    }
    onTaken(stretching ? undefined : done.intonation.next?.string);
    return true;
  });
  const hears = wanted !== null && !job.closed;
  return {
    ear,
    wanted,
    note,
    setNote,
    stretching,
    setStretching,
    level,
    /** Listens for the loudness over a pickup, or no longer. */
    setLevel: (chosen: { pickup: number; string: number } | null) => {
      setLevel(chosen);
      if (chosen === null) ear.stop();
    },
    /** Another station is opened. */
    leave: () => {
      setNote(null);
      setStretching(false);
      setLevel(null);
      ear.stop();
    },
    toggle: (source: Source) => {
      if (!hears) return;
      if (ear.source === source) ear.stop();
      else void ear.start(source);
    },
    /** Plucks what is wanted on the stand-in, while it is played. */
    pluck: () => {
      if (wanted === null || ear.source !== "standIn") return;
      if (wanted.mode === "note") {
        void ear.pluck(wanted.note);
        return;
      }
      const rounds = strings.stretches.find((s) => s.string === wanted.string)?.rounds ?? 0;
      void ear.pluck(
        { string: wanted.string },
        wanted.mode === "stretch" ? FIRST_DROP / 2 ** Math.min(5, rounds) : 0,
      );
    },
  };
}

/** The ear of a job, and what it is listening for. */
export type Listening = ReturnType<typeof useStationEar>;
