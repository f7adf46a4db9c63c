import { api, type JobView } from "../app/api";
import type { Send } from "../job/useJob";
import { useOwnSend } from "../job/useOwnSend";

/** What a job waits for beside its next move; each can be said to be over. */
export function WaitsBar({ job, send }: { job: JobView; send: Send }) {
  const own = useOwnSend(send);
  const told = job.waits.filter(
    (w) => w.reason !== "settling" && (job.advice.kind !== "wait" || w.begun !== job.advice.event),
  );
  return told.map((w) => (
    <div
      key={`${String(w.begun)} ${w.reason}`}
      role="status"
      className={`flex flex-wrap items-center gap-x-4 px-5 text-[16px] ${
        w.over || w.overdue ? "bg-lamp-deep" : "bg-lamp"
      }`}
    >
      <span className="flex-1 py-1">
        <strong className="font-semibold">{w.label}</strong>
        {w.note !== "" && `: ${w.note}`}, {w.said}
      </span>
      <button
        type="button"
        className="min-h-11 px-2 font-semibold underline"
        onClick={() =>
          void own((stamp, params) =>
            api.POST("/api/jobs/{id}/waits/end", { params, body: { ...stamp, event: w.begun } }),
          )
        }
      >
        {w.over ? "Seen to" : "It is over"}
      </button>
    </div>
  ));
}
