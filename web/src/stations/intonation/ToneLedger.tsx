import { Radio, RadioGroup } from "@headlessui/react";
import { useRef, useState } from "react";
import { api, type Schemas } from "../../app/api";
import { standsAs } from "../../app/sounds";
import { AnswerAll, NextRow, RefusedNote } from "../../job/EntryNotes";
import { ListeningBar } from "../../job/ListeningBar";
import { Remarks } from "../../job/Remarks";
import { Standing } from "../../job/Standing";
import { useEntries } from "../../job/useEntries";
import type { Note } from "../../job/useJobEar";
import { Fractions } from "../../ui/Fractions";
import { Heads } from "../../ui/Heads";
import type { LedgerProps } from "../room";
import { ToneExtras, ToneWarnings } from "./ToneExtras";

/** As found, now, tolerance and entry for the pitch of every string; typed from a tuner, or heard. */
export function ToneLedger({
  job,
  sendEntry,
  problem,
  string,
  onString,
  fields,
  waiting,
  visit,
  asked,
  listening,
  onOpen,
}: LedgerProps) {
  // the note that is typed for the chosen string
  const note = listening.note ?? undefined;
  const onNote = (chosen: Note) => {
    listening.setNote(chosen);
    fields.current.get(chosen.string)?.focus();
  };
  const { intonation } = job;
  const order = intonation.rows.map((r) => r.string);
  const tall = order.length > 8;
  // notes that are on their way: what is typed next is the one after them
  const [under, setUnder] = useState<readonly string[]>([]);
  const typedNote = (row: Schemas["ToneRow"]): Note => {
    if (note !== undefined && note.string === row.string) return note;
    const left = row.wanted.filter((n) => !under.includes(n.label));
    // one that was refused waits: what is typed on meanwhile is not it
    const waits = (n: Note) =>
      waiting.refused.some((r) => r.of === row.string && r.what === n.label);
    return left.find((n) => !waits(n)) ?? left[0] ?? row.type;
  };
  const noteOf = (of: number) => {
    const row = intonation.rows.find((r) => r.string === of);
    return row === undefined ? undefined : typedNote(row);
  };
  const rest = useRef<HTMLParagraphElement>(null);
  const entries = useEntries({
    order,
    fields,
    rest,
    waiting,
    what: (of) => noteOf(of)?.label ?? "",
    onString,
    visit,
    asked,
    nameOf: (of) => intonation.rows.find((r) => r.string === of)?.name ?? "",
    how: (now, of) => standsAs(now.intonation.rows.find((r) => r.string === of)),
    record: async (of, cents, sure) => {
      const typed = noteOf(of) ?? { how: "fretted" as const, fret: 12, label: "" };
      const { how, fret, label } = typed;
      setUnder((all) => [...all, label]);
      const sent = await sendEntry((stamp, params) =>
        api.POST("/api/jobs/{id}/intonation/pitches", {
          params,
          body: { ...stamp, string: of, how, fret, cents, sure },
        }),
      );
      setUnder((all) => all.filter((l) => l !== label));
      return sent;
    },
    // a string is finished before the next one is begun
    follows: (of, next) => {
      const row = intonation.rows.find((r) => r.string === of);
      const left = row?.wanted.filter((n) => !under.includes(n.label)) ?? [];
      return left.length > 1 && left[0]?.label === noteOf(of)?.label ? of : next;
    },
  });
  const field = entries.field;
  const labelOf = (of: number) =>
    `${String(of)} ${intonation.rows.find((r) => r.string === of)?.name ?? ""}`;
  const chosen = intonation.rows.find((r) => r.string === string);

  return (
    <section aria-label="Intonation" className="px-5 py-2">
      <h2 className="wide flex flex-wrap items-center justify-between gap-x-4 text-[16px] font-semibold">
        Intonation
        <button
          type="button"
          onClick={() => onOpen("habit")}
          aria-keyshortcuts="h"
          className="min-h-11 text-left text-[15px] font-normal underline decoration-line-strong underline-offset-4 hover:decoration-ink"
        >
          {intonation.method}
        </button>
      </h2>
      <ToneWarnings job={job} />
      <ListeningBar
        job={job}
        ear={listening.ear}
        onPluck={listening.pluck}
        wanted={listening.wanted}
      />
      <NextRow
        entries={entries}
        place={rest}
        row={string}
        labelOf={labelOf}
        disabled={job.closed}
      />
      <AnswerAll entries={entries} refused={waiting.refused} />
      <table className="w-full border-collapse">
        <thead>
          <Heads
            pad="px-1.5"
            cells={["String", "As found", "Now, cents", "Good", "Typed, cents"]}
          />
        </thead>
        <tbody>
          {intonation.rows.map((row) => {
            const on = row.string === string && !entries.resting;
            const of = typedNote(row);
            return [
              <tr
                key={row.string}
                className={`${tall ? "h-12" : "h-14"} border-t border-line text-right ${on ? "bg-[#E9EDE7]" : ""}`}
              >
                <th scope="row" className="pr-2 text-left text-[19px] font-bold whitespace-nowrap">
                  <button
                    type="button"
                    aria-pressed={on}
                    onClick={() => onString(row.string)}
                    className="min-h-11 text-left"
                  >
                    <span aria-hidden="true" className={on ? "" : "invisible"}>
                      ›{" "}
                    </span>
                    {row.string} {row.name}{" "}
                    <span className="ml-0.5 text-[14px] font-normal text-mute">{row.side}</span>
                  </button>
                </th>
                <Standing
                  found={row.found}
                  now={row.now}
                  reckoned={row.reckoned}
                  spread={row.spread}
                  verdict={row.verdict}
                  verdictText={row.verdictText}
                  target={row.target}
                />
                <td className="pl-2">
                  <input
                    {...field(row.string)}
                    aria-label={`Cents of ${of.label}`}
                    placeholder={
                      entries.sending[row.string] ??
                      of.label.replace(`${row.string} ${row.name} `, "")
                    }
                    disabled={job.closed}
                    className={`h-11 w-[112px] rounded-lg border-2 bg-white px-2.5 text-right text-[20px] font-bold placeholder:text-[15px] placeholder:font-normal placeholder:text-mute disabled:bg-bench-dark ${on ? "border-ink" : "border-line-strong"}`}
                  />
                </td>
              </tr>,
              ...entries.refusedIn(row.string).map((refused) => (
                <tr key={`${String(row.string)}-${refused.what}`}>
                  <td colSpan={5} className="pb-1.5">
                    <RefusedNote label={refused.what} refused={refused} entries={entries} />
                  </td>
                </tr>
              )),
            ];
          })}
        </tbody>
      </table>
      {problem !== null && (
        <p role="alert" className="mt-2 border-l-4 border-rust bg-rust-wash px-3 py-2 text-[15px]">
          {problem.message}
        </p>
      )}
      <ToneExtras
        job={job}
        stretching={listening.stretching}
        string={string}
        onStretching={listening.setStretching}
        onMore={() => onOpen("extras")}
      />
      {chosen !== undefined && (
        <div className="mt-3">
          <p className="text-[15px] font-semibold text-mute">
            String {chosen.string} {chosen.name}: what is sounded and typed
          </p>
          <RadioGroup
            value={typedNote(chosen).label}
            onChange={(label) => {
              const wanted = chosen.notes.find((n) => n.label === label);
              if (wanted !== undefined) onNote(wanted);
            }}
            aria-label="Note"
            className="mt-1 flex flex-wrap gap-2"
          >
            {chosen.notes.map((n) => {
              const cell =
                n.how === "fretted" ? chosen.cells.find((c) => c.fret === n.fret) : undefined;
              return (
                <Radio
                  key={n.label}
                  value={n.label}
                  className="flex min-h-11 cursor-pointer items-center rounded-lg border-[1.5px] border-line-strong bg-paper px-3 text-[16px] hover:bg-white data-checked:border-ink data-checked:bg-ink data-checked:text-white"
                >
                  {n.label.replace(`${chosen.string} ${chosen.name} `, "")}
                  {cell !== undefined && (
                    <span className="ml-2 font-bold tabular-nums">
                      {cell.text}
                      {cell.stale ? " …" : ""}
                    </span>
                  )}
                </Radio>
              );
            })}
          </RadioGroup>
          {chosen.curve.length > 0 && <Residuals row={chosen} />}
          {chosen.move !== undefined && (
            <p className="mt-1 text-[16px]">
              <strong>Saddle:</strong> <Fractions text={chosen.move} />
            </p>
          )}
          {chosen.split !== undefined && (
            <p className="mt-1 text-[15px] text-mute">Nut or saddle? {chosen.split}</p>
          )}
        </div>
      )}
      <Remarks lines={intonation.remarks} />
    </section>
  );
}

const WIDTH = 480;
const HEIGHT = 132;
const LEFT = 36;
const RIGHT = 8;
const TOP = 10;
const FOOT = 22;

/** The error at every fret as a small curve: now solid, after the move dashed, what was read as dots; good enough is lit. */
function Residuals({ row }: { row: Schemas["ToneRow"] }) {
  const all = [...row.curve, ...row.after, ...row.cells.map((c) => c.cents)];
  const reach = Math.max(5, row.tolerance * 1.6, ...all.map(Math.abs));
  const x = (fret: number) =>
    LEFT + ((fret - 1) / Math.max(1, row.curve.length - 1)) * (WIDTH - LEFT - RIGHT);
  const middle = TOP + (HEIGHT - TOP - FOOT) / 2;
  const y = (cents: number) => middle - (cents / reach) * ((HEIGHT - TOP - FOOT) / 2);
  const line = (cents: readonly number[]) =>
    cents.map((c, i) => `${x(i + 1).toFixed(1)},${y(c).toFixed(1)}`).join(" ");
  const marks = [1, 3, 5, 7, 9, 12, 15, 17, 19, 21, 24].filter((f) => f <= row.curve.length);
  const top = Math.floor(reach);
  return (
    <svg
      viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
      role="img"
      aria-label={`Error at every fret of string ${row.string} ${row.name}, cents: ${row.cells
        .map((c) => `${c.text} at ${c.fret}`)
        .join(", ")}${row.after.length > 0 ? "; dashed after the move" : ""}`}
      className="mt-2 block w-full"
    >
      <rect
        x={LEFT}
        y={TOP}
        width={WIDTH - LEFT - RIGHT}
        height={HEIGHT - TOP - FOOT}
        fill="#E9EDE7"
      />
      <rect
        x={LEFT}
        width={WIDTH - LEFT - RIGHT}
        y={y(row.tolerance)}
        height={y(-row.tolerance) - y(row.tolerance)}
        fill="#FFF3C9"
        stroke="#1C6B58"
        strokeWidth="0.8"
      />
      <line x1={LEFT} x2={WIDTH - RIGHT} y1={y(0)} y2={y(0)} stroke="#16201E" strokeWidth="0.8" />
      {[top, 0, -top].map((c) => (
        <text key={c} x={LEFT - 5} y={y(c) + 4} textAnchor="end" fontSize="12" fill="#46534E">
          {c > 0 ? `+${c}` : String(c).replace("-", "−")}
        </text>
      ))}
      {marks.map((f) => (
        <text
          key={f}
          x={x(f)}
          y={HEIGHT - 6}
          textAnchor="middle"
          fontSize="12"
          fontWeight={f === 12 ? 750 : 500}
          fill="#46534E"
        >
          {f}
        </text>
      ))}
      <polyline points={line(row.curve)} fill="none" stroke="#16201E" strokeWidth="2.2" />
      {row.after.length > 0 && (
        <polyline
          points={line(row.after)}
          fill="none"
          stroke="#3A4C9A"
          strokeWidth="2"
          strokeDasharray="7 5"
        />
      )}
      {row.cells.map((c) => (
        <circle
          key={c.fret}
          cx={x(c.fret)}
          cy={y(c.cents)}
          r="4.5"
          fill={c.stale ? "#E9EDE7" : "#16201E"}
          stroke="#16201E"
          strokeWidth="2"
        />
      ))}
      <text x={LEFT + 4} y={TOP + 12} fontSize="12" fill="#46534E">
        cents by fret{row.after.length > 0 ? "; dashed: after the move" : ""}
      </text>
    </svg>
  );
}
