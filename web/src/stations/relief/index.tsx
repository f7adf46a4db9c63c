import { api, type JobView } from "../../app/api";
import { Countdown } from "../../ui/Countdown";
import { Fractions } from "../../ui/Fractions";
import { Button } from "../../ui/controls";
import { Ledger } from "../heights/Ledger";
import type { AdviceProps, LedgerProps, StationRoom } from "../room";
import { HabitPanel } from "./HabitPanel";
import { OtherTurn } from "./OtherTurn";
import { ReliefExtras } from "./ReliefExtras";
import { ReliefTargetPanel } from "./ReliefTargetPanel";
import { WaysPanel } from "./WaysPanel";

/** A rod that can be turned now. */
const turnable = (job: JobView) => job.instrument.rod !== "none" && !job.closed;

function ReliefLedger(given: LedgerProps) {
  const { job } = given;
  return (
    <Ledger
      {...given}
      station="relief"
      title="Relief"
      method={job.relief.method}
      suffix={job.relief.suffix}
      rows={job.relief.rows}
    >
      <ReliefExtras job={job} />
    </Ledger>
  );
}

function RodStands({ job }: AdviceProps) {
  if (!turnable(job)) return null;
  return (
    <p className="mt-1 text-[15px] text-mute">
      <Fractions text={`The rod stands ${job.relief.ways.net}.`} />
    </p>
  );
}

function Settling({ job, refetch }: AdviceProps) {
  if (job.advice.kind !== "settle" || job.settlingUntil === undefined) return null;
  return (
    <p className="mt-3">
      <Countdown until={job.settlingUntil} now={job.now} label="Neck settling" onOver={refetch} />
    </p>
  );
}

/** What else can have happened at the wrench. */
function RodAnswers({ job, send, actions, working }: AdviceProps) {
  const { kind } = job.advice;
  return (
    <>
      {kind === "wrong-way" && (
        <Button disabled={working} onClick={actions.otherWay}>
          I turned it the other way
        </Button>
      )}
      {kind === "retune" && turnable(job) && (
        <Button
          disabled={working}
          onClick={() =>
            void send((stamp, params) =>
              api.POST("/api/jobs/{id}/relief/direction", {
                params,
                body: { ...stamp, straightensAnticlockwise: true },
              }),
            )
          }
        >
          The pitch moved the other way
        </Button>
      )}
      {turnable(job) && (kind === "turn" || kind === "free-play") && (
        <Button disabled={working} shortcut="S" onClick={actions.stiff}>
          Too stiff
        </Button>
      )}
    </>
  );
}

/** The rod, and the relief that it gives. */
export const relief: StationRoom = {
  station: "relief",
  title: "Relief",
  key: "shift+r",
  strings: (job) => job.relief.rows.map((r) => r.string),
  doubts: (job) => job.relief.rows,
  Ledger: ReliefLedger,
  Target: ReliefTargetPanel,
  HowRead: HabitPanel,
  Ways: {
    title: "Turning this rod",
    link: "How the rod is turned",
    has: turnable,
    Panel: WaysPanel,
  },
  Other: OtherTurn,
  movable: turnable,
  Standing: RodStands,
  Question: Settling,
  Answers: RodAnswers,
  keys: ({ job, actions, open }) =>
    turnable(job) ? { s: actions.stiff, w: () => open("ways") } : {},
  help: [
    ["S", "the rod is too stiff"],
    ["W", "how the rod is turned"],
  ],
};
