import type { JobView } from "../../app/api";
import { Remarks } from "../../job/Remarks";
import { CrossSection } from "../../section/CrossSection";
import { Fractions } from "../../ui/Fractions";
import { Button } from "../../ui/controls";

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
  const turned = bridge.screws.filter((s) => s.turned);
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
