import { TopBar } from "../app/TopBar";
import type { JobView } from "../app/api";
import type { Open } from "../stations/room";
import { Countdown } from "../ui/Countdown";

/** The ticket as it is spoken and written. */
export function ticketOf(job: JobView): string {
  return String(job.ticket).padStart(4, "0");
}

/** Whose instrument it is, and until when its neck settles. */
export function JobBar({
  job,
  refetch,
  onOpen,
}: {
  job: JobView;
  refetch: () => void;
  onOpen: (panel: Open) => void;
}) {
  return (
    <TopBar onHelp={() => onOpen("help")}>
      <span className="flex min-w-0 flex-wrap items-baseline gap-x-3 text-[16px] xl:flex-nowrap">
        <span className="whitespace-nowrap">Ticket {ticketOf(job)}</span>
        <h1 className="min-w-0">
          <button
            type="button"
            onClick={() => onOpen("instrument")}
            className="min-h-11 max-w-[min(20em,100%)] truncate text-left text-[17px] font-semibold text-white underline decoration-[#4b5b55] underline-offset-4 hover:decoration-white"
          >
            {job.instrument.name}
          </button>
        </h1>
      </span>
      {job.settlingUntil !== undefined && (
        <Countdown
          until={job.settlingUntil}
          now={job.now}
          label="Neck settling"
          dark
          onOver={refetch}
        />
      )}
    </TopBar>
  );
}
