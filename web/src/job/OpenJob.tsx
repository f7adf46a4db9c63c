import { useEffect, useRef, useState } from "react";
import { Link, useNavigate } from "react-router";
import { api, Problem, type JobView } from "../app/api";
import { useUnit } from "../app/unit";
import { Section } from "../section/Section";
import { Meanwhile } from "../day/Meanwhile";
import { WaitsBar } from "../day/WaitsBar";
import { ROOMS } from "../stations/registry";
import type { Open, Station } from "../stations/room";
import { JobBar } from "./JobBar";
import { JobPanels } from "./JobPanels";
import { HeardAbove } from "./ListeningBar";
import { NextMove } from "./NextMove";
import { Notices } from "./Notices";
import { StationRail } from "./StationRail";
import { TapeColumn } from "./TapeColumn";
import { jobActions } from "./actions";
import { usePedal } from "../app/usePedal";
import { AlwaysThere } from "./AlwaysThere";
import { CardLinks } from "./ClosePanel";
import { FoundAndLeft } from "./panels";
import { useJob } from "./useJob";
import { useJobKeys } from "./useJobKeys";
import { useArmed } from "./useArmed";
import { useHeldDigits } from "./useHeldDigits";
import { useStationEar } from "./useStationEar";
import { useWaiting } from "./useWaiting";
import { useWhere } from "./useWhere";

/** A job at the bench: the section, the stations, the ledger of the open one, the next move, the tape. What belongs to a station comes from its room. */
export function OpenJob({
  job,
  send,
  sendEntry,
  hear,
  working,
  problem,
  clearProblem,
  setProblem,
  refetch,
  ...elsewhere
}: { job: JobView; refetch: () => void } & Omit<ReturnType<typeof useJob>, "job">) {
  const { next: nextUnit } = useUnit();
  const navigate = useNavigate();
  const [open, setOpenPanel] = useState<Open>(null);
  const [other, setOther] = useState(false);
  const [noting, setNoting] = useState(false);
  const [unfit, setUnfit] = useState<string>();
  const where = useWhere(job);
  const { room, station, string, setString, fields, comeBack } = where;
  const waiting = useWaiting(job.id, station);
  // whoever comes back from a panel stands where they were
  const backToField = useRef(false);
  const setOpen = (panel: Open) => {
    clearProblem();
    setOpenPanel(panel);
    if (panel === null) backToField.current = true;
  };
  useEffect(() => {
    if (open !== null || !backToField.current) return;
    backToField.current = false;
    const timer = setTimeout(comeBack, 0);
    return () => clearTimeout(timer);
  }, [open, comeBack]);
  const { held, drop } = useHeldDigits(() => (open === null ? where.openField() : undefined));
  const listening = useStationEar(job, hear, room.listens, string, (next) => {
    if (next === undefined) return;
    setString(next);
    // whoever types in between goes on with the same string
    if (document.activeElement instanceof HTMLInputElement) where.focusAfterDrawing(next);
  });
  const openStation = (to: Station) => {
    listening.leave();
    where.openStation(to);
    setOther(false);
  };
  /** To the first reading that is asked for, at its own station; or to the question. */
  const goToReading = () => {
    if (where.goToQuestion()) return;
    if (job.advice.station !== station) {
      listening.leave();
      setOther(false);
    }
    where.goToAsked();
  };
  /** What was taken back is typed anew: the cursor goes to its row, and the series on from there. */
  const onUndone = (now: JobView) => {
    const undone = new Set(job.tape.filter((line) => line.undone).map((line) => line.seq));
    const back = now.tape.find((line) => line.undone && !undone.has(line.seq))?.row;
    if (back !== undefined) where.goToRow(back.station, back.string);
  };
  /** What was done is looked at next: the cursor goes to the reading that is asked for, and nobody has to send it there. */
  const onDid = (now: JobView) => {
    const { does, station: to, strings: which } = now.advice;
    if (does !== "read" || which.length === 0 || document.activeElement?.closest("form") != null)
      return;
    if (to !== station) {
      listening.leave();
      setOther(false);
    }
    where.goToAsked(now.advice);
  };
  usePedal(open === null);
  const { armed, isArmed } = useArmed(job.advice.move);
  const actions = jobActions(job, send, {
    goToReading,
    close: () => setOpen("close"),
    onUndone,
    onDid,
    armed: isArmed,
    onTooSoon: () =>
      setProblem(
        new Problem(
          0,
          "The next move changed just as the key came, so nothing was recorded. Look at it, then press again.",
        ),
      ),
  });
  const movable = !job.closed && (room.movable?.(job) ?? true);
  useJobKeys(job, actions, {
    active: open === null,
    string,
    room,
    go: where.goToField,
    onStation: openStation,
    onOpen: setOpen,
    listening,
    own: {
      o: () => movable && setOther(!other),
      n: () => setNoting(true),
      u: nextUnit,
      b: () => void navigate("/"),
      "shift+t": () => void navigate(`/jobs/${String(job.id)}/what-if`),
      "shift+w": () => void navigate(`/jobs/${String(job.id)}/arrival`),
    },
  });

  /** The station that was not agreed on, when that is what went wrong. */
  const outside =
    problem?.code === "outside" ? ROOMS.find((r) => r.station === problem.station) : undefined;
  const agreeToo = (more: Station, how: string) =>
    void send((stamp, params) =>
      api.POST("/api/jobs/{id}/agreed-too", { params, body: { ...stamp, station: more, how } }),
    );
  const section = job.sections.find((s) => s.string === string) ?? job.sections[0];
  const told = open === null && outside === undefined ? problem : null;
  return (
    <>
      <JobBar job={job} refetch={refetch} onOpen={setOpen} />
      {listening.ear.source !== null ? (
        <HeardAbove ear={listening.ear} wanted={listening.wanted} />
      ) : room.Drawing !== undefined ? (
        <room.Drawing job={job} send={send} hear={hear} active={open === null} />
      ) : (
        section !== undefined && (
          <Section
            section={section}
            others={job.sections}
            crowns={job.frets.crowns}
            about={station}
          />
        )
      )}
      <StationRail
        stations={job.stations}
        open={station}
        waiting={waiting.at}
        onOpen={openStation}
      />
      <Notices
        {...elsewhere}
        unfit={unfit}
        clearUnfit={() => setUnfit(undefined)}
        held={held}
        dropHeld={drop}
        air={job.closed ? undefined : job.air}
        outside={
          problem !== null && outside !== undefined
            ? {
                text: problem.message,
                onAgreed: (how) => agreeToo(outside.station, how),
                onClose: clearProblem,
              }
            : null
        }
      />
      <WaitsBar job={job} send={send} />
      <div className="flex items-baseline gap-x-4 border-b border-line px-5 text-[16px]">
        <p className="min-w-0 flex-1 truncate py-1" title={job.complaint} data-testid="complaint">
          {job.complaint === "" ? "" : `“${job.complaint}”`}
        </p>
        <AlwaysThere job={job} onRetuned={actions.retuned} onClose={() => setOpen("close")} />
        {!job.closed && (
          <Link
            to={`/jobs/${String(job.id)}/what-if`}
            aria-keyshortcuts="shift+t"
            className="-my-2 py-3 whitespace-nowrap underline decoration-line-strong underline-offset-4"
          >
            What if?
          </Link>
        )}
        <Link
          to={`/players/${String(job.playerId)}`}
          className="-my-2 max-w-[50%] truncate py-3 text-mute underline decoration-line-strong underline-offset-4"
          title={job.player}
        >
          {job.player}
        </Link>
      </div>
      <main
        data-seq={job.seq}
        data-move={job.advice.move}
        data-armed={armed}
        className="grid xl:grid-cols-[522px_minmax(0,1fr)_280px] xl:divide-x xl:divide-line"
      >
        <room.Ledger
          key={station}
          job={job}
          send={send}
          sendEntry={sendEntry}
          actions={actions}
          problem={told}
          string={string}
          onString={setString}
          fields={fields}
          waiting={waiting}
          visit={where.visit}
          asked={where.asked}
          listening={listening}
          onOpen={setOpen}
        />
        <div className="max-xl:order-first max-xl:border-b max-xl:border-line">
          <NextMove
            job={job}
            actions={actions}
            problem={room.tellsProblems === true ? null : told}
            other={other}
            movable={movable}
            onOther={setOther}
            onOtherDone={() => {
              setOther(false);
              where.goToField();
            }}
            onStation={openStation}
            onOpen={setOpen}
            working={working}
            refetch={refetch}
            room={room}
            send={send}
          />
          {(job.advice.kind === "wait" || job.advice.kind === "settle") && (
            <Meanwhile job={job.id} />
          )}
          {job.closed && (
            <div className="px-5 pb-5">
              <FoundAndLeft job={job} />
              <CardLinks job={job} />
            </div>
          )}
        </div>
        <div className="max-xl:border-t max-xl:border-line">
          <TapeColumn
            job={job}
            send={send}
            actions={actions}
            working={working}
            noting={noting}
            onNoting={setNoting}
            onAgreed={() => setOpen("agreed")}
            onLog={() => setOpen("log")}
            onDay={() => setOpen("day")}
            onPlay={() => setOpen("play-off")}
          />
        </div>
      </main>
      <JobPanels
        job={job}
        room={room}
        open={open}
        onOpen={setOpen}
        send={send}
        problem={problem}
        onCorrected={(dropped) => {
          elsewhere.clearNews();
          setUnfit(dropped);
        }}
      />
    </>
  );
}
