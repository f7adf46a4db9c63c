import { useRef, useState } from "react";
import { api, type JobView } from "../app/api";
import type { Send } from "../job/useJob";
import { useArrivalChoices, type Arrival } from "./choices";

type Spot = Arrival["spots"][number];
type State = NonNullable<Spot["state"]>;

const STATES: readonly { code: State; key: string; said: string }[] = [
  { code: "fine", key: "f", said: "fine" },
  { code: "wrong", key: "n", said: "not right" },
  { code: "fixed", key: "x", said: "fixed" },
];

const TONE: Record<State, string> = {
  fine: "text-verdigris",
  wrong: "text-rust",
  fixed: "text-verdigris",
};

/** From nut to bridge: each spot with one key or one touch; what is not right is said in a few words. */
export function Checklist({ job, send }: { job: JobView; send: Send }) {
  const choices = useArrivalChoices();
  const rows = useRef(new Map<number, HTMLButtonElement>());
  const [noting, setNoting] = useState<{ spot: Spot["spot"]; state: State; note: string } | null>(
    null,
  );
  const spots = job.arrival.spots;
  const look = (spot: Spot["spot"], state: State, note: string) =>
    send(
      (stamp, params) =>
        api.POST("/api/jobs/{id}/looked", { params, body: { ...stamp, spot, state, note } }),
      true,
    );
  const go = (to: number) => rows.current.get(to)?.focus();
  const choose = (i: number, spot: Spot, state: State) => {
    if (state === "fine") {
      setNoting(null);
      void look(spot.spot, state, "");
      go(i + 1);
    } else setNoting({ spot: spot.spot, state, note: spot.note });
  };
  if (choices === undefined) return null;
  return (
    <section aria-label="From nut to bridge">
      <p className="flex items-baseline justify-between text-[14px] font-semibold text-mute">
        <span>From head to tail</span>
        <span className="hidden bench:inline">F fine · N not right · X fixed for nothing</span>
      </p>
      <ul className="gap-x-6 sm:grid sm:grid-flow-col sm:grid-cols-2 sm:grid-rows-6 bench:auto-cols-fr bench:grid-cols-none bench:grid-rows-4">
        {spots.map((spot, i) => (
          <li key={spot.spot} className="border-t border-line py-0.5">
            {noting?.spot === spot.spot ? (
              <form
                className="flex min-h-11 items-center gap-2"
                onSubmit={(event) => {
                  event.preventDefault();
                  void look(noting.spot, noting.state, noting.note);
                  setNoting(null);
                  go(i + 1);
                }}
              >
                <label className="flex min-w-0 flex-1 items-center gap-2">
                  <span className="shrink-0 text-[15px] font-semibold">
                    {spot.label}
                    <span className="sr-only">
                      {noting.state === "fixed" ? ", what was put right" : ", what is not right"}
                    </span>
                  </span>
                  <input
                    autoFocus
                    autoComplete="off"
                    maxLength={200}
                    value={noting.note}
                    placeholder={noting.state === "fixed" ? "what was put right" : "what is it"}
                    onChange={(e) => setNoting({ ...noting, note: e.target.value })}
                    onKeyDown={(event) => {
                      if (event.key === "Escape") setNoting(null);
                    }}
                    className="min-h-10 w-full min-w-0 rounded-md border-[1.5px] border-line-strong bg-white px-2 text-[16px]"
                  />
                </label>
                <button type="submit" className="min-h-11 px-2 font-semibold underline">
                  Note
                </button>
              </form>
            ) : (
              <div className="flex min-h-11 items-center gap-2">
                <button
                  type="button"
                  ref={(row) => {
                    if (row === null) rows.current.delete(i);
                    else rows.current.set(i, row);
                  }}
                  tabIndex={i === 0 ? 0 : -1}
                  aria-label={`${spot.label}: ${spot.told}`}
                  className="min-h-11 min-w-0 flex-1 text-left"
                  onClick={(event) => event.currentTarget.focus()}
                  onKeyDown={(event) => {
                    const state =
                      event.ctrlKey || event.metaKey || event.altKey
                        ? undefined
                        : STATES.find((s) => s.key === event.key.toLowerCase());
                    if (event.key === "ArrowDown") go(i + 1);
                    else if (event.key === "ArrowUp") go(i - 1);
                    else if (state !== undefined && !job.closed) choose(i, spot, state.code);
                    else return;
                    event.preventDefault();
                    event.stopPropagation();
                  }}
                >
                  <span className="block text-[16px] leading-tight">{spot.label}</span>
                  {spot.state !== undefined && (
                    <span
                      className={`block truncate text-[14px] leading-tight font-bold ${TONE[spot.state]}`}
                      title={spot.told}
                    >
                      {spot.state === "wrong" ? "▲ " : "✓ "}
                      {spot.told}
                    </span>
                  )}
                </button>
                {!job.closed &&
                  STATES.map(({ code, said }) => (
                    <button
                      key={code}
                      type="button"
                      tabIndex={-1}
                      aria-pressed={spot.state === code}
                      aria-label={`${spot.label}: ${said}`}
                      onClick={() => choose(i, spot, code)}
                      className={`eases min-h-10 rounded-md border px-2 text-[14px] font-semibold ${
                        spot.state === code
                          ? "border-ink bg-ink text-white"
                          : "border-line-strong bg-paper hover:bg-white"
                      }`}
                    >
                      {said}
                    </button>
                  ))}
              </div>
            )}
          </li>
        ))}
      </ul>
    </section>
  );
}
