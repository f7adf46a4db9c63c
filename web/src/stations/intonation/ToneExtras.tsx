import type { JobView } from "../../app/api";
import { Tick } from "../../job/SettingForm";
import { Button } from "../../ui/controls";

/** Over the intonation ledger: what should be seen to first. */
export function ToneWarnings({ job }: { job: JobView }) {
  return job.intonation.warnings.map((warning) => (
    <p key={warning} className="mb-1 border-l-4 border-rust bg-rust-wash px-3 py-1.5 text-[15px]">
      {warning}
    </p>
  ));
}

/** Under the intonation ledger: stretching, and the way to strings and saddles. */
export function ToneExtras({
  job,
  stretching,
  string,
  onStretching,
  onMore,
}: {
  job: JobView;
  stretching: boolean;
  string: number;
  onStretching: (on: boolean) => void;
  onMore: () => void;
}) {
  const { intonation } = job;
  const stretch = intonation.strings.stretches.find((s) => s.string === string);
  return (
    <div className="mt-2 flex flex-wrap items-center gap-x-5">
      <Tick checked={stretching} onChange={onStretching}>
        <span>
          Stretching string {string} {stretch?.name}
          {stretch !== undefined && stretch.rounds > 0 && (
            <span className="text-mute">
              , {stretch.rounds} round{stretch.rounds === 1 ? "" : "s"}, last {stretch.last} cents
            </span>
          )}
        </span>
      </Tick>
      <Button shortcut="E" onClick={onMore}>
        Strings and saddles
      </Button>
    </div>
  );
}
