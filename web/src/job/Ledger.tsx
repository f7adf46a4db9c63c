import { Heads } from "../ui/Heads";
import type { ReactNode, RefObject } from "react";
import { api, type JobView, type Problem, type Schemas } from "../app/api";
import { LeafRow } from "./LeafRow";
import type { Station } from "./stations";
import { useEntries } from "./useEntries";
import type { Send } from "./useJob";
import { Standing } from "./Standing";

/** As found, now, target and entry for the strings of one station; typed or tapped. */
export function Ledger({
  job,
  station,
  title,
  method,
  rows,
  send,
  problem,
  string,
  onString,
  fields,
  onHabit,
  onTarget,
  onMovedOn,
  children,
}: {
  job: JobView;
  station: Station;
  title: string;
  /** How it is read. */
  method: string;
  rows: readonly Schemas["LedgerRow"][];
  send: Send;
  problem: Problem | null;
  string: number;
  onString: (string: number) => void;
  fields: RefObject<Map<number, HTMLInputElement>>;
  onHabit: () => void;
  onTarget: () => void;
  /** The next move is at another station. */
  onMovedOn: (done: JobView) => void;
  children?: ReactNode;
}) {
  const order = rows.map((r) => r.string);
  const selected = rows.find((r) => r.string === string) ?? rows[0];

  // asked to read with another tool than usual, what is typed was read with that one
  const tool =
    job.advice.station === station && job.advice.tool !== undefined
      ? { tool: job.advice.tool }
      : {};
  const next = (done: JobView, of: number) =>
    done.advice.station === station
      ? (done.advice.strings.find((s) => s !== of) ?? done.advice.strings[0])
      : undefined;
  const tall = rows.length > 8;

  const { focus, following, field } = useEntries({
    order,
    fields,
    onString,
    record: async (of, text, sure) => {
      const done = await send((stamp, params) =>
        api.POST("/api/jobs/{id}/readings", {
          params,
          body: { ...stamp, station, string: of, text, sure, ...tool },
        }),
      );
      if (done === null) return "refused";
      if (done.advice.station === station) return next(done, of) ?? following(of);
      onMovedOn(done);
      return null;
    },
  });

  return (
    <section aria-label={title} className="px-5 py-2">
      <h2 className="wide flex flex-wrap items-center justify-between gap-x-4 text-[16px] font-semibold">
        {title}
        <button
          type="button"
          onClick={onHabit}
          aria-keyshortcuts="h"
          className="min-h-11 text-left text-[15px] font-normal underline decoration-line-strong underline-offset-4 hover:decoration-ink"
        >
          {method}
        </button>
      </h2>
      <table className="w-full border-collapse">
        <thead>
          <Heads
            pad="px-2"
            cells={[
              "String",
              "As found",
              "Now",
              <button
                key="target"
                type="button"
                onClick={onTarget}
                aria-keyshortcuts="t"
                className="min-h-11 underline decoration-line-strong underline-offset-4 hover:decoration-ink"
              >
                Target
              </button>,
              `Reading, ${job.unitSuffix}`,
            ]}
          />
        </thead>
        <tbody>
          {rows.map((row) => {
            const on = row.string === string;
            return (
              <tr
                key={row.string}
                className={`${tall ? "h-12" : "h-14"} border-t border-line text-right ${on ? "bg-[#E9EDE7]" : ""}`}
              >
                <th scope="row" className="pr-2 text-left text-[19px] font-bold whitespace-nowrap">
                  <span aria-hidden="true" className={on ? "" : "invisible"}>
                    ›{" "}
                  </span>
                  {row.string} {row.name}
                  <span className="ml-1.5 text-[14px] font-normal text-mute">{row.side}</span>
                </th>
                <Standing
                  found={row.found}
                  now={row.now}
                  verdict={row.verdict}
                  verdictText={row.verdictText}
                  target={row.target}
                />
                <td className="pl-2">
                  <input
                    {...field(row.string)}
                    aria-label={`${title} reading under string ${row.string} ${row.name}, ${job.unitSuffix}`}
                    disabled={job.closed}
                    className={`h-11 w-[118px] rounded-lg border-2 bg-white px-2.5 text-right text-[20px] font-bold disabled:bg-bench-dark ${on ? "border-ink" : "border-line-strong"}`}
                  />
                </td>
              </tr>
            );
          })}
        </tbody>
      </table>
      {problem !== null && (
        <p role="alert" className="mt-2 border-l-4 border-rust bg-rust-wash px-3 py-2 text-[15px]">
          {problem.message}
        </p>
      )}
      {selected !== undefined && selected.leaves.length > 0 && (
        <LeafRow
          leaves={selected.leaves}
          string={`${selected.string} ${selected.name}`}
          suffix={job.unitSuffix}
          disabled={job.closed}
          onRecord={async (leaves) => {
            const done = await send((stamp, params) =>
              api.POST("/api/jobs/{id}/readings", {
                params,
                body: { ...stamp, station, string: selected.string, leaves },
              }),
            );
            if (done === null) return false;
            if (done.advice.station === station)
              focus(next(done, selected.string) ?? following(selected.string));
            else onMovedOn(done);
            return true;
          }}
        />
      )}
      {children}
    </section>
  );
}

/** The same neck by other habits, and what there is to remark. */
export function ReliefExtras({ job }: { job: JobView }) {
  const { relief } = job;
  return (
    <>
      {relief.equivalents.length > 0 && (
        <table className="mt-4 w-full text-[14.5px]">
          <thead>
            <tr className="text-right text-mute">
              <th scope="col" className="wide text-left text-[15px] font-semibold">
                Same neck by other habits, {job.unitSuffix}
              </th>
              <th scope="col" className="font-medium">
                bass
              </th>
              <th scope="col" className="font-medium">
                treble
              </th>
            </tr>
          </thead>
          <tbody>
            {relief.equivalents.map((e) => (
              <tr key={e.label} className="border-t border-line">
                <th scope="row" className="py-0.5 text-left font-normal">
                  {e.label}
                </th>
                <td className="w-16 text-right font-semibold whitespace-nowrap">{e.bass}</td>
                <td className="w-16 text-right font-semibold whitespace-nowrap">{e.treble}</td>
              </tr>
            ))}
          </tbody>
        </table>
      )}
      <Remarks lines={relief.remarks} />
    </>
  );
}

/** What there is to remark, line by line. */
export function Remarks({ lines }: { lines: readonly string[] }) {
  return lines.map((remark) => (
    <p key={remark} className="mt-2 text-[15px] text-mute">
      {remark}
    </p>
  ));
}
