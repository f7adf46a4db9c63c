import { useEffect } from "react";
import { Link, useNavigate } from "react-router";
import { useShortcuts } from "../app/shortcuts";
import { Fractions } from "../ui/Fractions";
import { Trouble } from "../ui/controls";
import { DayLine } from "./DayLine";
import { shortName, useDay } from "./useDay";

/** So many fit on a screen that is read across the room, in each of its two columns. */
const MOST = 5;
const BESIDE = 8;

/** What waits and what is promised share a column: what the one does not need is left to the other. */
function shared(waiting: number, promised: number): { waiting: number; promised: number } {
  const half = BESIDE / 2;
  const waits = Math.min(waiting, Math.max(half, BESIDE - promised));
  return { waiting: waits, promised: Math.min(promised, BESIDE - waits) };
}

/** The head of a list, with how many of it there is no room for. */
function Head({ text, of, shown }: { text: string; of: number; shown: number }) {
  return (
    <h2 className="wide mb-1 flex items-baseline justify-between text-[calc(var(--u)*3.4)] leading-tight font-bold">
      {text}
      {of > shown && (
        <span className="text-[calc(var(--u)*2.6)] font-normal text-mute">{of - shown} more</span>
      )}
    </h2>
  );
}

/** The day on a screen at the wall: nothing to press, large enough for the other end of the room. */
export function WallPage() {
  const { bench, day } = useDay();
  const navigate = useNavigate();
  useEffect(() => {
    document.title = "The day · Barytone";
  }, []);
  useShortcuts({ b: () => void navigate("/") });
  const cards = new Map((bench.data?.open ?? []).map((card) => [card.id, card]));
  const nameOf = (job: number) => shortName(cards.get(job)?.instrument ?? "");
  const trouble = bench.error ?? day.error;
  if (trouble !== null) return <Trouble text={trouble.message} />;
  if (day.data === undefined || bench.data === undefined)
    return <p className="p-8 text-[28px]">Fetching the day</p>;
  const { next, waiting, promised } = day.data;
  const held = waiting.filter((w) => w.holds);
  const room = shared(held.length, promised.length);
  return (
    <main className="flex min-h-screen flex-col [--u:0.85vw] bench:[--u:min(1vh,0.6vw)]">
      <header className="flex items-baseline justify-between bg-ink px-8 py-[calc(var(--u)*1)] text-bench">
        <h1 className="wide text-[calc(var(--u)*4)] font-bold text-white">{day.data.today}</h1>
        <Link to="/" className="min-h-11 py-2 text-[17px] underline">
          Back to the bench
        </Link>
      </header>
      <DayLine day={day.data} nameOf={nameOf} large />
      <div className="grid flex-1 gap-x-10 px-8 py-[calc(var(--u)*1.6)] bench:grid-cols-[1.25fr_1fr]">
        <section aria-label="Now">
          <Head text="Now" of={next.length} shown={MOST} />
          {next.length === 0 && (
            <p className="text-[calc(var(--u)*3.6)]">Nothing can be worked on.</p>
          )}
          <ol>
            {next.slice(0, MOST).map((n) => (
              <li key={n.job} className="border-t border-line py-[calc(var(--u)*0.9)]">
                <span className="flex justify-between gap-6 text-[calc(var(--u)*4.9)] leading-[1.1] font-bold">
                  {nameOf(n.job)}
                  <span className="text-[calc(var(--u)*3.3)] font-medium whitespace-nowrap">
                    {n.minutes}
                  </span>
                </span>
                <span className="block truncate text-[calc(var(--u)*3.2)] leading-[1.25]">
                  <Fractions text={cards.get(n.job)?.next ?? ""} />
                </span>
              </li>
            ))}
          </ol>
        </section>
        <div className="flex flex-col gap-[calc(var(--u)*1.6)]">
          <section aria-label="Waiting">
            <Head text="Waiting" of={held.length} shown={room.waiting} />
            {held.length === 0 && (
              <p className="text-[calc(var(--u)*3.1)] text-mute">Nothing waits.</p>
            )}
            <ul>
              {held.slice(0, room.waiting).map((w) => (
                <li
                  key={`${String(w.job)} ${String(w.what.begun)} ${w.what.reason}`}
                  className="border-t border-line py-[calc(var(--u)*0.6)]"
                >
                  <span className="flex justify-between gap-4 text-[calc(var(--u)*3.6)] leading-[1.15] font-bold">
                    {nameOf(w.job)}
                    <span
                      className={`text-[calc(var(--u)*3.1)] font-medium whitespace-nowrap ${w.what.overdue ? "text-rust" : ""}`}
                    >
                      {w.what.overdue && "▲ "}
                      {w.what.said}
                    </span>
                  </span>
                  <span className="block text-[calc(var(--u)*2.5)] leading-[1.2] text-mute">
                    {w.what.label}
                  </span>
                </li>
              ))}
            </ul>
          </section>
          <section aria-label="Promised">
            <Head text="Promised" of={promised.length} shown={room.promised} />
            {promised.length === 0 && (
              <p className="text-[calc(var(--u)*3.1)] text-mute">Nothing is promised.</p>
            )}
            <ul>
              {promised.slice(0, room.promised).map((p) => (
                <li
                  key={p.job}
                  className="flex flex-wrap justify-between gap-x-4 border-t border-line py-[calc(var(--u)*0.6)] text-[calc(var(--u)*3.6)] leading-[1.15] font-bold"
                >
                  {nameOf(p.job)}
                  <span
                    className={`text-[calc(var(--u)*3.1)] font-medium ${p.atRisk ? "text-rust" : "text-verdigris"}`}
                  >
                    {p.atRisk ? "▲ " : "✓ "}
                    {p.text}
                  </span>
                </li>
              ))}
            </ul>
          </section>
        </div>
      </div>
    </main>
  );
}
