import { useState } from "react";
import type { JobView } from "../app/api";
import { ROOMS } from "../stations/registry";
import { shown } from "./useJobKeys";
import { useJob } from "./useJob";

/** A line above the job: what happened elsewhere, and what can be done about it. */
function Notice({
  text,
  actions,
  urgent = false,
}: {
  text: string;
  actions: [label: string, act: () => void][];
  urgent?: boolean;
}) {
  return (
    <div
      className={`flex flex-wrap items-center gap-x-4 px-5 py-1 text-[16px] ${urgent ? "border-l-4 border-rust bg-rust-wash" : "bg-lamp"}`}
      role={urgent ? "alert" : "status"}
    >
      <span className="flex-1">{text}</span>
      {actions.map(([label, act]) => (
        <button
          key={label}
          type="button"
          className="min-h-11 px-2 font-semibold underline"
          onClick={act}
        >
          {label}
        </button>
      ))}
    </div>
  );
}

/** What happened elsewhere, and what waits to be sent. */
export function Notices({
  away,
  sendNow,
  giveUp,
  caughtUp,
  clearCaughtUp,
  unfit,
  clearUnfit,
  held,
  dropHeld,
  air,
  news,
  clearNews,
  outside,
}: Pick<
  ReturnType<typeof useJob>,
  "away" | "sendNow" | "giveUp" | "caughtUp" | "clearCaughtUp" | "news" | "clearNews"
> & {
  /** What a correction of the instrument has left without a meaning. */
  unfit: string | undefined;
  clearUnfit: () => void;
  /** Digits that were typed while no row was open. */
  held: string;
  dropHeld: () => void;
  /** The air as it was read last. */
  air: JobView["air"];
  /** Work that was not agreed on was to be noted; agreed on since, it can be. */
  outside: { text: string; onAgreed: (how: string) => void; onClose: () => void } | null;
}) {
  const [seen, setSeen] = useState<string | null>(null);
  return (
    <>
      {away !== null && (
        <Notice
          text={`${away.why} ${away.waiting === 1 ? "One entry waits" : `${String(away.waiting)} entries wait`} here and will be sent, each once, as soon as it can be kept.`}
          urgent
          actions={[
            ["Send now", sendNow],
            ["Do not send", giveUp],
          ]}
        />
      )}
      {outside !== null && (
        <Notice
          text={outside.text}
          urgent
          actions={[
            ["Agreed by telephone", () => outside.onAgreed("by telephone")],
            ["Agreed at the counter", () => outside.onAgreed("at the counter")],
            ["Not agreed", outside.onClose],
          ]}
        />
      )}
      {caughtUp > 0 && (
        <Notice
          text={`${caughtUp === 1 ? "One entry" : `${String(caughtUp)} entries`} made before this page was loaded again ${caughtUp === 1 ? "is" : "are"} on the tape.`}
          actions={[["Seen", clearCaughtUp]]}
        />
      )}
      {air !== undefined && air.verdict !== "fine" && seen !== air.text && (
        <Notice
          text={`${air.text}. ${air.said}`}
          actions={[["Seen", () => setSeen(air.text)]]}
          urgent
        />
      )}
      {held !== "" && (
        <div className="fixed inset-x-0 bottom-0 z-50 border-t-4 border-lamp-deep text-[19px]">
          <Notice
            text={`Typed “${held}”, and no row is open. Go back to a station: ${ROOMS.filter(
              (r) => r.station !== "frets",
            )
              .map((r) => `${shown(r.key)} ${r.title.toLowerCase()}`)
              .join(", ")}. Esc drops it.`}
            actions={[["Drop it", dropHeld]]}
          />
        </div>
      )}
      {unfit !== undefined && <Notice text={unfit} actions={[["Seen", clearUnfit]]} />}
      {news && (
        <Notice
          text="Another window added to this job. The tape shows it."
          actions={[["Seen", clearNews]]}
        />
      )}
    </>
  );
}
