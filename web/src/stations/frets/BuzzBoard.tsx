import { useRef, useState } from "react";
import { api } from "../../app/api";
import { Pills } from "../../arrival/Pills";
import type { DrawingProps } from "../room";
import { MARKS, shapeOf, type BoardMark, type Mark } from "./marks";

type Pluck = BoardMark["pluck"];

const PLUCKS: readonly { code: Pluck; label: string }[] = [
  { code: "soft", label: "softly" },
  { code: "normal", label: "as usual" },
  { code: "hard", label: "hard" },
];

const DOTS = [3, 5, 7, 9, 15, 17, 19, 21];

/** The narrowest a fret is drawn, and what stands before the first one, px. */
const LEAST = 38;
const LEAST_HEAD = 112;

/** Columns as frets lie, but none narrower than a thumb. */
function columns(frets: number): string {
  const widths = Array.from(
    { length: frets },
    (_, i) => `minmax(${String(LEAST)}px, ${(2 ** (-i / 12) * 10).toFixed(2)}fr)`,
  );
  return `64px 48px ${widths.join(" ")}`;
}

/** The board from above, strings by frets: notes are marked by keys, by thumb, or by drawing along a string. */
export function BuzzBoard({ job, send }: DrawingProps) {
  const { frets } = job;
  const [pluck, setPluck] = useState<Pluck>("normal");
  const [plugged, setPlugged] = useState(false);
  const [brush, setBrush] = useState<Mark>("buzz");
  const [at, setAt] = useState({ row: 0, fret: 0 });
  const cells = useRef(new Map<string, HTMLButtonElement>());
  // the notes under a thumb that is drawn along a string
  const [drawn, setDrawn] = useState<{ string: number; frets: readonly number[] } | null>(null);
  const same = (m: BoardMark, string: number, fret: number) =>
    m.string === string && m.fret === fret && m.pluck === pluck && m.plugged === plugged;
  const go = (row: number, fret: number) => {
    const to = {
      row: Math.min(frets.names.length - 1, Math.max(0, row)),
      fret: Math.min(frets.frets, Math.max(0, fret)),
    };
    setAt(to);
    cells.current.get(`${String(to.row)} ${String(to.fret)}`)?.focus();
  };
  const on = (row: number, fret: number) =>
    fret < frets.frets ? go(row, fret + 1) : go(row + 1, row + 1 < frets.names.length ? 0 : fret);
  const mark = (string: number, which: readonly number[], as: Mark) =>
    void send(
      (stamp, params) =>
        api.POST("/api/jobs/{id}/frets/notes", {
          params,
          body: {
            ...stamp,
            notes: which.map((fret) => ({ string, fret, mark: as, pluck, plugged })),
          },
        }),
      true,
    );
  const finish = () => {
    if (drawn !== null) mark(drawn.string, drawn.frets, brush);
    setDrawn(null);
  };
  return (
    <section aria-label="The board">
      <div className="flex flex-wrap items-end gap-x-6 gap-y-1 px-5 py-2 text-[15px]">
        <Pills
          label="Thumb marks"
          choices={MARKS.map((m) => ({ code: m.mark, label: `${m.shape} ${m.said}` }))}
          chosen={[brush]}
          onChange={(chosen) => setBrush(chosen.at(-1) ?? brush)}
        />
        <Pills
          label="Played"
          choices={PLUCKS}
          chosen={[pluck]}
          onChange={(chosen) => setPluck(chosen.at(-1) ?? pluck)}
        />
        <Pills
          label="Sound"
          choices={[
            { code: "no", label: "unplugged" },
            { code: "yes", label: "amplified" },
          ]}
          chosen={[plugged ? "yes" : "no"]}
          onChange={(chosen) => setPlugged(chosen.at(-1) === "yes")}
        />
      </div>
      <div className="overflow-x-auto bg-ink px-5 py-3 text-lamp">
        <div
          role="grid"
          aria-label="Strings by frets, low string first"
          className="grid select-none"
          style={{
            gridTemplateColumns: columns(frets.frets),
            minWidth: `${String(LEAST_HEAD + frets.frets * LEAST)}px`,
          }}
          onPointerUp={finish}
          onPointerLeave={finish}
          onPointerCancel={() => setDrawn(null)}
        >
          <div role="row" className="contents text-center text-[14px]">
            <span role="columnheader" className="text-left">
              string
            </span>
            {Array.from({ length: frets.frets + 1 }, (_, fret) => (
              <span
                key={String(fret)}
                role="columnheader"
                className={fret === frets.joint ? "font-bold underline" : ""}
                title={fret === frets.joint ? "body joint" : undefined}
              >
                {fret === 0 ? "open" : fret}
                {DOTS.includes(fret) ? " ·" : fret === 12 ? " :" : ""}
              </span>
            ))}
          </div>
          {frets.names.map(({ string, label }, row) => {
            const fits = frets.room.find((r) => r.string === string)?.fits;
            return (
              <div key={string} role="row" className="contents">
                <span
                  role="rowheader"
                  className="flex items-center text-[17px] font-semibold whitespace-nowrap"
                >
                  {label}
                </span>
                {Array.from({ length: frets.frets + 1 }, (_, fret) => {
                  const heard = frets.marks.find((m) => same(m, string, fret));
                  const again = frets.again.some((m) => same(m, string, fret));
                  const shape = heard === undefined ? undefined : shapeOf(heard.sounds);
                  const room = fits?.[fret];
                  const under = drawn?.string === string && drawn.frets.includes(fret);
                  const said = [
                    shape?.said ?? "not marked",
                    heard?.accepted === true ? "accepted" : "",
                    again ? "play again" : "",
                    room === "touches" ? "forecast to touch" : "",
                  ].filter(Boolean);
                  return (
                    <span
                      key={String(fret)}
                      role="gridcell"
                      className={`flex border-r-2 ${fret === 0 ? "border-lamp" : "border-[#8A7B55]"}`}
                    >
                      <button
                        type="button"
                        data-board-cell
                        ref={(cell) => {
                          const key = `${String(row)} ${String(fret)}`;
                          if (cell === null) cells.current.delete(key);
                          else cells.current.set(key, cell);
                        }}
                        tabIndex={at.row === row && at.fret === fret ? 0 : -1}
                        disabled={job.closed}
                        aria-label={`${label} ${fret === 0 ? "open" : `at ${String(fret)}`}: ${said.join(", ")}`}
                        className={`relative h-10 w-full touch-none bg-center bg-no-repeat text-[20px] leading-none font-bold focus-visible:outline-2 focus-visible:outline-lamp ${
                          under
                            ? "bg-indigo"
                            : heard === undefined || heard.sounds === "clean"
                              ? ""
                              : heard.accepted
                                ? "bg-verdigris text-white"
                                : "bg-rust text-white"
                        }`}
                        style={
                          heard === undefined && !under
                            ? {
                                backgroundImage: "linear-gradient(#D9C48A,#D9C48A)",
                                backgroundSize: `100% ${String(1 + (frets.names.length - row) * 0.45)}px`,
                              }
                            : undefined
                        }
                        onFocus={() => setAt({ row, fret })}
                        onPointerDown={(event) => {
                          if (job.closed || event.button !== 0) return;
                          event.currentTarget.releasePointerCapture(event.pointerId);
                          setDrawn({ string, frets: [fret] });
                        }}
                        onPointerOver={() => {
                          if (drawn?.string === string && !drawn.frets.includes(fret))
                            setDrawn({ string, frets: [...drawn.frets, fret] });
                        }}
                        onKeyDown={(event) => {
                          const set = MARKS.find((m) => m.key === event.key);
                          if (event.ctrlKey || event.metaKey || event.altKey) return;
                          if (event.key === "ArrowRight") go(row, fret + 1);
                          else if (event.key === "ArrowLeft") go(row, fret - 1);
                          else if (event.key === "ArrowDown") go(row + 1, fret);
                          else if (event.key === "ArrowUp") go(row - 1, fret);
                          else if (event.key === "Enter") on(row, fret);
                          else if (set !== undefined && !event.shiftKey) {
                            mark(string, [fret], set.mark);
                            on(row, fret);
                          } else return;
                          event.preventDefault();
                          // on the board these keys are marks
                          event.stopPropagation();
                        }}
                      >
                        {shape?.shape ?? (again ? "?" : "")}
                        {room !== undefined && room !== "free" && (
                          <span
                            aria-hidden="true"
                            className={`absolute inset-x-1 bottom-0.5 h-0 border-b-[3px] ${
                              room === "touches"
                                ? "border-solid border-[#FFB26B]"
                                : "border-dotted border-[#FFB26B]"
                            }`}
                          />
                        )}
                      </button>
                    </span>
                  );
                })}
              </div>
            );
          })}
        </div>
      </div>
      <p className="border-b border-line px-5 py-1 text-[14.5px] text-mute">
        Keys on the board: Space rings · 1 buzzes · 2 cut short · 3 dead · 4 cut short when bent ·
        Enter goes on · arrows.
        {frets.room.length > 0 &&
          " Under a note: a full line is forecast to touch, a dotted one may."}
        {frets.again.length > 0 && " ? sounded wrong before the last move: play it again."}
      </p>
    </section>
  );
}
