import { useState } from "react";
import { Problem, type JobView, type Schemas } from "../app/api";
import { useShortcuts } from "../app/shortcuts";
import { roomOf, waysOf } from "../stations/registry";
import type { Open, Station, StationRoom } from "../stations/room";
import { Fractions } from "../ui/Fractions";
import { Heads } from "../ui/Heads";
import { Button } from "../ui/controls";
import { Dial } from "./Dial";
import { GoOn } from "./GoOn";
import type { JobActions } from "./actions";
import type { Send } from "./useJob";

/** What to do next in plain words, with its reasons, its ripple and its caution. */
export function NextMove({
  job,
  actions,
  problem,
  other,
  movable,
  onOther,
  onOtherDone,
  onStation,
  onOpen,
  working,
  refetch,
  room,
  send,
}: {
  job: JobView;
  actions: JobActions;
  /** What kept the last move out. */
  problem: Problem | null;
  other: boolean;
  /** Whether there is anything to move at the open station. */
  movable: boolean;
  onOther: (open: boolean) => void;
  /** Another move was recorded: back to where one was. */
  onOtherDone: () => void;
  onStation: (station: Station) => void;
  onOpen: (panel: Open) => void;
  working: boolean;
  refetch: () => void;
  /** The open station. */
  room: StationRoom;
  send: Send;
}) {
  const { advice } = job;
  const { station } = room;
  const at = roomOf(advice.station);
  const given = { job, send, actions, working, refetch };
  const standing = room === at ? [room] : [room, at];
  const ways = waysOf(job);
  const [why, setWhy] = useState(false);
  useShortcuts({ y: () => setWhy((open) => !open) }, true);
  return (
    <section aria-label="Next move" className="px-5 py-2">
      <h2 className="wide flex min-h-11 flex-wrap items-center justify-between gap-x-4 text-[16px] font-semibold">
        <span>
          {job.closed
            ? "This job"
            : advice.does === "close" || advice.station === station
              ? "Next move"
              : `Next move, at ${at.title.toLowerCase()}`}
        </span>
        <span className="flex flex-wrap gap-x-4 whitespace-nowrap">
          {!job.closed && (
            <button
              type="button"
              onClick={() => onOpen("order")}
              aria-keyshortcuts="q"
              className="min-h-11 text-[14.5px] font-normal underline decoration-line-strong underline-offset-4 hover:decoration-ink"
            >
              Order of work
            </button>
          )}
          {ways !== undefined && (
            <button
              type="button"
              onClick={() => onOpen("ways")}
              className="min-h-11 text-[14.5px] font-normal underline decoration-line-strong underline-offset-4 hover:decoration-ink"
            >
              {ways.link}
            </button>
          )}
        </span>
      </h2>
      <div className="flex items-start justify-between gap-4">
        <div className="min-w-0 flex-1">
          <p
            aria-live="polite"
            data-testid="headline"
            className="wide max-w-[15em] text-[31px] leading-[1.12] font-bold tracking-[-0.01em]"
          >
            <Fractions text={advice.headline} />
          </p>
        </div>
        {advice.turn !== undefined && <Dial turn={advice.turn} />}
      </div>
      {standing.map((r) => r.Standing !== undefined && <r.Standing key={r.station} {...given} />)}
      {problem !== null && (
        <p role="alert" className="mt-2 border-l-4 border-rust bg-rust-wash px-3 py-2 text-[15px]">
          {problem.message}
        </p>
      )}
      {at.Question !== undefined && <at.Question {...given} />}
      <div className="mt-3 flex flex-wrap gap-2">
        {advice.follow !== undefined && (
          <Button
            strong
            disabled={working}
            shortcut="D"
            className="text-[17px]"
            onClick={actions.primary}
          >
            <Fractions text={advice.follow} />
          </Button>
        )}
        {advice.followWhole !== undefined && (
          <Button disabled={working} onClick={actions.whole}>
            {advice.followWhole}
          </Button>
        )}
        {at.Answers !== undefined && <at.Answers {...given} />}
        <GoOn key={advice.move} answers={advice.goOn} actions={actions} working={working} />
        {movable && (
          <Button aria-expanded={other} shortcut="O" onClick={() => onOther(!other)}>
            {advice.station === station ? "Other" : `Other, at ${room.title.toLowerCase()}`}
          </Button>
        )}
        {advice.decline !== undefined && (
          <Button disabled={working} shortcut="L" onClick={() => actions.decline()}>
            {advice.decline}
          </Button>
        )}
        {advice.canWait && (
          <Button disabled={working} shortcut="Shift+L" onClick={actions.later}>
            Later
          </Button>
        )}
        {advice.station !== station && (advice.does === "follow" || advice.does === "nothing") && (
          <Button onClick={() => onStation(advice.station)}>Open {at.title.toLowerCase()}</Button>
        )}
      </div>
      {other && movable && (
        <room.Other
          job={job}
          send={send}
          actions={actions}
          working={working}
          onDone={onOtherDone}
        />
      )}
      <Steps job={job} actions={actions} working={working} />
      {advice.caution !== undefined && (
        <p className="mt-3 border-l-4 border-rust bg-rust-wash px-3 py-2 text-[15px]">
          <strong className="font-semibold">Caution. </strong>
          <Fractions text={advice.caution} />
        </p>
      )}
      <div className="mt-2 flex max-w-[56ch] flex-col gap-1 text-[16px] text-ink-soft">
        {advice.why
          .filter((line) => line !== "")
          .map((line) => (
            <p key={line}>
              <Fractions text={line} />
            </p>
          ))}
      </div>
      {!job.closed && (
        <div className="mt-1 text-[15px]">
          <button
            type="button"
            aria-expanded={why}
            aria-keyshortcuts="y"
            onClick={() => setWhy(!why)}
            className="min-h-11 underline decoration-line-strong underline-offset-4 hover:decoration-ink"
          >
            Why?
          </button>
          {why && (
            <p className="max-w-[60ch] text-ink-soft">
              {advice.rule} {advice.school}
            </p>
          )}
        </div>
      )}
      <RippleTable ripple={advice.ripple} />
    </section>
  );
}

/** What to do on each slot, screw or side. */
function Steps({ job, actions, working }: { job: JobView; actions: JobActions; working: boolean }) {
  const { advice } = job;
  if (advice.steps.length === 0) return null;
  return (
    <table className="mt-3 w-full max-w-[560px] text-[18px]">
      <tbody>
        {advice.steps.map((step) => (
          <tr key={step.where} className="border-t border-line">
            <th scope="row" className="py-1 pr-3 text-left font-bold whitespace-nowrap">
              {step.where}
            </th>
            <td className="py-0.5 pr-3 leading-tight">
              <Fractions text={step.amount} />
              {step.more !== undefined && (
                <span className="block text-[15px] text-mute">
                  <Fractions text={step.more} />
                </span>
              )}
            </td>
            <td className="text-right text-[16px] whitespace-nowrap text-indigo">
              {step.expected === "" ? "" : `→ ${step.expected} ${advice.suffix}`}
            </td>
            {step.leave !== undefined && (
              <td className="text-right">
                <button
                  type="button"
                  disabled={working}
                  className="min-h-11 px-2 text-[15px] underline"
                  aria-label={`Leave ${step.where} as it is`}
                  onClick={() => actions.decline(step.leave)}
                >
                  Leave
                </button>
              </td>
            )}
          </tr>
        ))}
      </tbody>
    </table>
  );
}

/** What a move changes besides what it is made for. */
function RippleTable({ ripple }: { ripple: readonly Schemas["Ripple"][] }) {
  if (ripple.length === 0) return null;
  return (
    <table className="mt-3 w-full max-w-[480px] text-[16px]">
      <thead>
        <Heads
          cells={[
            "Ripple",
            "now",
            <span key="expected" className="text-indigo">
              expected
            </span>,
            "change",
          ]}
        />
      </thead>
      <tbody>
        {ripple.map((r) => (
          <tr key={r.label} className="border-t border-line text-right">
            <th scope="row" className="py-0.5 text-left font-normal">
              {r.label}
            </th>
            <td className={r.expected === "" ? "text-[14px] text-mute" : "font-semibold"}>
              {r.now}
            </td>
            <td className="font-semibold whitespace-nowrap text-indigo">{r.expected}</td>
            <td>{r.change}</td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}
