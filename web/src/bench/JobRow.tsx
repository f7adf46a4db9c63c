import { Link } from "react-router";
import type { Schemas } from "../app/api";
import { Countdown, soon } from "../ui/Countdown";
import { Fractions } from "../ui/Fractions";

/** A job in a list: whose it is, what is next, how it stands. */
export function JobRow({
  card,
  place,
  now,
  day,
}: {
  card: Schemas["JobCard"];
  place?: number;
  now?: string;
  /** Why it stands here on the bench, and how long it takes. */
  day?: Schemas["Next"] | undefined;
}) {
  return (
    <li className="border-t border-line">
      <Link
        to={`/jobs/${card.id}`}
        className="eases grid min-h-20 grid-cols-[2.5rem_1fr] gap-x-3 py-3 hover:bg-paper bench:grid-cols-[2.5rem_1fr_1fr]"
      >
        <span className="pt-1 text-center text-[15px] font-semibold text-mute" aria-hidden="true">
          {place}
        </span>
        <span className="min-w-0">
          <span className="block text-[20px] leading-tight font-bold break-words">
            {card.instrument}
          </span>
          <span className="block text-[15px] text-mute">
            Ticket {String(card.ticket).padStart(4, "0")} · {card.player}
          </span>
          {day !== undefined && (
            <span className="block text-[15px] font-semibold">
              {day.why} · {day.minutes}
            </span>
          )}
          {card.complaint !== "" && (
            <span className="mt-0.5 line-clamp-2 block text-[15px]">{card.complaint}</span>
          )}
        </span>
        <span className="col-start-2 mt-2 min-w-0 bench:col-start-3 bench:mt-0">
          <span className="flex flex-wrap items-center gap-x-3">
            <span className="text-[20px] leading-tight font-semibold">
              <Fractions text={card.next} />
            </span>
            {card.waitingUntil !== undefined &&
              now !== undefined &&
              soon(card.waitingUntil, now) && (
                <Countdown until={card.waitingUntil} now={now} label="waits" />
              )}
          </span>
          <span className="block text-[15px] whitespace-pre-wrap text-mute">{card.standing}</span>
        </span>
      </Link>
    </li>
  );
}
