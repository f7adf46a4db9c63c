import { useEffect } from "react";
import { Link, useNavigate } from "react-router";
import { useShortcuts } from "../app/shortcuts";
import { Fractions } from "../ui/Fractions";
import { Trouble } from "../ui/controls";
import { DayLine } from "./DayLine";
import { shortName, useDay } from "./useDay";

/** So many fit on a screen that is read across the room. */
const MOST = 5;

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
  return (
    <main className="flex min-h-screen flex-col">
      <header className="flex items-baseline justify-between bg-ink px-8 py-3 text-bench">
        <h1 className="wide text-[30px] font-bold text-white">{day.data.today}</h1>
        <Link to="/" className="min-h-11 py-2 text-[17px] underline">
          Back to the bench
        </Link>
      </header>
      <DayLine day={day.data} nameOf={nameOf} large />
      <div className="grid flex-1 gap-x-10 px-8 py-5 bench:grid-cols-[1.25fr_1fr]">
        <section aria-label="Now">
          <h2 className="wide mb-1 text-[30px] font-bold">Now</h2>
          {next.length === 0 && <p className="text-[28px]">Nothing can be worked on.</p>}
          <ol>
            {next.slice(0, MOST).map((n) => (
              <li key={n.job} className="border-t border-line py-2.5">
                <span className="flex justify-between gap-6 text-[38px] leading-[1.1] font-bold">
                  {nameOf(n.job)}
                  <span className="text-[26px] font-medium whitespace-nowrap">{n.minutes}</span>
                </span>
                <span className="block truncate text-[25px]">
                  <Fractions text={cards.get(n.job)?.next ?? ""} />
                </span>
              </li>
            ))}
          </ol>
          {next.length > MOST && (
            <p className="text-[22px] text-mute">and {next.length - MOST} more</p>
          )}
        </section>
        <div className="flex flex-col gap-5">
          <section aria-label="Waiting">
            <h2 className="wide mb-1 text-[30px] font-bold">Waiting</h2>
            {held.length === 0 && <p className="text-[24px] text-mute">Nothing waits.</p>}
            <ul>
              {held.slice(0, MOST).map((w) => (
                <li
                  key={`${String(w.job)} ${String(w.what.begun)} ${w.what.reason}`}
                  className="border-t border-line py-1.5"
                >
                  <span className="flex justify-between gap-4 text-[28px] leading-tight font-bold">
                    {nameOf(w.job)}
                    <span
                      className={`text-[24px] font-medium whitespace-nowrap ${w.what.overdue ? "text-rust" : ""}`}
                    >
                      {w.what.overdue && "▲ "}
                      {w.what.said}
                    </span>
                  </span>
                  <span className="block text-[20px] text-mute">{w.what.label}</span>
                </li>
              ))}
            </ul>
            {held.length > MOST && (
              <p className="text-[20px] text-mute">and {held.length - MOST} more</p>
            )}
          </section>
          <section aria-label="Promised">
            <h2 className="wide mb-1 text-[30px] font-bold">Promised</h2>
            {promised.length === 0 && <p className="text-[24px] text-mute">Nothing is promised.</p>}
            <ul>
              {promised.slice(0, MOST).map((p) => (
                <li
                  key={p.job}
                  className="flex flex-wrap justify-between gap-x-4 border-t border-line py-1.5 text-[28px] leading-tight font-bold"
                >
                  {nameOf(p.job)}
                  <span
                    className={`text-[24px] font-medium ${p.atRisk ? "text-rust" : "text-verdigris"}`}
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
