import { useQueryClient } from "@tanstack/react-query";
import { useEffect, useRef, useState } from "react";
import { useNavigate, useParams } from "react-router";
import { answer, api, type JobView } from "../app/api";
import { Help, type HelpLine } from "../app/Help";
import { NotFound } from "../app/NotFound";
import { useShortcuts } from "../app/shortcuts";
import { TopBar } from "../app/TopBar";
import { useUnit } from "../app/unit";
import { Section } from "../section/Section";
import { Trouble } from "../ui/controls";
import { Countdown } from "../ui/Countdown";
import { Panel } from "../ui/Panel";
import { jobActions } from "./actions";
import { NextMove } from "./NextMove";
import { OrderPanel } from "./OrderPanel";
import { ClosePanel, FoundAndLeft, InstrumentPanel, WaysPanel } from "./panels";
import { HabitPanel, HeightHabitPanel } from "./ReadingPanels";
import { HeightTargetPanel, TargetPanel } from "./TargetPanels";
import { BridgePanel } from "./BridgePanel";
import { Ledger, ReliefExtras } from "./Ledger";
import { NutPanel } from "./NutPanel";
import { ActionExtras, NutExtras } from "./StationExtras";
import { HeardAbove, ListeningBar } from "./ListeningBar";
import { Pickups } from "./Pickups";
import { atHeights, methodOf, rowsOf, STATIONS, stringsOf, TITLE, type Station } from "./stations";
import { ToneExtras, ToneWarnings } from "./ToneExtras";
import { ToneLedger } from "./ToneLedger";
import { SaddlesPanel } from "./SaddlesPanel";
import { PickupTargetPanel, ToneWaysPanel } from "./TonePanels";
import { useJobEar, type Note, type Wanted } from "./useJobEar";
import { StationRail } from "./StationRail";
import { TapeColumn } from "./TapeColumn";
import { useJob } from "./useJob";

const KEYS: readonly HelpLine[] = [
  ["Enter", "record the reading and go to the next string"],
  ["↑ ↓", "change the string"],
  ["D", "do the next move: the dark button"],
  ["O", "another move than the advised one"],
  ["S", "the rod is too stiff"],
  ["R", "retuned"],
  ["K  X", "keep or drop a doubted reading"],
  ["Z  Shift+Z", "undo, bring back"],
  ["G", "go to the reading field"],
  ["Shift+R  Shift+N  Shift+A", "open relief, nut or action"],
  ["Shift+I  Shift+P", "open intonation or pickups"],
  ["M  V  P", "at intonation: listen, the stand-in, pluck it"],
  ["L", "leave out what is advised"],
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

type Open =
  "help" | "habit" | "target" | "ways" | "order" | "extras" | "close" | "instrument" | null;

export function JobPage() {
  const { id } = useParams();
  const number = Number(id);
  if (!Number.isSafeInteger(number) || number < 1) return <NotFound />;
  return <Job key={number} id={number} />;
}

function Job({ id }: { id: number }) {
  const { job, send, hear, working, problem, clearProblem, news, clearNews } = useJob(id);
  const navigate = useNavigate();
  useEffect(() => {
    if (job.data !== undefined) document.title = `${job.data.instrument.name} · Barytone`;
  }, [job.data]);
  if (job.data === undefined)
    return (
      <>
        <TopBar onHelp={() => undefined} />
        <main className="p-6 text-[18px]">
          {job.error === null ? "Fetching the job" : <Trouble text={job.error.message} />}
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
  return (
    <OpenJob
      job={job.data}
      send={send}
      hear={hear}
      working={working}
      problem={problem}
      clearProblem={clearProblem}
      news={news}
      clearNews={clearNews}
      refetch={() => void job.refetch()}
    />
  );
}

function OpenJob({
  job,
  send,
  hear,
  working,
  problem,
  clearProblem,
  news,
  clearNews,
  refetch,
}: { job: JobView; refetch: () => void } & Omit<ReturnType<typeof useJob>, "job">) {
  const { unit, next } = useUnit();
  const navigate = useNavigate();
  const queries = useQueryClient();
  const [open, setOpenPanel] = useState<Open>(null);
  const [other, setOther] = useState(false);
  const [noting, setNoting] = useState(false);
  const bassString = job.relief.rows[0]?.string ?? 1;
  // while nobody chose a station the page goes where the next move is
  const [chosen, setChosen] = useState<Station | null>(null);
  const station = chosen ?? job.advice.station;
  const strings = stringsOf(job, station);
  const [wantedString, setString] = useState(bassString);
  const string = strings.includes(wantedString) ? wantedString : (strings[0] ?? bassString);
  const fields = useRef(new Map<number, HTMLInputElement>());
  const setOpen = (panel: Open) => {
    clearProblem();
    setOpenPanel(panel);
  };
  // a field of another station is there only after the next drawing
  const goingTo = useRef<number | null>(null);
  const [, drawAgain] = useState(0);
  const focusAfterDrawing = (target: number) => {
    goingTo.current = target;
    // without a drawing to come it would wait, and take the focus at a later one
    drawAgain((n) => n + 1);
  };
  useEffect(() => {
    if (goingTo.current === null) return;
    if (station === "PICKUPS")
      document.querySelector<HTMLInputElement>("[data-pickup-gap]")?.focus();
    else fields.current.get(goingTo.current)?.focus();
    goingTo.current = null;
  });
  const goToReading = (asked: readonly number[]) => {
    const target = asked[0] ?? string;
    if (asked.length > 0 || job.advice.station === "PICKUPS") setChosen(null);
    setString(target);
    focusAfterDrawing(target);
  };
  // what is listened for: the note chosen by hand, else the next one that is wanted
  const [note, setNote] = useState<Note | null>(null);
  const [stretching, setStretching] = useState(false);
  const [level, setLevel] = useState<{ pickup: number; string: number } | null>(null);
  const toneRow = job.intonation.rows.find((r) => r.string === string);
  const nextNote = note ?? job.intonation.next ?? toneRow?.type;
  const listenFor: Wanted | null =
    station === "PICKUPS"
      ? level && { mode: "LEVEL", ...level }
      : station !== "INTONATION" || nextNote === undefined
        ? null
        : stretching
          ? { mode: "STRETCH", string }
          : { mode: "NOTE", note: nextNote };
  const ear = useJobEar(job, hear, listenFor, (done) => {
    // stays here, and goes on to what is wanted next
    setChosen(station);
    setNote(null);
    if (level !== null) {
      const order = done.intonation.rows.map((r) => r.string);
      const after = order[order.indexOf(level.string) + 1];
      setLevel(after === undefined ? null : { ...level, string: after });
      return after !== undefined;
    }
    if (!stretching && done.intonation.next !== undefined) {
      setString(done.intonation.next.string);
      // whoever types in between goes on with the same string
      if (document.activeElement instanceof HTMLInputElement)
        focusAfterDrawing(done.intonation.next.string);
    }
    return true;
  });
  const openStation = (to: Station) => {
    setChosen(to);
    const first = stringsOf(job, to)[0] ?? bassString;
    setString(first);
    setNote(null);
    setStretching(false);
    setLevel(null);
    ear.stop();
    focusAfterDrawing(first);
    setOther(false);
  };

  const pluck = () => {
    if (listenFor === null) return;
    if (listenFor.mode === "NOTE") void ear.pluck(listenFor.note);
    else {
      const rounds =
        job.intonation.strings.stretches.find((s) => s.string === listenFor.string)?.rounds ?? 0;
      void ear.pluck(
        { string: listenFor.string },
        listenFor.mode === "STRETCH" ? 24 / 2 ** Math.min(5, rounds) : 0,
      );
    }
  };
  const hears = station === "INTONATION" || (station === "PICKUPS" && level !== null);
  const toggleEar = (source: "microphone" | "standIn") =>
    hears && !job.closed && (ear.source === source ? ear.stop() : void ear.start(source));
  const actions = jobActions(job, send, goToReading);
  const settling = job.settlingUntil;

  // the first thing a technician does here is read
  const wanted = job.advice.strings[0];
  const started = useRef(false);
  useEffect(() => {
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
      k: () => job.advice.kind === "measure-again" && actions.keep(),
      x: () => job.advice.kind === "measure-again" && actions.drop(),
      z: () => job.canUndo && actions.undo(),
      "shift+z": () => job.canRedo && actions.redo(),
      g: () => goToReading(job.advice.strings),
      m: () => toggleEar("microphone"),
      v: () => toggleEar("standIn"),
      p: () => hears && ear.source === "standIn" && pluck(),
      h: () => station !== "PICKUPS" && setOpen("habit"),
      t: () => setOpen("target"),
      w: () => rod && setOpen("ways"),
      q: () => setOpen("order"),
      e: () => station !== "RELIEF" && station !== "PICKUPS" && setOpen("extras"),
      l: () => job.advice.decline !== undefined && actions.decline(),
      ...Object.fromEntries(STATIONS.map((s) => [s.key, () => openStation(s.station)])),
      n: () => setNoting(true),
      u: next,
      c: () => setOpen("close"),
      i: () => setOpen("instrument"),
      b: () => void navigate("/"),
      "?": () => setOpen("help"),
    },
    open === null,
  );

  const section = job.sections.find((s) => s.string === string) ?? job.sections[0];
  const panelTrouble = open === null ? null : (problem?.message ?? null);
  const panel = {
    job,
    send,
    trouble: panelTrouble,
    onDone: () => setOpen(null),
  };
  return (
    <>
      <TopBar onHelp={() => setOpen("help")}>
        <span className="flex min-w-0 flex-wrap items-baseline gap-x-3 text-[16px] xl:flex-nowrap">
          <span className="whitespace-nowrap">Ticket {String(job.ticket).padStart(4, "0")}</span>
          <button
            type="button"
            onClick={() => setOpen("instrument")}
            className="min-h-11 max-w-[24em] shrink-0 truncate text-left text-[17px] font-semibold text-white underline decoration-[#4b5b55] underline-offset-4 hover:decoration-white"
          >
            {job.instrument.name}
          </button>
          <span className="max-w-[22em] min-w-0 truncate text-[#B9C4BE]" title={job.player}>
            {job.player}
          </span>
        </span>
        {settling !== undefined && (
          <Countdown until={settling} now={job.now} label="Neck settling" dark onOver={refetch} />
        )}
      </TopBar>
      {ear.source !== null ? (
        <HeardAbove
          ear={ear}
          expected={
            listenFor === null
              ? ""
              : `Sound ${listenFor.mode === "NOTE" ? listenFor.note.label : `${listenFor.string} open`}`
          }
        />
      ) : (
        section !== undefined && (
          <Section section={section} others={job.sections} unitSuffix={job.unitSuffix} />
        )
      )}
      <StationRail stations={job.stations} open={station} onOpen={openStation} />
      {news && (
        <div className="flex items-center gap-4 bg-lamp px-5 py-1 text-[16px]" role="status">
          <span className="flex-1">Another window added to this job. The tape shows it.</span>
          <button
            type="button"
            className="min-h-11 px-2 font-semibold underline"
            onClick={clearNews}
          >
            Seen
          </button>
        </div>
      )}
      {job.complaint !== "" && job.tape.length === 0 && (
        <p className="border-b border-line px-5 py-2 text-[17px]">“{job.complaint}”</p>
      )}
      <main className="grid xl:grid-cols-[522px_minmax(0,1fr)_280px] xl:divide-x xl:divide-line">
        {atHeights(station) ? (
          <Ledger
            key={station}
            job={job}
            station={station}
            title={TITLE[station]}
            method={methodOf(job, station)}
            rows={rowsOf(job, station)}
            send={send}
            problem={open === null ? problem : null}
            string={string}
            onString={setString}
            fields={fields}
            onHabit={() => setOpen("habit")}
            onTarget={() => setOpen("target")}
            onMovedOn={(done) => {
              setChosen(null);
              const first = done.advice.strings[0];
              if (first !== undefined) {
                setString(first);
                focusAfterDrawing(first);
              }
            }}
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
                stretching={stretching}
                string={string}
                onStretching={setStretching}
                onMore={() => setOpen("extras")}
              />
            }
            job={job}
            send={send}
            problem={open === null ? problem : null}
            string={string}
            onString={setString}
            note={note ?? undefined}
            onNote={(chosenNote) => {
              setNote(chosenNote);
              fields.current.get(chosenNote.string)?.focus();
            }}
            fields={fields}
            onWays={() => setOpen("habit")}
            onMovedOn={(done) => {
              setChosen(null);
              const first = done.advice.strings[0];
              if (first !== undefined) setString(first);
            }}
          >
            <ToneWarnings job={job} />
            <ListeningBar
              job={job}
              ear={ear}
              onPluck={pluck}
              pluckLabel={listenFor?.mode === "NOTE" ? `Pluck ${listenFor.note.label}` : "Pluck it"}
            />
          </ToneLedger>
        ) : (
          <Pickups
            job={job}
            send={send}
            problem={open === null ? problem : null}
            ear={ear}
            level={level}
            onTarget={() => setOpen("target")}
            onLevel={(chosenLevel) => {
              setLevel(chosenLevel);
              if (chosenLevel === null) ear.stop();
            }}
          />
        )}
        <div className="max-xl:order-first max-xl:border-b max-xl:border-line">
          <NextMove
            job={job}
            actions={actions}
            other={other}
            onOther={setOther}
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
      <Help
        open={open === "help"}
        onClose={() => setOpen(null)}
        title="Keys of this job"
        keys={KEYS}
      />
      <Panel
        open={open === "habit"}
        onClose={() => setOpen(null)}
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
        onClose={() => setOpen(null)}
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
      <Panel open={open === "order"} onClose={() => setOpen(null)} title="Order of work">
        <OrderPanel {...panel} />
      </Panel>
      <Panel
        open={open === "extras"}
        onClose={() => setOpen(null)}
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
          <SaddlesPanel job={job} send={send} trouble={panelTrouble} />
        ) : (
          <BridgePanel {...panel} />
        )}
      </Panel>
      <Panel open={open === "ways"} onClose={() => setOpen(null)} title="Turning this rod">
        <WaysPanel {...panel} />
      </Panel>
      <Panel open={open === "instrument"} onClose={() => setOpen(null)} title="Instrument">
        <InstrumentPanel
          job={job}
          onSaved={async (facts) => {
            try {
              const saved = await answer(
                api.PUT("/api/jobs/{id}/instrument", {
                  params: { path: { id: job.id }, query: { unit } },
                  body: { version: job.instrument.version, facts },
                }),
              );
              queries.setQueryData(["job", job.id, unit], saved);
              setOpen(null);
              return null;
            } catch (error) {
              return error instanceof Error ? error.message : String(error);
            }
          }}
        />
      </Panel>
      <Panel
        open={open === "close"}
        onClose={() => setOpen(null)}
        title={job.closed ? "As found and as left" : "Close the job"}
      >
        <ClosePanel
          job={job}
          working={working}
          onClose={() =>
            void send((stamp, params) =>
              api.POST("/api/jobs/{id}/close", { params, body: stamp }),
            ).then((done) => {
              if (done !== null) setOpen(null);
            })
          }
        />
      </Panel>
    </>
  );
}
