import { useLayoutEffect, useRef, useState } from "react";
import type { JobView } from "../app/api";
import { roomOf } from "../stations/registry";
import type { Station } from "../stations/room";

function focusOn(selector: string): boolean {
  const field = document.querySelector<HTMLElement>(selector);
  field?.focus();
  return field !== null;
}

/** Where the technician is on a job: at which station, under which string, and where the cursor goes next. */
export function useWhere(job: JobView) {
  const bassString = Math.max(...job.sections.map((s) => s.string), 1);
  // the page opens where the next move is; from then on only the technician changes the station
  const [station, setStation] = useState<Station>(job.advice.station);
  const [visit, setVisit] = useState(0);
  const room = roomOf(station);
  const strings = room.strings(job);
  const [wantedString, setString] = useState(bassString);
  const string = strings.includes(wantedString) ? wantedString : (strings[0] ?? bassString);
  const fields = useRef(new Map<number, HTMLInputElement>());
  // A field of another station is there only after the drawing that shows it. Where to go belongs to that drawing: kept beside it, what was still to be done after
  // the drawing before would take it to a field that is about to go, and the next series would be typed nowhere.
  const [goingTo, setGoingTo] = useState<{ station: Station; string: number } | null>(null);
  const focusAfterDrawing = (target: number, at: Station = station) =>
    setGoingTo({ station: at, string: target });
  useLayoutEffect(() => {
    if (goingTo === null) return;
    const { field } = roomOf(goingTo.station);
    if (field === undefined) fields.current.get(goingTo.string)?.focus();
    else focusOn(field);
  }, [goingTo]);
  /** To the field of the open station, where the cursor was. */
  const goToField = () => {
    // a series that has come to rest begins anew; otherwise the cursor goes on where it was
    const asked = job.advice.station === station ? job.advice.strings[0] : undefined;
    const atRest = document.activeElement?.matches("[data-rest]") === true;
    const target = atRest ? (asked ?? strings[0] ?? string) : string;
    setString(target);
    focusAfterDrawing(target);
  };
  const openStation = (to: Station, at?: number) => {
    setStation(to);
    setVisit((n) => n + 1);
    const asked = job.advice.station === to ? job.advice.strings[0] : undefined;
    const first = at ?? asked ?? roomOf(to).strings(job)[0] ?? bassString;
    setString(first);
    focusAfterDrawing(first, to);
  };
  // the first thing a technician does here is read
  const wanted = job.advice.strings[0] ?? bassString;
  const started = useRef(false);
  useLayoutEffect(() => {
    if (started.current) return;
    started.current = true;
    fields.current.get(wanted)?.focus({ preventScroll: true });
  }, [wanted]);
  return {
    room,
    station,
    string,
    setString,
    visit,
    fields,
    focusAfterDrawing,
    goToField,
    openStation,
    /** To the question of the next move. @returns whether it has one */
    goToQuestion: () => {
      const question = roomOf(job.advice.station).question?.(job);
      return question !== undefined && focusOn(question);
    },
  };
}
