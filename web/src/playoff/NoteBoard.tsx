import { useState, type ReactNode } from "react";
import type { Schemas } from "../app/api";
import { Pills } from "../arrival/Pills";
import { MARKS, PLUCKS, shapeOf, type BoardMark, type Mark, type Pluck } from "./marks";
import type { BoardPlace } from "./useBoardPlace";

/** How a note is played. */
export interface Played {
  pluck: Pluck;
  plugged: boolean;
}

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

/**
 * The board from above, strings by frets: notes are marked by keys, by thumb, or by drawing along a string.
 *
 * @param marks notes as they sound
 * @param again notes that are to be played again
 * @param room forecast under each note; empty while nothing is known of it
 * @param crowns that stand off
 * @param onMark notes of a string were marked, played as it says
 * @param place where the cursor stands
 * @param children what stands between the choices and the board
 */
export function NoteBoard({
  names,
  frets,
  joint,
  marks,
  again = [],
  room = [],
  crowns = [],
  closed,
  played,
  onPlayed,
  onMark,
  place,
  children,
}: {
  names: readonly { string: number; label: string }[];
  frets: number;
  joint?: number;
  marks: readonly BoardMark[];
  again?: readonly BoardMark[];
  room?: readonly Schemas["StringRoom"][];
  crowns?: readonly Schemas["CrownView"][];
  closed: boolean;
  played: Played;
  onPlayed: (played: Played) => void;
  onMark: (string: number, frets: readonly number[], mark: Mark) => void;
  place: BoardPlace;
  children?: ReactNode;
}) {
  const { pluck, plugged } = played;
  const [brush, setBrush] = useState<Mark>("buzz");
  const { at, setAt, cells, go, on } = place;
  // the notes under a thumb that is drawn along a string
  const [drawn, setDrawn] = useState<{ string: number; frets: readonly number[] } | null>(null);
  const same = (m: BoardMark, string: number, fret: number) =>
    m.string === string && m.fret === fret && m.pluck === pluck && m.plugged === plugged;
  const finish = () => {
    if (drawn !== null) onMark(drawn.string, drawn.frets, brush);
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
          onChange={(chosen) => onPlayed({ pluck: chosen.at(-1) ?? pluck, plugged })}
        />
        <Pills
          label="Sound"
          choices={[
            { code: "no", label: "unplugged" },
            { code: "yes", label: "amplified" },
          ]}
          chosen={[plugged ? "yes" : "no"]}
          onChange={(chosen) => onPlayed({ pluck, plugged: chosen.at(-1) === "yes" })}
        />
      </div>
      {children}
      <div className="overflow-x-auto bg-ink px-5 py-3 text-lamp">
        <div
          role="grid"
          aria-label="Strings by frets, low string first"
          className="grid select-none"
          style={{
            gridTemplateColumns: columns(frets),
            minWidth: `${String(LEAST_HEAD + frets * LEAST)}px`,
          }}
          onPointerUp={finish}
          onPointerLeave={finish}
          onPointerCancel={() => setDrawn(null)}
        >
          <div role="row" className="contents text-center text-[14px]">
            <span role="columnheader" className="text-left">
              string
            </span>
            {Array.from({ length: frets + 1 }, (_, fret) => {
              const crown = crowns.find((c) => c.fret === fret);
              return (
                <span
                  key={String(fret)}
                  role="columnheader"
                  className={`${fret === joint ? "font-bold underline" : ""} ${
                    crown === undefined ? "" : "bg-lamp font-bold text-ink"
                  }`}
                  title={
                    crown === undefined
                      ? fret === joint
                        ? "body joint"
                        : undefined
                      : `crown ${crown.text}`
                  }
                >
                  {fret === 0 ? "open" : fret}
                  {crown !== undefined
                    ? crown.high
                      ? " ▲"
                      : " ▼"
                    : DOTS.includes(fret)
                      ? " ·"
                      : fret === 12
                        ? " :"
                        : ""}
                </span>
              );
            })}
          </div>
          {names.map(({ string, label }, row) => {
            const fits = room.find((r) => r.string === string)?.fits;
            return (
              <div key={string} role="row" className="contents">
                <span
                  role="rowheader"
                  className="flex items-center text-[17px] font-semibold whitespace-nowrap"
                >
                  {label}
                </span>
                {Array.from({ length: frets + 1 }, (_, fret) => {
                  const heard = marks.find((m) => same(m, string, fret));
                  const anew = again.some((m) => same(m, string, fret));
                  const shape = heard === undefined ? undefined : shapeOf(heard.mark);
                  const fit = fits?.[fret];
                  const under = drawn?.string === string && drawn.frets.includes(fret);
                  const said = [
                    shape?.said ?? "not marked",
                    heard?.accepted === true ? "accepted" : "",
                    anew ? "play again" : "",
                    fit === "touches" ? "forecast to touch" : "",
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
                        disabled={closed}
                        aria-label={`${label} ${fret === 0 ? "open" : `at ${String(fret)}`}: ${said.join(", ")}`}
                        className={`relative h-10 w-full touch-none bg-center bg-no-repeat text-[20px] leading-none font-bold focus-visible:outline-2 focus-visible:outline-lamp ${
                          under
                            ? "bg-indigo"
                            : heard === undefined || heard.mark === "clean"
                              ? ""
                              : heard.accepted
                                ? "bg-verdigris text-white"
                                : "bg-rust text-white"
                        }`}
                        style={
                          heard === undefined && !under
                            ? {
                                backgroundImage: "linear-gradient(#D9C48A,#D9C48A)",
                                backgroundSize: `100% ${String(1 + (names.length - row) * 0.45)}px`,
                              }
                            : undefined
                        }
                        onFocus={() => setAt({ row, fret })}
                        onPointerDown={(event) => {
                          if (closed || event.button !== 0) return;
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
                            onMark(string, [fret], set.mark);
                            on(row, fret);
                          } else return;
                          event.preventDefault();
                          // on the board these keys are marks
                          event.stopPropagation();
                        }}
                      >
                        {shape?.shape ?? (anew ? "?" : "")}
                        {fit !== undefined && fit !== "free" && (
                          <span
                            aria-hidden="true"
                            className={`absolute inset-x-1 bottom-0.5 h-0 border-b-[3px] ${
                              fit === "touches"
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
        {room.length > 0 && " Under a note: a full line is forecast to touch, a dotted one may."}
        {crowns.length > 0 && " ▲ a high crown, ▼ a low one."}
        {again.length > 0 && " ? sounded wrong before the last move: play it again."}
      </p>
    </section>
  );
}
