import type { JobView } from "../app/api";
import { Key } from "../ui/controls";

const LOOK =
  "-my-2 inline-flex min-h-11 items-center font-semibold whitespace-nowrap underline decoration-line-strong underline-offset-4 hover:decoration-ink";

/** What may be wanted at any moment, whatever the next move is: at pitch again, the card, the end. */
export function AlwaysThere({
  job,
  onRetuned,
  onClose,
}: {
  job: JobView;
  onRetuned: () => void;
  onClose: () => void;
}) {
  return (
    <div className="flex shrink-0 gap-x-4" role="group" aria-label="At any moment">
      {!job.closed && (
        <button type="button" className={LOOK} aria-keyshortcuts="r" onClick={onRetuned}>
          Retuned
          <Key name="R" />
        </button>
      )}
      <a
        className={LOOK}
        href={`/api/jobs/${String(job.id)}/card/print?unit=${job.unit}`}
        target="_blank"
        rel="noreferrer"
      >
        Card
      </a>
      <button type="button" className={LOOK} aria-keyshortcuts="c" onClick={onClose}>
        {job.closed ? "Found and left" : "Close"}
        <Key name="C" />
      </button>
    </div>
  );
}
