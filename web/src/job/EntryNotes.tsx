import type { RefObject } from "react";
import { Button } from "../ui/controls";
import { useEntries, type Refused } from "./useEntries";

/** What is wrong with an entry, in its own row: the question it raised with its answers, or why it was refused. */
export function RefusedNote({
  label,
  refused,
  onSure,
  onForget,
}: {
  /** Which row, for whoever only hears it. */
  label: string;
  refused: Refused;
  onSure: (text: string) => void;
  onForget: () => void;
}) {
  const { text, problem } = refused;
  const asked = problem.code === "sure";
  return (
    <div
      role="alert"
      // asks its table for no room, so that no column moves
      className="w-0 min-w-full border-l-4 border-rust bg-rust-wash px-3 py-1.5 text-left text-[15px]"
    >
      <p>
        <span className="font-semibold">
          {label}: “{text}”{asked ? "" : " was not recorded"}.
        </span>{" "}
        {problem.message}
      </p>
      <div className="mt-1 flex flex-wrap gap-2">
        {asked && problem.meant !== undefined && (
          <Button strong onClick={() => onSure(problem.meant?.text ?? text)}>
            It is {problem.meant.spoken}
          </Button>
        )}
        {asked && <Button onClick={() => onSure(text)}>It is “{text}” as typed</Button>}
        <Button onClick={onForget}>Type it again</Button>
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
