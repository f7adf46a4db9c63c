import { useQueryClient } from "@tanstack/react-query";
import { answer, api, asProblem, type JobView, type Problem } from "../app/api";
import { Help, type HelpLine } from "../app/Help";
import { useUnit } from "../app/unit";
import { Panel } from "../ui/Panel";
import { BridgePanel } from "./BridgePanel";
import { NutPanel } from "./NutPanel";
import { OrderPanel } from "./OrderPanel";
import { ClosePanel, InstrumentPanel, WaysPanel } from "./panels";
import { HabitPanel, HeightHabitPanel } from "./ReadingPanels";
import { SaddlesPanel } from "./SaddlesPanel";
import { atHeights, TITLE, type Station } from "./stations";
import { HeightTargetPanel, TargetPanel } from "./TargetPanels";
import { PickupTargetPanel, ToneWaysPanel } from "./TonePanels";
import type { Send } from "./useJob";

const KEYS: readonly HelpLine[] = [
  ["Enter", "record the reading and go to the next string of this station"],
  ["↑ ↓", "change the string; a series begun at the last one runs upwards"],
  ["D", "do the next move: the dark button"],
  ["O", "another move than the advised one"],
  ["S", "the rod is too stiff"],
  ["R", "retuned"],
  ["K  X  J", "a doubted reading: keep it, drop it, I moved it"],
  ["Z  Shift+Z", "undo, bring back"],
  ["G", "go to the reading field of this station"],
  ["Shift+R  Shift+N  Shift+A", "open relief, nut or action"],
  ["Shift+I  Shift+P", "open intonation or pickups"],
  ["M  V  P", "at intonation: listen, the stand-in, pluck it"],
  ["L  Shift+L", "leave what is advised as it is; later"],
  ["Y", "why?"],
  ["H  T  W", "how it is read, target, ways of turning the rod"],
  ["Q", "order of work, and what was agreed on"],
  ["E", "slots and sums, bridge and neck angle, or saddles and strings"],
  ["N", "write a note"],
  ["U", "change the unit of every number"],
  ["C", "close the job, or see as found and as left"],
  ["I", "correct the instrument"],
  ["B", "back to the bench"],
];

/** The panel that lies over the job; null when none does. */
export type Open =
  "help" | "habit" | "target" | "ways" | "order" | "extras" | "close" | "instrument" | null;

/** The panels over a job, of which one is open at a time. */
export function JobPanels({
  job,
  station,
  open,
  onOpen,
  send,
  working,
  problem,
  onCorrected,
}: {
  job: JobView;
  station: Station;
  open: Open;
  onOpen: (open: Open) => void;
  send: Send;
  working: boolean;
  /** What went wrong last. */
  problem: Problem | null;
  /** The instrument was corrected here, which is no news from another window; told what does not fit it any more. */
  onCorrected: (unfit: string | undefined) => void;
}) {
  const { unit } = useUnit();
  const queries = useQueryClient();
  const panelTrouble = open === null ? null : (problem?.message ?? null);
  const panel = { job, send, trouble: panelTrouble, onDone: () => onOpen(null) };
  return (
    <>
      <Help
        open={open === "help"}
        onClose={() => onOpen(null)}
        title="Keys of this job"
        keys={KEYS}
      />
      <Panel
        open={open === "habit"}
        onClose={() => onOpen(null)}
        title={`How ${TITLE[station].toLowerCase()} is read`}
      >
        {station === "RELIEF" ? (
          <HabitPanel {...panel} />
        ) : atHeights(station) ? (
          <HeightHabitPanel {...panel} station={station} />
        ) : (
          <ToneWaysPanel {...panel} />
        )}
      </Panel>
      <Panel
        open={open === "target"}
        onClose={() => onOpen(null)}
        title={`Target: ${TITLE[station].toLowerCase()}`}
      >
        {station === "RELIEF" ? (
          <TargetPanel {...panel} />
        ) : atHeights(station) ? (
          <HeightTargetPanel {...panel} station={station} />
        ) : station === "PICKUPS" ? (
          <PickupTargetPanel {...panel} />
        ) : (
          <ToneWaysPanel {...panel} />
        )}
      </Panel>
      <Panel open={open === "order"} onClose={() => onOpen(null)} title="Order of work">
        <OrderPanel {...panel} />
      </Panel>
      <Panel
        open={open === "extras"}
        onClose={() => onOpen(null)}
        title={
          station === "NUT"
            ? "Slots, spacing, break angle"
            : station === "INTONATION"
              ? "Strings and saddles"
              : `Bridge: ${job.bridge.label}`
        }
      >
        {station === "NUT" ? (
          <NutPanel job={job} send={send} trouble={panelTrouble} />
        ) : station === "INTONATION" ? (
          <SaddlesPanel job={job} send={send} problem={problem} />
        ) : (
          <BridgePanel {...panel} />
        )}
      </Panel>
      <Panel open={open === "ways"} onClose={() => onOpen(null)} title="Turning this rod">
        <WaysPanel {...panel} />
      </Panel>
      <Panel open={open === "instrument"} onClose={() => onOpen(null)} title="Instrument">
        <InstrumentPanel
          instrument={job.instrument}
          onSaved={async (facts, sure) => {
            try {
              const saved = await answer(
                api.PUT("/api/jobs/{id}/instrument", {
                  params: { path: { id: job.id }, query: { unit } },
                  body: { version: job.instrument.version, facts, sure },
                }),
              );
              queries.setQueryData(["job", job.id, unit], saved);
              onCorrected(saved.unfit === job.unfit ? undefined : saved.unfit);
              onOpen(null);
              return null;
            } catch (error) {
              return asProblem(error);
            }
          }}
        />
      </Panel>
      <Panel
        open={open === "close"}
        onClose={() => onOpen(null)}
        title={job.closed ? "As found and as left" : "Close the job"}
      >
        <ClosePanel
          job={job}
          working={working}
          onClose={() =>
            void send((stamp, params) =>
              api.POST("/api/jobs/{id}/close", { params, body: stamp }),
            ).then((done) => {
              if (done !== null) onOpen(null);
            })
          }
        />
      </Panel>
    </>
  );
}
