import { useRef, useState } from "react";
import { api, type JobView, type Schemas } from "../../app/api";
import { standsAs } from "../../app/sounds";
import { AnswerAll, NextRow, RefusedNote } from "../../job/EntryNotes";
import { ListeningBar } from "../../job/ListeningBar";
import { Remarks } from "../../job/Remarks";
import { Tick } from "../../job/SettingForm";
import { Standing } from "../../job/Standing";
import { useEntries } from "../../job/useEntries";
import type { Send } from "../../job/useJob";
import { Heads } from "../../ui/Heads";
import { Button, TextInput } from "../../ui/controls";
import type { LedgerProps } from "../room";

interface GapId {
  pickup: number;
  side: Schemas["GapRow"]["side"];
}

/** The sides of all pickups, from the neck, bass side first. */
function gapsOf(job: JobView): readonly GapId[] {
  return job.pickups.pickups.flatMap((p) =>
    p.gaps.map((g) => ({ pickup: p.pickup, side: g.side })),
  );
}

/** The pickups: gaps as found and now, what each shows, and how loud every string is over it. */
export function Pickups({
  job,
  send,
  sendEntry,
  problem,
  waiting,
  visit,
  listening,
  onOpen,
}: LedgerProps) {
  const { pickups } = job;
  // for the loudness over a pickup, string after string
  const { level, setLevel } = listening;
  const fields = useRef(new Map<number, HTMLInputElement>());
  const rest = useRef<HTMLParagraphElement>(null);
  const gaps = gapsOf(job);
  const labels = pickups.pickups.flatMap((p) => p.gaps.map((g) => `${p.label}, ${g.side}`));
  const [row, setRow] = useState(0);
  const entries = useEntries({
    order: gaps.map((_, i) => i),
    fields,
    rest,
    waiting,
    what: () => `${pickups.method}, in ${pickups.suffix}`,
    onString: setRow,
    visit,
    nameOf: (at) => labels[at] ?? "",
    how: (now, at) => standsAs(now.pickups.pickups.flatMap((p) => p.gaps)[at]),
    record: async (at, text) => {
      const gap = gaps[at];
      if (gap === undefined) throw new Error("no such gap");
      return sendEntry((stamp, params) =>
        api.POST("/api/jobs/{id}/pickups/gaps", {
          params,
          body: { ...stamp, pickup: gap.pickup, side: gap.side, text },
        }),
      );
    },
  });
  const strings = pickups.pickups[0]?.levels.map((l) => l.string) ?? [];
  return (
    <section aria-label="Pickups" className="px-5 py-2">
      <h2 className="wide flex flex-wrap items-center justify-between gap-x-4 text-[16px] font-semibold">
        Pickups
        <button
          type="button"
          onClick={() => onOpen("target")}
          aria-keyshortcuts="t"
          className="min-h-11 text-left text-[15px] font-normal underline decoration-line-strong underline-offset-4 hover:decoration-ink"
        >
          {pickups.method}
        </button>
      </h2>
      <NextRow
        entries={entries}
        place={rest}
        row={row}
        labelOf={(of) => labels[of] ?? ""}
        disabled={job.closed || gaps.length === 0}
      />
      <AnswerAll entries={entries} refused={waiting.refused} />
      {pickups.pickups.map((p) => (
        <Pickup
          key={p.pickup}
          job={job}
          pickup={p}
          send={send}
          entries={entries}
          ids={gapsOf(job)}
          listening={level?.pickup === p.pickup ? level.string : null}
          onListen={() =>
            setLevel(
              level?.pickup === p.pickup ? null : { pickup: p.pickup, string: strings[0] ?? 1 },
            )
          }
        />
      ))}
      {level !== null && (
        <ListeningBar
          job={job}
          ear={listening.ear}
          wanted={listening.wanted}
          onPluck={listening.pluck}
        />
      )}
      {problem !== null && (
        <p role="alert" className="mt-2 border-l-4 border-rust bg-rust-wash px-3 py-2 text-[15px]">
          {problem.message}
        </p>
      )}
      {pickups.pickups.length > 0 && (
        <>
          <div className="mt-3">
            <Tick
              checked={pickups.lowered}
              onChange={(down) =>
                void send(
                  (stamp, params) =>
                    api.POST("/api/jobs/{id}/pickups/down", { params, body: { ...stamp, down } }),
                  // said while a note is still on its way, it is said all the same
                  true,
                )
              }
            >
              Lowered out of the way for the setup
            </Tick>
          </div>
          <p className="mt-1 text-[15px] text-mute">A turn gives {pickups.perTurn}.</p>
        </>
      )}
      <Remarks lines={pickups.remarks} />
    </section>
  );
}

function Pickup({
  job,
  pickup,
  send,
  entries,
  ids,
  listening,
  onListen,
}: {
  job: JobView;
  pickup: Schemas["PickupView"];
  send: Send;
  entries: ReturnType<typeof useEntries>;
  /** All gaps in the order in which they are read. */
  ids: readonly GapId[];
  listening: number | null;
  onListen: () => void;
}) {
  const [looking, setLooking] = useState(false);
  const heard = pickup.levels.filter((l) => l.text !== undefined);
  const noted = job.pickups.signs.filter((s) => pickup.signs.includes(s.sign));
  return (
    <div className="border-t border-line py-2">
      <h3 className="wide text-[18px] font-bold">{pickup.label}</h3>
      <p className="text-[15px] text-mute">{pickup.kind}</p>
      <table className="w-full border-collapse">
        <thead>
          <Heads
            pad="px-1.5"
            cells={["Side", "As found", "Now", "Target", `Gap, ${job.pickups.suffix}`]}
          />
        </thead>
        <tbody>
          {pickup.gaps.map((gap) => {
            const at = ids.findIndex((g) => g.pickup === pickup.pickup && g.side === gap.side);
            return [
              <tr key={gap.side} className="h-14 border-t border-line text-right">
                <th
                  scope="row"
                  className="text-left text-[16px] leading-tight font-semibold text-balance"
                >
                  {gap.label}
                </th>
                <Standing
                  found={gap.found}
                  now={gap.now}
                  reckoned={gap.reckoned}
                  spread={gap.spread}
                  note={gap.note}
                  verdict={gap.verdict}
                  verdictText={gap.verdictText}
                  target={gap.target}
                />
                <td className="pl-2">
                  <TextInput
                    {...entries.field(at)}
                    data-pickup-gap={`${pickup.pickup}${gap.side}`}
                    aria-label={`${pickup.label}, ${gap.label}, ${job.pickups.suffix}`}
                    disabled={job.closed}
                    className="!w-[104px] text-right text-[20px] font-bold"
                  />
                </td>
              </tr>,
              ...entries.refusedIn(at).map((refused) => (
                <tr key={`${gap.side}-${refused.what}`}>
                  <td colSpan={5} className="pb-1.5">
                    <RefusedNote label={gap.label} refused={refused} entries={entries} />
                  </td>
                </tr>
              )),
            ];
          })}
        </tbody>
      </table>
      {noted.map((s) => (
        <p key={s.sign} className="mt-1 text-[15px] text-rust">
          ▲ {s.label}. {s.remedy}
        </p>
      ))}
      {heard.length > 0 && (
        <dl className="mt-2 flex flex-wrap gap-x-4 text-[16px]">
          <dt className="text-mute">Loudness against the mean, dB</dt>
          {pickup.levels.map((l) => (
            <dd key={l.string} className="tabular-nums">
              {l.string} {l.name} <strong>{l.text ?? "–"}</strong>
            </dd>
          ))}
        </dl>
      )}
      <Remarks lines={pickup.balance} />
      <div className="mt-2 flex flex-wrap gap-2">
        <Button aria-pressed={listening !== null} onClick={onListen} disabled={job.closed}>
          {listening === null ? "Check the level" : "Stop the level check"}
        </Button>
        <Button aria-expanded={looking} onClick={() => setLooking(!looking)} disabled={job.closed}>
          What it shows
        </Button>
      </div>
      {looking && (
        <fieldset className="mt-2 grid gap-x-6 sm:grid-cols-2">
          <legend className="text-[14px] font-semibold text-mute">{pickup.label} shows</legend>
          {job.pickups.signs.map((s) => (
            <Tick
              key={s.sign}
              checked={pickup.signs.includes(s.sign)}
              onChange={(on) =>
                void send(
                  (stamp, params) =>
                    api.POST("/api/jobs/{id}/pickups/signs", {
                      params,
                      body: {
                        ...stamp,
                        pickup: pickup.pickup,
                        signs: on
                          ? [...pickup.signs, s.sign]
                          : pickup.signs.filter((other) => other !== s.sign),
                      },
                    }),
                  true,
                )
              }
            >
              {s.label}
            </Tick>
          ))}
        </fieldset>
      )}
    </div>
  );
}
