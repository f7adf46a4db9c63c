import { useRef, type ReactNode } from "react";
import { api, type JobView, type Schemas } from "../../app/api";
import { standsAs } from "../../app/sounds";
import { AnswerAll, NextRow, RefusedNote } from "../../job/EntryNotes";
import { Standing } from "../../job/Standing";
import type { JobActions } from "../../job/actions";
import { useEntries } from "../../job/useEntries";
import { Heads } from "../../ui/Heads";
import { Button } from "../../ui/controls";
import type { LedgerProps, Station } from "../room";
import { LeafRow } from "./LeafRow";
import { isEmpty, type Finding } from "./leaves";
import { useOwnSend } from "../../job/useOwnSend";

/** What is read under the strings of a station. */
interface Heights {
  station: Station;
  title: string;
  /** How it is read. */
  method: string;
  /** The unit of its numbers. */
  suffix: string;
  rows: readonly Schemas["LedgerRow"][];
  children?: ReactNode;
}

/** The rows of a station as they are on a job. */
function rowsOf(job: JobView, station: Station): readonly Schemas["LedgerRow"][] {
  const all = { relief: job.relief.rows, nut: job.nut.rows, action: job.action.rows };
  return station === "relief" || station === "nut" || station === "action" ? all[station] : [];
}

/** As found, now, target and entry for the strings of one station; typed or tapped. */
export function Ledger({
  job,
  station,
  title,
  method,
  suffix,
  rows,
  send,
  sendEntry,
  actions,
  string,
  onString,
  fields,
  waiting,
  visit,
  asked: series,
  onOpen,
  children,
}: LedgerProps & Heights) {
  const order = rows.map((r) => r.string);
  const selected = rows.find((r) => r.string === string) ?? rows[0];
  const asked =
    job.advice.station === station && job.advice.does === "read" ? job.advice.strings : [];
  // asked to read with another tool than usual, what is typed was read with that one
  const tool =
    job.advice.station === station && job.advice.tool !== undefined
      ? { tool: job.advice.tool }
      : {};
  const tall = rows.length > 8;
  const labelOf = (of: number) => `${String(of)} ${rows.find((r) => r.string === of)?.name ?? ""}`;
  const rest = useRef<HTMLParagraphElement>(null);
  const own = useOwnSend(send);
  const entries = useEntries({
    order,
    fields,
    rest,
    waiting,
    what: () =>
      `${method}, in ${suffix}${"tool" in tool ? ", with the tool that was asked for" : ""}`,
    onString,
    visit,
    asked: series,
    nameOf: (of) => labelOf(of).replace(/^\d+ /, ""),
    how: (now, of) => standsAs(rowsOf(now, station).find((row) => row.string === of)),
    record: (of, text, sure) =>
      sendEntry((stamp, params) =>
        api.POST("/api/jobs/{id}/readings", {
          params,
          body: { ...stamp, station, string: of, text, sure, ...tool },
        }),
      ),
  });
  // leaves that were tapped belong to the string that they were under, and to the way in which it was held
  const tapped = (of: number): Finding => {
    const waits = waiting.tapped[of];
    return waits?.what === method ? waits.found : {};
  };
  const recordLeaves = async (of: number) => {
    const leaves = tapped(of);
    const done = await own((stamp, params) =>
      api.POST("/api/jobs/{id}/readings", {
        params,
        body: { ...stamp, station, string: of, leaves },
      }),
    );
    if (done === null) return;
    waiting.setTapped(of, { what: method, found: {} });
    entries.goOn(of);
  };

  return (
    <section aria-label={title} className="px-5 py-2">
      <h2 className="wide flex flex-wrap items-center justify-between gap-x-4 text-[16px] font-semibold">
        {title}
        <button
          type="button"
          onClick={() => onOpen("habit")}
          aria-keyshortcuts="h"
          className="min-h-11 text-left text-[15px] font-normal underline decoration-line-strong underline-offset-4 hover:decoration-ink"
        >
          {method}
        </button>
      </h2>
      <NextRow
        entries={entries}
        place={rest}
        row={string}
        labelOf={labelOf}
        disabled={job.closed || selected === undefined}
      />
      <AnswerAll entries={entries} refused={waiting.refused} />
      <table className="w-full border-collapse">
        <thead>
          <Heads
            pad="px-1.5"
            cells={[
              "String",
              "As found",
              `Now, ${suffix}`,
              <button
                key="target"
                type="button"
                onClick={() => onOpen("target")}
                aria-keyshortcuts="t"
                className="min-h-11 underline decoration-line-strong underline-offset-4 hover:decoration-ink"
              >
                Target
              </button>,
              `Reading, ${suffix}`,
            ]}
          />
        </thead>
        <tbody>
          {rows.map((row) => {
            const on = row.string === string && !entries.resting;
            const isAsked = asked.includes(row.string);
            // leaves, and not recorded: they are seen below while the row is open
            const tappedOnly = !on && !isEmpty(tapped(row.string));
            return [
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
                  {(isAsked || tappedOnly) && (
                    <span className="block pl-3 text-[12.5px] leading-tight font-semibold text-ink-soft">
                      {tappedOnly ? "▲ only tapped" : "● asked for"}
                    </span>
                  )}
                </th>
                <Standing
                  found={row.found}
                  foundBy={row.foundBy}
                  now={row.now}
                  reckoned={row.reckoned}
                  spread={row.spread}
                  note={row.note}
                  verdict={row.verdict}
                  verdictText={row.verdictText}
                  target={row.target}
                />
                <td className="pl-2">
                  <input
                    {...entries.field(row.string)}
                    aria-label={`${title} reading under string ${row.string} ${row.name}, ${suffix}`}
                    disabled={job.closed}
                    className={`h-11 w-[112px] rounded-lg border-2 bg-white px-2.5 text-right text-[20px] font-bold placeholder:font-normal placeholder:text-mute disabled:bg-bench-dark ${
                      entries.question(row.string) !== undefined
                        ? "border-rust"
                        : on
                          ? "border-ink"
                          : isAsked
                            ? "border-dashed border-ink-soft"
                            : "border-line-strong"
                    }`}
                  />
                </td>
              </tr>,
              ...entries.refusedIn(row.string).map((refused) => (
                <tr key={`${String(row.string)}-${refused.what}`}>
                  <td colSpan={5} className="pb-1.5">
                    <RefusedNote
                      label={`${row.string} ${row.name}`}
                      refused={refused}
                      entries={entries}
                    />
                  </td>
                </tr>
              )),
              row.doubt !== undefined && (
                <tr key={`${String(row.string)}-doubt`}>
                  <td colSpan={5} className="pb-1.5">
                    <Doubt row={row} doubt={row.doubt} job={job} actions={actions} />
                  </td>
                </tr>
              ),
            ];
          })}
        </tbody>
      </table>
      {selected !== undefined && selected.leaves.length > 0 && (
        <LeafRow
          leaves={selected.leaves}
          string={`${selected.string} ${selected.name}`}
          disabled={job.closed}
          found={tapped(selected.string)}
          onFound={(found) => waiting.setTapped(selected.string, { what: method, found })}
          onRecord={() => void recordLeaves(selected.string)}
        />
      )}
      {children}
    </section>
  );
}

/** A doubted reading in its row, with what can be said of it. */
function Doubt({
  row,
  doubt,
  job,
  actions,
}: {
  row: Schemas["LedgerRow"];
  doubt: Schemas["DoubtView"];
  job: JobView;
  actions: JobActions;
}) {
  return (
    // asks its table for no room, so that no column moves
    <div className="w-0 min-w-full border-l-4 border-ink bg-lamp/60 px-3 py-1.5 text-left text-[15px]">
      <p>
        <span className="font-semibold">
          {row.string} {row.name}: {doubt.text} in doubt.
        </span>{" "}
        {doubt.why}
      </p>
      {!job.closed && (
        <div className="mt-1 flex flex-wrap gap-2">
          <Button shortcut="K" onClick={() => actions.keep(doubt.seq)}>
            Keep it
          </Button>
          <Button shortcut="X" onClick={() => actions.drop(doubt.seq)}>
            Drop it
          </Button>
          {doubt.unturned === undefined ? (
            <Button shortcut="J" onClick={() => actions.moved(doubt.seq)}>
              I moved it
            </Button>
          ) : (
            <Button shortcut="J" onClick={() => actions.undo(doubt.unturned)}>
              They were not turned
            </Button>
          )}
        </div>
      )}
    </div>
  );
}
