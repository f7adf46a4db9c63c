import { useCallback, useLayoutEffect, useRef, useState } from "react";
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
  // the rows that Enter goes through: those that were asked for when D led here, all after a station's own key
  const [asked, setAsked] = useState<readonly number[] | undefined>(
    job.advice.does === "read" ? job.advice.strings : undefined,
  );
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
    if (field === undefined) {
      const input = fields.current.get(goingTo.string);
      input?.focus();
      // what waits there is replaced by what is typed now, never added to
      input?.select();
    } else focusOn(field);
  }, [goingTo]);
  const open = useRef(string);
  useLayoutEffect(() => {
    open.current = string;
  }, [string]);
  const comeBack = useCallback(() => {
    const rest = document.querySelector<HTMLElement>("[data-begins]");
    (rest ?? fields.current.get(open.current))?.focus({ preventScroll: true });
  }, []);
  /** To the field of the open station, where the cursor was. */
  const goToField = () => {
    // a series that has come to rest begins anew; otherwise the cursor goes on where it was
    const atRest = document.activeElement?.matches("[data-rest]") === true;
    const target = atRest ? (asked?.find((s) => strings.includes(s)) ?? strings[0]) : undefined;
    setString(target ?? string);
    focusAfterDrawing(target ?? string);
  };
  const go = (to: Station, through: readonly number[] | undefined) => {
    setStation(to);
    setVisit((n) => n + 1);
    setAsked(through);
    const first = through?.[0] ?? roomOf(to).strings(job)[0] ?? bassString;
    setString(first);
    focusAfterDrawing(first, to);
  };
  /** Opens a station at its first row; a series goes through all of them. */
  const openStation = (to: Station) => go(to, undefined);
  /** To what is asked for, in the order in which it is named. */
  const goToAsked = ({ station: to, strings: which } = job.advice) =>
    go(to, which.length === 0 ? undefined : which);
  /** To a row, as if it had not been typed in yet: a series under way goes on from there. */
  const goToRow = (to: Station, at: number) => {
    if (to !== station) {
      setStation(to);
      setVisit((n) => n + 1);
      setAsked(undefined);
    }
    setString(at);
    focusAfterDrawing(at, to);
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
    asked,
    fields,
    focusAfterDrawing,
    /** The field that a digit belongs to which is typed anywhere on the page: of the row with the cursor, or where a series begins anew. */
    openField: (): HTMLInputElement | undefined => {
      const begins = document.querySelector<HTMLElement>("[data-begins]")?.dataset["begins"];
      const field =
        room.field === undefined
          ? fields.current.get(begins === undefined ? string : Number(begins))
          : document.querySelectorAll<HTMLInputElement>("input[data-length-field]")[
              Number(begins ?? 0)
            ];
      return field?.disabled === true ? undefined : field;
    },
    /** Back from a panel to where the cursor was: at rest, or in its row. */
    comeBack,
    goToField,
    openStation,
    goToAsked,
    goToRow,
    /** To the question of the next move. @returns whether it has one */
    goToQuestion: () => {
      const question = roomOf(job.advice.station).question?.(job);
      return question !== undefined && focusOn(question);
    },
  };
}
