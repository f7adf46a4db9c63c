import { useState } from "react";
import { api, type JobView, type Problem } from "../app/api";
import { useShortcuts } from "../app/shortcuts";
import { Button, Field, Select, TextInput } from "../ui/controls";
import { MoveForm } from "./MoveForm";
import { Heads } from "../ui/Heads";
import { Countdown } from "../ui/Countdown";
import { Fractions } from "../ui/Fractions";
import { Dial } from "./Dial";
import type { JobActions } from "./actions";
import { OtherBridge, OtherNut } from "./OtherMoves";
import { TITLE, type Station } from "./stations";
import { OtherPickups, OtherSaddles } from "./OtherTones";
import type { Send } from "./useJob";

/** Where it is typed how far a saddle stands proud. */
export const PROUD_FIELD = "saddle-proud";

/** How far a fixed saddle stands proud, asked before anything is sanded off it. */
function ProudForm({ suffix, working, send }: { suffix: string; working: boolean; send: Send }) {
  const [proud, setProud] = useState("");
  return (
    <form
      className="mt-3 flex flex-wrap items-end gap-3"
      onSubmit={(event) => {
        event.preventDefault();
        void send((stamp, params) =>
          api.POST("/api/jobs/{id}/action/saddle-proud", { params, body: { ...stamp, proud } }),
        );
      }}
    >
      <Field label={`Saddle stands proud, ${suffix}`}>
        <TextInput
          id={PROUD_FIELD}
          required
          value={proud}
          onChange={(e) => setProud(e.target.value)}
        />
      </Field>
      <Button strong type="submit" disabled={working}>
        Record
      </Button>
    </form>
  );
}

/** What to do next in plain words, with its reasons, its ripple and its caution. */
export function NextMove({
  job,
  actions,
  problem,
  other,
  onOther,
  onOtherDone,
  onStation,
  onWays,
  onClose,
  onOrder,
  working,
  refetch,
  station,
  send,
}: {
  job: JobView;
  actions: JobActions;
  /** What kept the last move out. */
  problem: Problem | null;
  other: boolean;
  onOther: (open: boolean) => void;
  /** Another move was recorded: back to where one was. */
  onOtherDone: () => void;
  onStation: (station: Station) => void;
  onWays: () => void;
  onClose: () => void;
  onOrder: () => void;
  working: boolean;
  refetch: () => void;
  station: Station;
  send: Send;
}) {
  const { advice } = job;
  const hasRod = job.instrument.rod !== "NONE" && !job.closed;
  const [why, setWhy] = useState(false);
  useShortcuts({ y: () => setWhy((open) => !open) }, true);
  const atRod = station === "RELIEF";
  return (
    <section aria-label="Next move" className="px-5 py-2">
      <h2 className="wide flex min-h-11 flex-wrap items-center justify-between gap-x-4 text-[16px] font-semibold">
        <span>
          {advice.kind === "closed"
            ? "This job"
            : advice.kind === "done" || advice.station === station
              ? "Next move"
              : `Next move, at ${TITLE[advice.station].toLowerCase()}`}
        </span>
        <span className="flex flex-wrap gap-x-4 whitespace-nowrap">
          {!job.closed && (
            <button
              type="button"
              onClick={onOrder}
              aria-keyshortcuts="q"
              className="min-h-11 text-[14.5px] font-normal underline decoration-line-strong underline-offset-4 hover:decoration-ink"
            >
              Order of work
            </button>
          )}
          {hasRod && (
            <button
              type="button"
              onClick={onWays}
              className="min-h-11 text-[14.5px] font-normal underline decoration-line-strong underline-offset-4 hover:decoration-ink"
            >
              How the rod is turned
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
      {hasRod && (atRod || advice.station === "RELIEF") && (
        <p className="mt-1 text-[15px] text-mute">
          <Fractions text={`The rod stands ${job.relief.ways.net}.`} />
        </p>
      )}
      {problem !== null && (
        <p role="alert" className="mt-2 border-l-4 border-rust bg-rust-wash px-3 py-2 text-[15px]">
          {problem.message}
        </p>
      )}
      {advice.kind === "settle" && job.settlingUntil !== undefined && (
        <p className="mt-3">
          <Countdown
            until={job.settlingUntil}
            now={job.now}
            label="Neck settling"
            onOver={refetch}
          />
        </p>
      )}
      {advice.kind === "proud" && (
        <ProudForm suffix={advice.suffix} working={working} send={send} />
      )}
      <div className="mt-3 flex flex-wrap gap-2">
        <Primary job={job} actions={actions} working={working} onClose={onClose} />
        {advice.followWhole !== undefined && (
          <Button disabled={working} onClick={actions.whole}>
            {advice.followWhole}
          </Button>
        )}
        {advice.kind === "wrong-way" && (
          <Button disabled={working} onClick={actions.otherWay}>
            I turned it the other way
          </Button>
        )}
        {!job.closed && (hasRod || !atRod) && (
          <Button aria-expanded={other} shortcut="O" onClick={() => onOther(!other)}>
            Other
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
        {advice.station !== station &&
          !advice.kind.startsWith("measure") &&
          advice.kind !== "done" &&
          advice.kind !== "closed" && (
            <Button onClick={() => onStation(advice.station)}>
              Open {TITLE[advice.station].toLowerCase()}
            </Button>
          )}
        {advice.kind === "retune" && advice.station === "RELIEF" && hasRod && (
          <Button
            disabled={working}
            onClick={() =>
              void send((stamp, params) =>
                api.POST("/api/jobs/{id}/relief/direction", {
                  params,
                  body: { ...stamp, straightensAnticlockwise: true },
                }),
              )
            }
          >
            The pitch moved the other way
          </Button>
        )}
        {hasRod && (advice.kind === "turn" || advice.kind === "free-play") && (
          <Button disabled={working} shortcut="S" onClick={actions.stiff}>
            Too stiff
          </Button>
        )}
        {advice.kind === "stop" && (
          <Button onClick={onClose} shortcut="C">
            Close the job
          </Button>
        )}
      </div>
      {other && hasRod && atRod && (
        <OtherTurn actions={actions} onDone={onOtherDone} working={working} />
      )}
      {other && station === "NUT" && (
        <OtherNut job={job} send={send} onDone={onOtherDone} working={working} />
      )}
      {other && station === "INTONATION" && (
        <OtherSaddles job={job} send={send} onDone={onOtherDone} working={working} />
      )}
      {other && station === "PICKUPS" && (
        <OtherPickups job={job} send={send} onDone={onOtherDone} working={working} />
      )}
      {other && station === "ACTION" && (
        <OtherBridge job={job} send={send} onDone={onOtherDone} working={working} />
      )}
      {advice.steps.length > 0 && (
        <table className="mt-3 w-full max-w-[560px] text-[18px]">
          <tbody>
            {advice.steps.map((step) => (
              <tr key={step.where} className="border-t border-line">
                <th scope="row" className="py-1 pr-3 text-left font-bold whitespace-nowrap">
                  {step.where}
                </th>
                <td className="py-0.5 pr-3 leading-tight">
                  <Amount text={step.amount} />
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
      )}
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
      {advice.kind !== "closed" && (
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
      {advice.ripple.length > 0 && (
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
            {advice.ripple.map((r) => (
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
      )}
    </section>
  );
}

/** How much, and under it what that comes to. */
function Amount({ text }: { text: string }) {
  const comma = text.indexOf(", ");
  if (comma < 0) return <Fractions text={text} />;
  return (
    <>
      <Fractions text={text.slice(0, comma)} />
      <span className="block text-[15px] text-mute">
        <Fractions text={text.slice(comma + 2)} />
      </span>
    </>
  );
}

function Primary({
  job,
  actions,
  working,
  onClose,
}: {
  job: JobView;
  actions: JobActions;
  working: boolean;
  onClose: () => void;
}) {
  const label = actions.primaryLabel;
  if (label === null) return null;
  return (
    <Button
      strong
      disabled={working}
      shortcut="D"
      className="text-[17px]"
      onClick={job.advice.kind === "done" ? onClose : actions.primary}
    >
      <Fractions text={label} />
    </Button>
  );
}

/** A turn of another amount, the other way, or one that met no resistance. */
function OtherTurn({
  actions,
  onDone,
  working,
}: {
  actions: JobActions;
  onDone: () => void;
  working: boolean;
}) {
  const [amount, setAmount] = useState("1/8");
  const [way, setWay] = useState<"tighten" | "loosen">("tighten");
  const [free, setFree] = useState(false);
  return (
    <MoveForm
      action="Record the turn"
      working={working}
      onDone={onDone}
      onSubmit={() => {
        const bare = amount.trim().replace(/^[+-]/, "");
        void actions.turn(way === "tighten" ? bare : `-${bare}`, false, free).then((done) => {
          if (done) onDone();
        });
      }}
    >
      <Field label="Turned, net" hint="in sixteenths: 1/8, 3/16, 1 1/4">
        <TextInput
          autoFocus
          required
          value={amount}
          onFocus={(e) => e.target.select()}
          onChange={(e) => setAmount(e.target.value)}
        />
      </Field>
      <Field label="Direction">
        <Select
          value={way}
          onChange={(e) => setWay(e.target.value === "loosen" ? "loosen" : "tighten")}
        >
          <option value="tighten">tighter (straightens)</option>
          <option value="loosen">looser (more relief)</option>
        </Select>
      </Field>
      <label className="col-span-2 flex min-h-11 items-center gap-3">
        <input
          type="checkbox"
          className="size-6 accent-ink"
          checked={free}
          onChange={(e) => setFree(e.target.checked)}
        />
        It turned freely, without biting: it does not count
      </label>
    </MoveForm>
  );
}
