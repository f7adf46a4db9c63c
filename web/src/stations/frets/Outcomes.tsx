import { api } from "../../app/api";
import { Button } from "../../ui/controls";
import type { AdviceProps } from "../room";

/** What the proposed test can show: the answer is one touch, or one key and Enter. */
export function Outcomes({ job, send, working }: AdviceProps) {
  const { next, proposed } = job.frets;
  const test = proposed ?? next;
  if (job.closed || job.advice.station !== "frets" || job.advice.kind !== "test") return null;
  if (test === undefined) return null;
  return (
    <>
      {test.outcomes.map((outcome) => (
        <Button
          key={outcome.code}
          data-outcome
          disabled={working}
          onClick={() =>
            void send((stamp, params) =>
              api.POST("/api/jobs/{id}/frets/tests", {
                params,
                body: {
                  ...stamp,
                  test: test.test,
                  outcome: outcome.code,
                  ...(test.string === undefined ? {} : { string: test.string }),
                  ...(test.fret === undefined ? {} : { fret: test.fret }),
                },
              }),
            )
          }
        >
          {outcome.label.replace(/^./, (c) => c.toUpperCase())}
        </Button>
      ))}
    </>
  );
}
