import { useState } from "react";
import { Link } from "react-router";
import { api, type JobView } from "../app/api";
import { Fractions } from "../ui/Fractions";
import { Button, Key } from "../ui/controls";
import type { JobActions } from "./actions";
import { AirForm } from "./AirForm";
import type { Send } from "./useJob";
import { useOwnSend } from "./useOwnSend";

const SHOWN_AT_FIRST = 40;

// made once: making them for every line took a quarter of the time in which an entry is drawn
const TIME = new Intl.DateTimeFormat("en-GB", { hour: "2-digit", minute: "2-digit" });
const DAY = new Intl.DateTimeFormat("en-GB", { day: "numeric", month: "short" });

/** When something was done: the time today, the day too before. */
export function clock(at: string, now: string): string {
  const then = new Date(at);
  const time = TIME.format(then);
  const sameDay = then.toDateString() === new Date(now).toDateString();
  return sameDay ? time : `${DAY.format(then)} ${time}`;
}

/** Everything that was done, newest first, each line undoable. */
export function TapeColumn({
  job,
  send,
  actions,
  working,
  noting,
  onNoting,
  onAgreed,
  onLog,
  onDay,
  onPlay,
}: {
  job: JobView;
  send: Send;
  actions: JobActions;
  working: boolean;
  noting: boolean;
  onNoting: (open: boolean) => void;
  onAgreed: () => void;
  onLog: () => void;
  onDay: () => void;
  onPlay: () => void;
}) {
  const own = useOwnSend(send);
  const [note, setNote] = useState("");
  const [all, setAll] = useState(false);
  const [airing, setAiring] = useState(false);
  const lines = all ? job.tape : job.tape.slice(0, SHOWN_AT_FIRST);
  return (
    <section aria-label="On the tape" className="px-5 py-2">
      <h2 className="wide flex min-h-11 items-center justify-between gap-2 text-[16px] font-semibold">
        On the tape
        <span className="flex gap-3 text-[15px] font-normal">
          <button
            type="button"
            disabled={!job.canUndo || working}
            aria-keyshortcuts="z"
            onClick={() => actions.undo()}
            className="min-h-11 disabled:opacity-50"
          >
            Undo
            <Key name="Z" />
          </button>
        </span>
      </h2>
      {noting ? (
        <form
          className="mb-2 flex flex-col gap-2"
          onSubmit={(event) => {
            event.preventDefault();
            void own((stamp, params) =>
              api.POST("/api/jobs/{id}/notes", { params, body: { ...stamp, text: note } }),
            ).then((done) => {
              if (done !== null) {
                setNote("");
                onNoting(false);
              }
            });
          }}
        >
          <textarea
            autoFocus
            rows={2}
            maxLength={2000}
            aria-label="Note"
            value={note}
            onChange={(e) => setNote(e.target.value)}
            onKeyDown={(e) => {
              if (e.key === "Escape") onNoting(false);
              if (e.key === "Enter" && !e.shiftKey) {
                e.preventDefault();
                e.currentTarget.form?.requestSubmit();
              }
            }}
            className="rounded-md border-[1.5px] border-line-strong bg-white px-2 py-1.5 text-[16px]"
          />
          <div className="flex gap-2">
            <Button strong type="submit" disabled={note.trim() === ""}>
              Write
            </Button>
            <Button onClick={() => onNoting(false)}>Not now</Button>
          </div>
        </form>
      ) : (
        <div className="mb-2 grid grid-cols-[1fr_auto] gap-2">
          <Button shortcut="N" onClick={() => onNoting(true)}>
            Write a note
          </Button>
          {!job.closed && (
            <Button aria-expanded={airing} onClick={() => setAiring(!airing)}>
              Air
            </Button>
          )}
        </div>
      )}
      <button
        type="button"
        aria-keyshortcuts="Shift+Q"
        onClick={onAgreed}
        className="block min-h-11 w-full text-left text-[15px] leading-tight"
      >
        <span className="underline">Agreed</span>
        {job.agreement === undefined ? ": nothing written down" : `: ${job.agreement.total}`}
      </button>
      <button
        type="button"
        aria-keyshortcuts="Shift+E"
        onClick={onLog}
        className="block min-h-11 w-full text-left text-[15px] leading-tight"
      >
        <span className="underline">Tray and strings</span>
        {job.benchLog.parts.length === 0
          ? ": nothing in the tray"
          : `: ${String(job.benchLog.parts.length)} in the tray`}
        {job.benchLog.stringsOff !== undefined && ", strings off"}
      </button>
      <button
        type="button"
        aria-keyshortcuts="Shift+D"
        onClick={onDay}
        className="block min-h-11 w-full text-left text-[15px] leading-tight"
      >
        <span className="underline">Promise and waits</span>
        {job.promise === undefined ? ": nothing promised" : `: ${job.promise.text}`}
      </button>
      <div className="grid grid-cols-2 gap-x-3">
        <Link
          to={`/jobs/${String(job.id)}/arrival?step=look`}
          aria-keyshortcuts="Shift+W"
          title={job.arrival.marks.map((m) => m.text).join("; ")}
          className="flex min-h-11 flex-col justify-center text-[15px] leading-tight"
        >
          <span className="underline">How it came</span>
          {job.arrival.marks.length > 0 && (
            <span>
              {job.arrival.marks.length === 1
                ? "1 mark"
                : `${String(job.arrival.marks.length)} marks`}
            </span>
          )}
        </Link>
        <button
          type="button"
          aria-keyshortcuts="Shift+O"
          onClick={onPlay}
          className="flex min-h-11 flex-col justify-center text-left text-[15px] leading-tight"
        >
          <span className="underline">Play it through</span>
          {job.playOff.heard.length > 0 && (
            <span>{`${String(job.playOff.heard.length)} heard`}</span>
          )}
        </button>
      </div>
      {airing && (
        <div className="mb-2">
          <AirForm job={job} send={send} label="The air" onDone={() => setAiring(false)} />
        </div>
      )}
      {lines.length === 0 && (
        <p className="text-[15px] text-mute">Nothing yet. The first reading is as found.</p>
      )}
      <ol className="text-[14.5px] tracking-[-0.01em]">
        {lines.map((line) => (
          <li
            key={line.seq}
            className="group grid min-h-11 grid-cols-[3rem_1fr_auto] items-center gap-x-1 border-t border-line"
          >
            <time dateTime={line.at} className="text-[14px] leading-tight text-mute">
              {clock(line.at, job.now)}
            </time>
            <span
              className={`min-w-0 py-1 break-words ${line.undone || line.dropped ? "text-mute line-through" : ""}`}
            >
              <Fractions text={line.text} />
              {line.mark !== undefined && <span className="block text-mute">▲ {line.mark}</span>}
              {line.doubt === "surprising" && (
                <em className="block text-rust not-italic">in doubt: measure again</em>
              )}
              {line.doubt === "off-pitch" && (
                <span className="block text-rust">
                  void: not retuned{" "}
                  <button
                    type="button"
                    className="min-h-11 font-semibold underline"
                    onClick={() =>
                      void send((stamp, params) =>
                        api.POST("/api/jobs/{id}/readings/kept", {
                          params,
                          body: { ...stamp, event: line.seq },
                        }),
                      )
                    }
                  >
                    It was at pitch
                  </button>
                </span>
              )}
            </span>
            <button
              type="button"
              disabled={working || job.closed}
              aria-label={`${line.undone ? "Bring back" : "Undo"}: ${line.text}`}
              onClick={() => (line.undone ? actions.redo(line.seq) : actions.undo(line.seq))}
              className="-mr-3 min-h-11 min-w-11 text-[17px] text-mute hover:text-ink disabled:opacity-50"
            >
              {line.undone ? "↷" : "↶"}
            </button>
          </li>
        ))}
      </ol>
      {!all && job.tape.length > SHOWN_AT_FIRST && (
        <Button className="mt-2 w-full" onClick={() => setAll(true)}>
          Show all {job.tape.length} lines
        </Button>
      )}
      <Link
        to={`/instruments/${String(job.instrumentId)}`}
        className="mt-2 flex min-h-11 items-center text-[16px] underline"
      >
        Earlier visits of this instrument
      </Link>
    </section>
  );
}
