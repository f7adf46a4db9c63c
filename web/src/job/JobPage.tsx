import { useEffect, useLayoutEffect, useRef, useState } from "react";
import { useNavigate, useParams } from "react-router";
import { Problem, type JobView } from "../app/api";
import { NotFound } from "../app/NotFound";
import { useShortcuts } from "../app/shortcuts";
import { TopBar } from "../app/TopBar";
import { useUnit } from "../app/unit";
import { Section } from "../section/Section";
import { Trouble } from "../ui/controls";
import { Countdown } from "../ui/Countdown";
import { jobActions } from "./actions";
import { JobPanels, type Open } from "./JobPanels";
import { Ledger, ReliefExtras } from "./Ledger";
import { HeardAbove, ListeningBar } from "./ListeningBar";
import { NextMove, PROUD_FIELD } from "./NextMove";
import { FoundAndLeft } from "./panels";
import { Pickups } from "./Pickups";
import { ActionExtras, NutExtras } from "./StationExtras";
import { StationRail } from "./StationRail";
import {
  atHeights,
  methodOf,
  rowsOf,
  STATIONS,
  stringsOf,
  suffixOf,
  TITLE,
  type Station,
} from "./stations";
import { StoredJob } from "./StoredJob";
import { TapeColumn } from "./TapeColumn";
import { ToneExtras, ToneWarnings } from "./ToneExtras";
import { ToneLedger } from "./ToneLedger";
import { useJob } from "./useJob";
import { useStationEar } from "./useStationEar";

export function JobPage() {
  const { id } = useParams();
  const number = Number(id);
  if (!Number.isSafeInteger(number) || number < 1) return <NotFound />;
  return <Job key={number} id={number} />;
}

function Job({ id }: { id: number }) {
  const { job, ...sending } = useJob(id);
  const navigate = useNavigate();
  useEffect(() => {
    if (job.data !== undefined)
      document.title = `${ticketOf(job.data)} ${job.data.instrument.name}, ${job.data.player} · Barytone`;
  }, [job.data]);
  if (job.data === undefined)
    return (
      <>
        <TopBar onHelp={() => undefined} />
        <main className="p-6 text-[18px]">
          <h1 className="wide mb-3 text-[24px] font-bold">
            {job.error === null ? "Fetching the job" : "This job cannot be shown"}
          </h1>
          {job.error !== null &&
            (job.error instanceof Problem && job.error.code === "cannot-be-shown" ? (
              <StoredJob id={id} onShown={() => void job.refetch()} />
            ) : (
              <Trouble text={job.error.message} />
            ))}
          {job.error !== null && (
            <button
              type="button"
              className="mt-4 min-h-11 underline"
              onClick={() => void navigate("/")}
            >
              Back to the bench
            </button>
          )}
        </main>
      </>
    );
  return <OpenJob job={job.data} {...sending} refetch={() => void job.refetch()} />;
}

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

function ticketOf(job: JobView): string {
  return String(job.ticket).padStart(4, "0");
}

function OpenJob({
  job,
  send,
  sendEntry,
  hear,
  working,
  problem,
  clearProblem,
  news,
  clearNews,
  away,
  sendNow,
  giveUp,
  caughtUp,
  clearCaughtUp,
  refetch,
}: { job: JobView; refetch: () => void } & Omit<ReturnType<typeof useJob>, "job">) {
  const { next: nextUnit } = useUnit();
  const navigate = useNavigate();
  const [open, setOpenPanel] = useState<Open>(null);
  const [other, setOther] = useState(false);
  const [noting, setNoting] = useState(false);
  /** What a correction of the instrument has left without a meaning. */
  const [unfit, setUnfit] = useState<string>();
  const bassString = job.relief.rows[0]?.string ?? 1;
  // the page opens where the next move is; from then on only the technician changes the station
  const [station, setStation] = useState<Station>(job.advice.station);
  const [visit, setVisit] = useState(0);
  const strings = stringsOf(job, station);
  const [wantedString, setString] = useState(bassString);
  const string = strings.includes(wantedString) ? wantedString : (strings[0] ?? bassString);
  const fields = useRef(new Map<number, HTMLInputElement>());
  const setOpen = (panel: Open) => {
    clearProblem();
    setOpenPanel(panel);
    if (panel === null) backToField.current = true;
  };
  // whoever comes back from a panel stands where they were
  const backToField = useRef(false);
  // A field of another station is there only after the drawing that shows it. Where to go belongs to that drawing: kept beside it, what was still to be done after
  // the drawing before would take it to a field that is about to go, and the next series would be typed nowhere.
  const [goingTo, setGoingTo] = useState<{ station: Station; string: number } | null>(null);
  const focusAfterDrawing = (target: number, at: Station = station) =>
    setGoingTo({ station: at, string: target });
  useLayoutEffect(() => {
    if (goingTo === null) return;
    if (goingTo.station === "PICKUPS")
      document.querySelector<HTMLInputElement>("[data-pickup-gap]")?.focus();
    else fields.current.get(goingTo.string)?.focus();
  }, [goingTo]);
  /** To the field of the open station, where the cursor was. */
  const goToField = () => {
    // a series that has come to rest begins anew; otherwise the cursor goes on where it was
    const asked = job.advice.station === station ? job.advice.strings[0] : undefined;
    const atRest = document.activeElement?.matches("[data-rest]") === true;
    const target = atRest ? (asked ?? stringsOf(job, station)[0] ?? string) : string;
    setString(target);
    focusAfterDrawing(target);
  };
  /** To the first reading that is asked for, at its own station; or to the question. */
  const goToReading = () => {
    const target = job.advice.strings[0];
    if (job.advice.kind === "proud") document.getElementById(PROUD_FIELD)?.focus();
    else if (job.advice.station !== station) openStation(job.advice.station, target);
    else {
      if (target !== undefined) setString(target);
      focusAfterDrawing(target ?? string);
    }
  };
  const listening = useStationEar(job, hear, station, string, (next) => {
    if (next === undefined) return;
    setString(next);
    // whoever types in between goes on with the same string
    if (document.activeElement instanceof HTMLInputElement) focusAfterDrawing(next);
  });
  const { ear } = listening;
  const openStation = (to: Station, at?: number) => {
    setStation(to);
    setVisit((n) => n + 1);
    const asked = job.advice.station === to ? job.advice.strings[0] : undefined;
    const first = at ?? asked ?? stringsOf(job, to)[0] ?? bassString;
    setString(first);
    listening.leave();
    focusAfterDrawing(first, to);
    setOther(false);
  };
  const actions = jobActions(job, send, goToReading);
  const settling = job.settlingUntil;
  const ledgerRows = atHeights(station) ? rowsOf(job, station) : [];
  // the doubt in the open row goes before the others of the station
  const doubt =
    ledgerRows.find((row) => row.string === string && row.doubt !== undefined)?.doubt ??
    ledgerRows.find((row) => row.doubt !== undefined)?.doubt;
  const afterOther = () => {
    setOther(false);
    goToField();
  };

  // the first thing a technician does here is read
  const wanted = job.advice.strings[0];
  useEffect(() => {
    if (open !== null || !backToField.current) return;
    backToField.current = false;
    const timer = setTimeout(() => fields.current.get(string)?.focus({ preventScroll: true }), 0);
    return () => clearTimeout(timer);
  }, [open, string, fields, backToField]);
  const started = useRef(false);
  useLayoutEffect(() => {
    if (started.current) return;
    started.current = true;
    fields.current.get(wanted ?? bassString)?.focus({ preventScroll: true });
  }, [wanted, bassString, fields]);

  const rod = job.instrument.rod !== "NONE" && !job.closed;
  useShortcuts(
    {
      d: () => (job.advice.kind === "done" ? setOpen("close") : actions.primary()),
      o: () => !job.closed && (rod || station !== "RELIEF") && setOther(!other),
      s: () => rod && actions.stiff(),
      r: () => !job.closed && actions.retuned(),
      k: () => doubt !== undefined && actions.keep(doubt.seq),
      x: () => doubt !== undefined && actions.drop(doubt.seq),
      j: () =>
        doubt !== undefined &&
        (doubt.unturned === undefined ? actions.moved(doubt.seq) : actions.undo(doubt.unturned)),
      "shift+l": () => job.advice.canWait && actions.later(),
      z: () => job.canUndo && actions.undo(),
      "shift+z": () => job.canRedo && actions.redo(),
      g: goToField,
      m: () => listening.toggle("microphone"),
      v: () => listening.toggle("standIn"),
      p: listening.pluck,
      h: () => station !== "PICKUPS" && setOpen("habit"),
      t: () => setOpen("target"),
      w: () => rod && setOpen("ways"),
      q: () => setOpen("order"),
      e: () => station !== "RELIEF" && station !== "PICKUPS" && setOpen("extras"),
      l: () => job.advice.decline !== undefined && actions.decline(),
      ...Object.fromEntries(STATIONS.map((s) => [s.key, () => openStation(s.station)])),
      n: () => setNoting(true),
      u: nextUnit,
      c: () => setOpen("close"),
      i: () => setOpen("instrument"),
      b: () => void navigate("/"),
      "?": () => setOpen("help"),
    },
    open === null,
  );

  const section = job.sections.find((s) => s.string === string) ?? job.sections[0];
  return (
    <>
      <TopBar onHelp={() => setOpen("help")}>
        <span className="flex min-w-0 flex-wrap items-baseline gap-x-3 text-[16px] xl:flex-nowrap">
          <span className="whitespace-nowrap">Ticket {ticketOf(job)}</span>
          <h1 className="min-w-0 shrink-0">
            <button
              type="button"
              onClick={() => setOpen("instrument")}
              className="min-h-11 max-w-[20em] truncate text-left text-[17px] font-semibold text-white underline decoration-[#4b5b55] underline-offset-4 hover:decoration-white"
            >
              {job.instrument.name}
            </button>
          </h1>
          <span className="max-w-[14em] min-w-0 truncate text-[#B9C4BE]" title={job.player}>
            {job.player}
          </span>
        </span>
        {settling !== undefined && (
          <Countdown until={settling} now={job.now} label="Neck settling" dark onOver={refetch} />
        )}
      </TopBar>
      {ear.source !== null ? (
        <HeardAbove ear={ear} wanted={listening.wanted} />
      ) : (
        section !== undefined && <Section section={section} others={job.sections} />
      )}
      <StationRail stations={job.stations} open={station} onOpen={openStation} />
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
      {caughtUp > 0 && (
        <Notice
          text={`${caughtUp === 1 ? "One entry" : `${String(caughtUp)} entries`} made before this page was loaded again ${caughtUp === 1 ? "is" : "are"} on the tape.`}
          actions={[["Seen", clearCaughtUp]]}
        />
      )}
      {unfit !== undefined && (
        <Notice text={unfit} actions={[["Seen", () => setUnfit(undefined)]]} />
      )}
      {news && (
        <Notice
          text="Another window added to this job. The tape shows it."
          actions={[["Seen", clearNews]]}
        />
      )}
      {job.complaint !== "" && (
        <p
          className="truncate border-b border-line px-5 py-1 text-[16px]"
          title={job.complaint}
          data-testid="complaint"
        >
          “{job.complaint}”
        </p>
      )}
      <main
        data-seq={job.seq}
        className="grid xl:grid-cols-[522px_minmax(0,1fr)_280px] xl:divide-x xl:divide-line"
      >
        {atHeights(station) ? (
          <Ledger
            key={station}
            job={job}
            station={station}
            title={TITLE[station]}
            method={methodOf(job, station)}
            suffix={suffixOf(job, station)}
            rows={ledgerRows}
            send={send}
            sendEntry={sendEntry}
            actions={actions}
            string={string}
            onString={setString}
            fields={fields}
            visit={visit}
            onHabit={() => setOpen("habit")}
            onTarget={() => setOpen("target")}
          >
            {station === "RELIEF" && <ReliefExtras job={job} />}
            {station === "NUT" && (
              <NutExtras job={job} send={send} string={string} onMore={() => setOpen("extras")} />
            )}
            {station === "ACTION" && (
              <ActionExtras job={job} string={string} onMore={() => setOpen("extras")} />
            )}
          </Ledger>
        ) : station === "INTONATION" ? (
          <ToneLedger
            foot={
              <ToneExtras
                job={job}
                stretching={listening.stretching}
                string={string}
                onStretching={listening.setStretching}
                onMore={() => setOpen("extras")}
              />
            }
            job={job}
            sendEntry={sendEntry}
            problem={open === null ? problem : null}
            string={string}
            onString={setString}
            note={listening.note ?? undefined}
            onNote={(chosenNote) => {
              listening.setNote(chosenNote);
              fields.current.get(chosenNote.string)?.focus();
            }}
            fields={fields}
            visit={visit}
            onWays={() => setOpen("habit")}
          >
            <ToneWarnings job={job} />
            <ListeningBar job={job} ear={ear} onPluck={listening.pluck} wanted={listening.wanted} />
          </ToneLedger>
        ) : (
          <Pickups
            job={job}
            send={send}
            sendEntry={sendEntry}
            problem={open === null ? problem : null}
            listening={listening}
            onTarget={() => setOpen("target")}
          />
        )}
        <div className="max-xl:order-first max-xl:border-b max-xl:border-line">
          <NextMove
            job={job}
            actions={actions}
            problem={open === null && atHeights(station) ? problem : null}
            other={other}
            onOther={setOther}
            onOtherDone={afterOther}
            onStation={openStation}
            onWays={() => setOpen("ways")}
            onClose={() => setOpen("close")}
            onOrder={() => setOpen("order")}
            working={working}
            refetch={refetch}
            station={station}
            send={send}
          />
          {job.closed && (
            <div className="px-5 pb-5">
              <FoundAndLeft job={job} />
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
          />
        </div>
      </main>
      <JobPanels
        job={job}
        station={station}
        open={open}
        onOpen={setOpen}
        send={send}
        working={working}
        problem={problem}
        onCorrected={(dropped) => {
          clearNews();
          setUnfit(dropped);
        }}
      />
    </>
  );
}
