import { useQueryClient } from "@tanstack/react-query";
import { DevicePanel } from "../app/DevicePanel";
import { Help } from "../app/Help";
import { answer, api, asProblem, Problem, type JobView } from "../app/api";
import { useUnit } from "../app/unit";
import { waysOf } from "../stations/registry";
import type { Open, StationRoom } from "../stations/room";
import { Button } from "../ui/controls";
import { Panel } from "../ui/Panel";
import { PlayOffPanel } from "../playoff/PlayOffPanel";
import { DayPanel } from "../day/DayPanel";
import { OrderPanel } from "./OrderPanel";
import { AgreedPanel } from "./AgreedPanel";
import { BenchLogPanel } from "./BenchLogPanel";
import { ClosePanel } from "./ClosePanel";
import { InstrumentPanel } from "./panels";
import type { Send } from "./useJob";
import { KEYS } from "./useJobKeys";
import { useOwnSend } from "./useOwnSend";

/** The panels over a job, of which one is open at a time. */
export function JobPanels({
  job,
  room,
  open,
  onOpen,
  send,
  problem,
  onCorrected,
}: {
  job: JobView;
  /** The open station. */
  room: StationRoom;
  open: Open;
  onOpen: (open: Open) => void;
  send: Send;
  /** What went wrong last. */
  problem: Problem | null;
  /** The instrument was corrected here, which is no news from another window; told what does not fit it any more. */
  onCorrected: (unfit: string | undefined) => void;
}) {
  const { unit } = useUnit();
  const queries = useQueryClient();
  const panelTrouble = open === null ? null : (problem?.message ?? null);
  const ways = waysOf(job);
  const own = useOwnSend(send);
  const panel = { job, send: own, trouble: panelTrouble, onDone: () => onOpen(null) };
  return (
    <>
      <Help
        open={open === "help"}
        onClose={() => onOpen(null)}
        title="Keys of this job"
        keys={KEYS}
      >
        <Button className="mb-4" onClick={() => onOpen("device")} shortcut="Shift+S">
          Sounds, pedal and caliper
        </Button>
      </Help>
      <DevicePanel open={open === "device"} onClose={() => onOpen(null)} />
      {room.HowRead !== undefined && (
        <Panel
          open={open === "habit"}
          onClose={() => onOpen(null)}
          title={`How ${room.title.toLowerCase()} is read`}
        >
          <room.HowRead {...panel} />
        </Panel>
      )}
      {room.Target !== undefined && (
        <Panel
          open={open === "target"}
          onClose={() => onOpen(null)}
          title={`Target: ${room.title.toLowerCase()}`}
        >
          <room.Target {...panel} />
        </Panel>
      )}
      <Panel open={open === "order"} onClose={() => onOpen(null)} title="Order of work">
        <OrderPanel {...panel} />
      </Panel>
      {room.More !== undefined && (
        <Panel open={open === "extras"} onClose={() => onOpen(null)} title={room.More.title(job)}>
          <room.More.Panel {...panel} problem={problem} />
        </Panel>
      )}
      {ways !== undefined && (
        <Panel open={open === "ways"} onClose={() => onOpen(null)} title={ways.title}>
          <ways.Panel {...panel} />
        </Panel>
      )}
      <Panel open={open === "log"} onClose={() => onOpen(null)} title="Tray and strings">
        <BenchLogPanel {...panel} problem={open === null ? null : problem} />
      </Panel>
      <Panel open={open === "day"} onClose={() => onOpen(null)} title="Promise and waits">
        <DayPanel job={job} send={send} problem={open === null ? null : problem} />
      </Panel>
      <Panel open={open === "play-off"} onClose={() => onOpen(null)} title="Play it through" wide>
        <PlayOffPanel {...panel} />
      </Panel>
      <Panel open={open === "agreed"} onClose={() => onOpen(null)} title="Agreed with the player">
        <AgreedPanel {...panel} />
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
        atTitle
      >
        <ClosePanel {...panel} problem={problem} />
      </Panel>
    </>
  );
}
