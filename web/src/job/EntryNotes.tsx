import type { RefObject } from "react";
import { Button } from "../ui/controls";
import { useEntries, type Refused } from "./useEntries";

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
  const asked = problem.code === "sure";
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

/** Where the cursor rests after the last row of a series: a digit begins another one, a key is the next move. */
export function Rest({
  entries,
  place,
  begins,
}: {
  entries: ReturnType<typeof useEntries>;
  place: RefObject<HTMLParagraphElement | null>;
  /** Where the next series begins. */
  begins: string;
}) {
  return (
    <p
      ref={place}
      {...entries.restProps}
      data-testid="rest"
      className={`mt-1 min-h-6 text-[15px] outline-none ${entries.resting ? "" : "sr-only"}`}
    >
      {entries.resting && (
        <>
          <strong>At rest.</strong> The next number begins again at {begins}; D is the next move.
        </>
      )}
    </p>
  );
}
