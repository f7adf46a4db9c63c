import { api, type JobView } from "../../app/api";
import { Remarks } from "../../job/Remarks";
import type { Send } from "../../job/useJob";
import { Button } from "../../ui/controls";

const TAPS = [
  ["nothing", "no travel"],
  ["just-bounces", "just bounces"],
  ["clearly", "clearly travels"],
] as const;

/** Below the nut's ledger: a reading by tapping, what the slots are like, and the way to the nut's sums. */
export function NutExtras({
  job,
  send,
  string,
  onMore,
}: {
  job: JobView;
  send: Send;
  string: number;
  onMore: () => void;
}) {
  const { nut, nutBench } = job;
  const row = nut.rows.find((r) => r.string === string);
  const flawed = nutBench.slots.filter((s) => s.flaws.length > 0);
  return (
    <>
      {nut.habit.pressed > 0 && !job.closed && (
        <div className="mt-3 flex flex-wrap items-center gap-2">
          <span className="text-[15px] font-semibold text-mute">
            Or tap string {string} {row?.name} over fret 1
          </span>
          {TAPS.map(([tap, label]) => (
            <Button
              key={tap}
              onClick={() =>
                void send(
                  (stamp, params) =>
                    api.POST("/api/jobs/{id}/readings", {
                      params,
                      body: { ...stamp, station: "nut", string, tap, sure: true },
                    }),
                  // a reading waits for the one before it
                  true,
                )
              }
            >
              {label}
            </Button>
          ))}
        </div>
      )}
      <p className="mt-3 text-[15px] text-mute">
        A {nutBench.material} nut; the file takes {nutBench.bite}.
        {nutBench.temporary && " A temporary repair is in it."}
      </p>
      {flawed.map((s) => (
        <p key={s.string} className="mt-1 text-[15px] text-rust">
          ▲ Slot {s.string} {s.name}:{" "}
          {s.flaws
            .map((f) => nutBench.flaws.find((known) => known.flaw === f)?.label ?? "")
            .join(", ")}
          .
        </p>
      ))}
      <Remarks lines={nut.remarks} />
      <Button className="mt-2" shortcut="E" onClick={onMore}>
        Slots, spacing, break angle
      </Button>
    </>
  );
}
