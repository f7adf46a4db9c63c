import { api, type JobView } from "../app/api";
import { CrossSection } from "../section/CrossSection";
import { Button } from "../ui/controls";
import { Fractions } from "../ui/Fractions";
import { Remarks } from "./Ledger";
import type { Send } from "./useJob";

const TAPS = [
  ["NOTHING", "no travel"],
  ["JUST_BOUNCES", "just bounces"],
  ["CLEARLY", "clearly travels"],
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
                void send((stamp, params) =>
                  api.POST("/api/jobs/{id}/readings", {
                    params,
                    body: { ...stamp, station: "NUT", string, tap, sure: true },
                  }),
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

/** Below the action's ledger: the strings across the bridge, the screws, and the way to the bridge's measures. */
export function ActionExtras({
  job,
  string,
  onMore,
}: {
  job: JobView;
  string: number;
  onMore: () => void;
}) {
  const { bridge, action } = job;
  const read = action.rows.some((r) => r.now !== undefined);
  const turned = bridge.screws.filter((s) => s.net !== "as found");
  return (
    <>
      <h3 className="wide mt-4 text-[15px] font-semibold">Across the bridge: {bridge.label}</h3>
      {read ? (
        <>
          <CrossSection
            strings={bridge.across}
            supports={bridge.screws}
            blank={!bridge.screwed}
            leftHanded={job.instrument.leftHanded}
            chosen={string}
          />
          <p className="mt-1 text-[15px] text-mute">{bridge.arc}</p>
        </>
      ) : (
        <p className="mt-1 text-[15px] text-mute">Read the action, and the strings appear here.</p>
      )}
      {bridge.screwed && (
        <p className="mt-1 text-[15px] text-mute">
          Screws: {bridge.pitch}.{" "}
          <Fractions
            text={
              turned.length === 0
                ? "All as found."
                : turned.map((s) => `${s.name} ${s.net}`).join("; ") + "."
            }
          />
        </p>
      )}
      {bridge.travel !== undefined && (
        <p className="mt-1 text-[15px] text-mute">Travel left: {bridge.travel}.</p>
      )}
      <Remarks lines={[...bridge.angle, ...action.remarks]} />
      <Button className="mt-2" shortcut="E" onClick={onMore}>
        Travel, neck angle, radius gauge
      </Button>
    </>
  );
}
