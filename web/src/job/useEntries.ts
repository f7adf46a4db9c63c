import { useEffect, useRef, useState, type KeyboardEvent, type RefObject } from "react";
import { Problem, type JobView } from "../app/api";
import { complete, landed, type Landed } from "../app/sounds";
import type { Sent } from "./useJob";
import { useTypedByDevice } from "./useTypedByDevice";

/** An entry that was not taken, waiting in its row. */
export interface Refused {
  of: number;
  /** What it was read as. What is typed in its row now may be another thing: then nothing is answered for it. */
  what: string;
  text: string;
  problem: Problem;
}

/** Whether it was asked about, and can be answered with yes. */
export const isAsked = ({ problem }: Refused) => problem.code === "sure";

/** What was tapped of the leaves under a string and not recorded, mm. */
export interface Tapped {
  /** How it was held. */
  what: string;
  found: { free?: number; touches?: number; lifts?: number };
}

/** What waits in the rows of a ledger. It outlives the ledger: an answer may come when something else is open. */
export interface Waiting {
  refused: readonly Refused[];
  setRefused: (change: (all: readonly Refused[]) => readonly Refused[]) => void;
  /** What stood in the rows and was not entered when the ledger was left. */
  typed: Readonly<Record<number, string>>;
  setTyped: (typed: Readonly<Record<number, string>>) => void;
  tapped: Readonly<Record<number, Tapped>>;
  setTapped: (of: number, tapped: Tapped) => void;
}

/** How a row is typed in next: downwards as the rows stand, or upwards. */
type Direction = 1 | -1;

function without<T>(all: Readonly<Record<number, T>>, of: number): Record<number, T> {
  const left = { ...all };
  delete left[of];
  return left;
}

/**
 * The fields of a ledger, one for each row. The cursor belongs to the technician: Enter sends what is typed and goes on at once to the next row in the
 * direction in use, whatever the server says later; after the last row it rests, and the next digit begins a new series. What is refused waits in its own
 * row, selected for whoever comes back to it.
 */
export function useEntries({
  order,
  fields,
  rest,
  waiting,
  what,
  onString,
  record,
  visit = 0,
  asked,
  follows = (_, next) => next,
  nameOf = String,
  how = () => "taken",
}: {
  order: readonly number[];
  fields: RefObject<Map<number, HTMLInputElement>>;
  /** Where the cursor rests after the last row. */
  rest: RefObject<HTMLElement | null>;
  waiting: Waiting;
  /** What is typed in a row now: which note, held how, in which unit. */
  what: (of: number) => string;
  onString: (string: number) => void;
  /** Counts how often the station, or a series of it, was opened: a series begins anew. */
  visit?: number;
  /** The rows that were asked for, in the order in which they are named: Enter goes through these alone. All of them where this is left out. */
  asked?: readonly number[] | undefined;
  /** Sends an entry; sure when its question was answered with yes. */
  record: (of: number, text: string, sure: boolean) => Promise<Sent>;
  /** What a row is called when it is read out. */
  nameOf?: (of: number) => string;
  /** How what was read there stands now, to be heard. */
  how?: (job: JobView, of: number) => Landed;
  /** Where to go on after a row, when not to the next one; undefined is the rest. */
  follows?: (of: number, next: number | undefined) => number | undefined;
}) {
  const { refused, setRefused } = waiting;
  const [texts, setTexts] = useState<Readonly<Record<number, string>>>(waiting.typed);
  const [sending, setSending] = useState<Record<number, string>>({});
  const [resting, setResting] = useState(false);
  const direction = useRef<Direction>(1);
  // a series that is begun by hand in the last row runs upwards; a step back to correct something turns nothing round
  const series = useRef({ entries: 0, byHand: false, visit });
  const typed = useRef(texts);
  /** Where the cursor is, or was before a button was pressed; undefined at rest. */
  const where = useRef<number>(undefined);
  /** The series under way; another one since the station was opened anew. */
  const now = () => {
    if (series.current.visit !== visit) {
      series.current = { entries: 0, byHand: false, visit };
      direction.current = 1;
    }
    return series.current;
  };
  const set = (all: Readonly<Record<number, string>>) => {
    typed.current = all;
    setTexts(all);
  };
  const clear = (of: number) => set(without(typed.current, of));
  /** What was refused in a row of what is typed there now. */
  const question = (of: number) => refused.find((r) => r.of === of && r.what === what(of));
  const settle = (of: number, as: string) =>
    setRefused((all) => all.filter((r) => r.of !== of || r.what !== as));
  /** What stands in a row: what was typed, or else what was refused and waits there. */
  const standing = (all: Readonly<Record<number, string>>, of: number) =>
    all[of] ?? question(of)?.text ?? "";
  const gone = useRef(false);
  const leave = useRef(waiting.setTyped);
  useEffect(() => {
    leave.current = waiting.setTyped;
  });
  useEffect(() => {
    gone.current = false;
    // what was left here stands in the rows again
    if (Object.keys(typed.current).length > 0) leave.current({});
    return () => {
      gone.current = true;
      if (Object.keys(typed.current).length > 0) leave.current(typed.current);
    };
  }, []);
  const focus = (target: number | undefined) => {
    where.current = target;
    if (target === undefined) {
      setResting(true);
      series.current = { entries: 0, byHand: false, visit };
      rest.current?.focus({ preventScroll: true });
      return;
    }
    setResting(false);
    onString(target);
    fields.current.get(target)?.focus();
  };
  const wanted = asked?.filter((of) => order.includes(of)) ?? [];
  const rows = wanted.length > 0 ? wanted : order;
  /** The rows that a series goes through from one of them: whoever types in a row that was not asked for goes on through all. */
  const through = (from: number) => (rows.includes(from) ? rows : order);
  const next = (from: number): number | undefined => {
    const all = through(from);
    return all[all.indexOf(from) + direction.current];
  };
  const begin = () => (direction.current === 1 ? rows[0] : rows.at(-1));

  const hear = (of: number, text: string, sent: Sent) => {
    const became: Landed =
      "done" in sent ? how(sent.done, of) : sent.problem.code === "sure" ? "asked" : "refused";
    landed(became, order.indexOf(of), order.length, nameOf(of), text);
  };
  const post = async (of: number, text: string, sure: boolean, last = false) => {
    const as = what(of);
    settle(of, as);
    clear(of);
    setSending((all) => ({ ...all, [of]: text }));
    const sent = await record(of, text, sure);
    setSending((all) => (all[of] === text ? without(all, of) : all));
    hear(of, text, sent);
    if ("done" in sent) {
      if (last) complete();
      return;
    }
    settle(of, as);
    setRefused((all) => [...all, { of, what: as, text, problem: sent.problem }]);
    // whoever has typed on in this row meanwhile goes on typing; the same row of another station is not this one
    if (gone.current || (typed.current[of] ?? "") !== "") return;
    clear(of);
    const field = fields.current.get(of);
    requestAnimationFrame(() => {
      if (field !== undefined && document.activeElement === field && field.value === text)
        field.select();
    });
  };
  const enter = (of: number) => {
    const text = standing(typed.current, of);
    const standsThere = question(of);
    const again = standsThere?.text === text && isAsked(standsThere);
    // a likelier reading is suspected: that one is chosen by its own button
    if (again && standsThere.problem.meant !== undefined) return;
    if (text.trim() !== "") {
      const begun = now();
      if (begun.entries === 0 && begun.byHand)
        direction.current = of === through(of).at(-1) ? -1 : 1;
      begun.entries++;
      void post(of, text, again, follows(of, next(of)) === undefined);
    }
    focus(follows(of, next(of)));
  };
  /** Enters by itself what a device typed faster than a hand and did not end. */
  const device = useTypedByDevice((of, text) => {
    if (typed.current[of] === text) enter(of);
  });
  const answerSure = (of: number, text: string) => {
    void post(of, text, true);
    // whoever has typed on meanwhile goes on there
    focus(where.current === of ? follows(of, next(of)) : where.current);
  };
  const forget = ({ of, what: as }: Refused) => {
    settle(of, as);
    clear(of);
    focus(of);
  };
  const onKey = (event: KeyboardEvent<HTMLInputElement>, of: number) => {
    // a device ends what it types with either
    const ends =
      event.key === "Enter" ||
      (event.key === "Tab" && !event.shiftKey && (typed.current[of] ?? "") !== "");
    if (ends) {
      event.preventDefault();
      enter(of);
    } else if (event.key === "ArrowDown" || event.key === "ArrowUp") {
      event.preventDefault();
      now().byHand = true;
      const step = event.key === "ArrowDown" ? 1 : order.length - 1;
      focus(order[(order.indexOf(of) + step) % order.length]);
    } else if (event.key === "Escape") {
      settle(of, what(of));
      clear(of);
    }
  };
  return {
    resting,
    question,
    /** All that was refused in a row. */
    refusedIn: (of: number) => refused.filter((r) => r.of === of),
    /** What was sent from a row and is not yet answered. */
    sending,
    answerSure,
    forget,
    begin,
    /** The row that comes after one; undefined when the cursor rests then. */
    after: (from: number) => follows(from, next(from)),
    /** Answers yes to all that is asked about here: what was offered, or else what was typed. */
    answerAll: () => {
      for (const waits of refused.filter(isAsked)) {
        if (question(waits.of) !== waits) continue;
        void post(waits.of, waits.problem.meant?.text ?? waits.text, true);
      }
    },
    /** A row was entered otherwise: goes on as after Enter. */
    goOn: (from: number) => focus(follows(from, next(from))),
    /** What the resting place is given: a digit begins a new series, an arrow goes back into the rows. */
    restProps: {
      "data-rest": true,
      // where a digit goes that is typed elsewhere while it rests
      "data-begins": resting ? begin() : undefined,
      tabIndex: -1,
      onKeyDown: (event: KeyboardEvent<HTMLElement>) => {
        if (event.target !== event.currentTarget || event.ctrlKey || event.metaKey || event.altKey)
          return;
        if (event.key === "ArrowUp" || event.key === "ArrowDown") {
          event.preventDefault();
          now().byHand = true;
          focus(event.key === "ArrowDown" ? order[0] : order.at(-1));
        } else if (/^[0-9.,+-]$/.test(event.key)) {
          // the key goes on to the field that has the cursor now
          focus(begin());
        }
      },
    },
    /** What an input of a row is given. */
    field: (of: number) => ({
      ref: (element: HTMLInputElement | null) => {
        if (element === null) fields.current.delete(of);
        else fields.current.set(of, element);
      },
      "data-length-field": "true",
      autoComplete: "off",
      spellCheck: false,
      inputMode: "text" as const,
      enterKeyHint: "next" as const,
      "aria-invalid": question(of) !== undefined,
      placeholder: sending[of] ?? "",
      value: standing(texts, of),
      onFocus: (event: { target: HTMLInputElement }) => {
        where.current = of;
        setResting(false);
        onString(of);
        if (question(of) !== undefined) event.target.select();
      },
      onChange: (event: { target: { value: string } }) => {
        set({ ...typed.current, [of]: event.target.value });
        device.typed(of, event.target.value);
      },
      onPointerDown: () => {
        now().byHand = true;
      },
      onKeyDown: (event: KeyboardEvent<HTMLInputElement>) => onKey(event, of),
    }),
  };
}
