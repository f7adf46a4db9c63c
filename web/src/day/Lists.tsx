import { Link } from "react-router";
import type { Schemas } from "../app/api";
import { Countdown, soon } from "../ui/Countdown";

type Day = Schemas["DayView"];
type Card = Schemas["JobCard"];

/** What waits, with its reason and its end. */
export function WaitingList({ day, cards }: { day: Day; cards: ReadonlyMap<number, Card> }) {
  if (day.waiting.length === 0)
    return <p className="border-t border-line py-2 text-[16px] text-mute">Nothing waits.</p>;
  return (
    <ul>
      {day.waiting.map((w) => {
        const card = cards.get(w.job);
        const counted =
          w.what.until !== undefined && w.what.byClock && soon(w.what.until, day.now)
            ? w.what.until
            : undefined;
        return (
          <li
            key={`${String(w.job)} ${String(w.what.begun)} ${w.what.reason}`}
            className="border-t border-line"
          >
            <Link
              to={`/jobs/${String(w.job)}`}
              className="eases block min-h-14 py-2 hover:bg-paper"
            >
              <span className="flex flex-wrap items-center justify-between gap-x-3">
                <strong className="text-[17px]">{card?.instrument ?? "A job"}</strong>
                {counted !== undefined ? (
                  <Countdown until={counted} now={day.now} label="" />
                ) : (
                  <span
                    className={`text-[15px] ${w.what.overdue ? "font-semibold text-rust" : ""}`}
                  >
                    {w.what.overdue && "▲ "}
                    {w.what.said}
                  </span>
                )}
              </span>
              <span className="block text-[15px] text-mute">
                {w.what.label}
                {w.what.note !== "" && `: ${w.what.note}`}
                {!w.holds && ". Work goes on meanwhile"}
              </span>
            </Link>
          </li>
        );
      })}
    </ul>
  );
}

/** What is promised, by date, and how likely it is kept. */
export function PromisedList({ day, cards }: { day: Day; cards: ReadonlyMap<number, Card> }) {
  if (day.promised.length === 0)
    return <p className="border-t border-line py-2 text-[16px] text-mute">Nothing is promised.</p>;
  return (
    <ul>
      {day.promised.map((p) => (
        <li key={p.job} className="border-t border-line">
          <Link to={`/jobs/${String(p.job)}`} className="eases block min-h-14 py-2 hover:bg-paper">
            <span className="flex flex-wrap items-baseline justify-between gap-x-3">
              <strong className="text-[17px]">{cards.get(p.job)?.instrument ?? "A job"}</strong>
              <span className="text-[16px]">{p.text}</span>
            </span>
            <span
              className={`block text-[15px] ${p.atRisk ? "font-semibold text-rust" : "text-verdigris"}`}
            >
              {p.atRisk ? "▲ " : "✓ "}
              {p.said}
            </span>
            {p.saves !== undefined && <span className="block text-[15px]">{p.saves}</span>}
          </Link>
        </li>
      ))}
    </ul>
  );
}
