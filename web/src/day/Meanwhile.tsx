import { Link } from "react-router";
import { useDay } from "./useDay";

/** While one waits: what else can be done in that time. */
export function Meanwhile({ job }: { job: number }) {
  const { bench, day } = useDay();
  const names = new Map((bench.data?.open ?? []).map((card) => [card.id, card.instrument]));
  const next = new Map((day.data?.next ?? []).map((n) => [n.job, n]));
  const wait = day.data?.waiting.find((w) => w.job === job && w.holds);
  const others = (wait?.meanwhile ?? []).flatMap((id) => next.get(id) ?? []);
  if (others.length === 0) return null;
  return (
    <section aria-label="Meanwhile" className="border-t border-line px-5 py-3">
      <h2 className="wide text-[16px] font-semibold">Meanwhile</h2>
      <ul>
        {others.map((n) => (
          <li key={n.job}>
            <Link
              to={`/jobs/${String(n.job)}`}
              className="flex min-h-11 flex-wrap items-center gap-x-3 text-[17px] underline decoration-line-strong underline-offset-4"
            >
              {names.get(n.job) ?? "Another job"}
              <span className="text-[15px] text-mute">
                {n.minutes}, {n.why}
              </span>
            </Link>
          </li>
        ))}
      </ul>
    </section>
  );
}
