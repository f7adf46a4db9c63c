import { dayOf } from "./when";

/** Says that it is not shown in lists any more, and puts it back. */
export function Archived({ since, onBack }: { since: string | undefined; onBack: () => void }) {
  if (since === undefined) return null;
  return (
    <p className="mt-3 border-l-4 border-line-strong px-3 py-2 text-[17px]">
      Archived on {dayOf(since)}: not shown in lists.{" "}
      <button type="button" className="min-h-11 underline" onClick={onBack}>
        Put it back
      </button>
    </p>
  );
}
