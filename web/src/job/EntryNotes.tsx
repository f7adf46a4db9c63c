import type { RefObject } from "react";
import { useShortcuts } from "../app/shortcuts";
import { Button } from "../ui/controls";
import { isAsked, useEntries, type Refused } from "./useEntries";

/** What is wrong with an entry, in its own row: the question it raised with its answers, or why it was refused. */
export function RefusedNote({
  label,
  refused,
  entries,
}: {
  /** Which row, for whoever only hears it. */
  label: string;
  refused: Refused;
  entries: ReturnType<typeof useEntries>;
}) {
  const { of, text, problem } = refused;
  const now = entries.question(of) === refused;
  const asked = isAsked(refused);
  // what the row is typed as now is said there
  const named = now || label === refused.what ? label : `${label}, ${refused.what}`;
  const sure = (as: string) => entries.answerSure(of, as);
  return (
    <div
      role="alert"
      // asks its table for no room, so that no column moves
      className="w-0 min-w-full border-l-4 border-rust bg-rust-wash px-3 py-1.5 text-left text-[15px]"
    >
      <p>
        <span className="font-semibold">
          {named}: “{text}”{asked && now ? "" : " was not recorded"}.
        </span>{" "}
        {problem.message}
      </p>
      <div className="mt-1 flex flex-wrap gap-2">
        {asked && now && problem.meant !== undefined && (
          <Button strong onClick={() => sure(problem.meant?.text ?? text)}>
            It is {problem.meant.spoken}
          </Button>
        )}
        {asked && now && <Button onClick={() => sure(text)}>It is “{text}” as typed</Button>}
        <Button onClick={() => entries.forget(refused)}>Type it again</Button>
      </div>
    </div>
  );
}

/** One answer, by one key, to all that is asked about in a ledger; a whole series is typed in another unit more often than one row of it. */
export function AnswerAll({
  entries,
  refused,
}: {
  entries: ReturnType<typeof useEntries>;
  refused: readonly Refused[];
}) {
  const open = refused.filter((r) => isAsked(r) && entries.question(r.of) === r);
  useShortcuts({ a: entries.answerAll }, open.length > 0);
  const first = open[0];
  if (first === undefined) return null;
  const said = open.map((r) => r.problem.meant?.spoken ?? `“${r.text}”`);
  return (
    <div role="status" className="my-1 border-l-4 border-rust bg-rust-wash px-3 py-1.5 text-[15px]">
      <Button strong shortcut="A" onClick={entries.answerAll}>
        {open.length === 1 ? `Yes, it is ${said[0] ?? ""}` : `Yes, all ${String(open.length)}`}
      </Button>
      {open.length > 1 && <span className="ml-3">{said.join(", ")}</span>}
    </div>
  );
}

/**
 * The row that is typed in next, large enough to be found at a glance from the gauge; and where the cursor rests after the last one: a digit begins the series
 * again, a key is the next move.
 */
export function NextRow({
  entries,
  place,
  row,
  labelOf,
  disabled,
}: {
  entries: ReturnType<typeof useEntries>;
  place: RefObject<HTMLParagraphElement | null>;
  /** The open row. */
  row: number;
  labelOf: (row: number) => string;
  /** Nothing can be typed here. */
  disabled: boolean;
}) {
  const after = entries.after(row);
  const begins = entries.begin();
  return (
    <p
      ref={place}
      {...entries.restProps}
      data-testid="rest"
      className={`flex min-h-11 items-baseline gap-x-3 px-1.5 outline-none ${disabled ? "sr-only" : ""} ${entries.resting ? "text-[15px]" : "bg-lamp"}`}
    >
      {entries.resting ? (
        <span className="self-center">
          <strong className="text-[19px]">At rest.</strong> The next number begins again at{" "}
          {begins === undefined ? "" : labelOf(begins)}; D is the next move.
        </span>
      ) : (
        <>
          <span className="text-[15px] text-ink-soft">Next</span>
          <strong
            // a string is found from a metre away; a longer name stays on its line
            className={`leading-[44px] font-bold whitespace-nowrap ${labelOf(row).length > 6 ? "text-[22px]" : "wide text-[31px]"}`}
            data-testid="next-row"
          >
            {labelOf(row)}
          </strong>
          <span className="text-[15px] text-ink-soft">
            {after === undefined
              ? "then rest"
              : after === row
                ? "and its next note"
                : `then ${labelOf(after)}`}
          </span>
        </>
      )}
    </p>
  );
}
