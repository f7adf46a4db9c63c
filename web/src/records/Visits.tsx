import { useState } from "react";
import { Link } from "react-router";
import type { Schemas } from "../app/api";
import { Button } from "../ui/controls";
import { Fractions } from "../ui/Fractions";
import { dayOf } from "./when";

type View = Schemas["InstrumentPage"];

const AT_ONCE = 12;

/** Every visit with its figures, as found and as left: what the strips show, as a table. */
export function Visits({
  view,
  job,
  onJob,
}: {
  view: View;
  job: number | null;
  onJob: (job: number) => void;
}) {
  const [most, setMost] = useState(AT_ONCE);
  return (
    <section aria-label="Visits" className="mt-6">
      <div className="mb-1 flex flex-wrap items-baseline justify-between gap-3">
        <h2 className="wide text-[18px] font-bold">Visits</h2>
        <a
          href={`/api/instruments/${String(view.id)}/figures`}
          download
          className="flex min-h-11 items-center text-[16px] underline"
        >
          All figures as CSV
        </a>
      </div>
      {view.visits.length === 0 && (
        <p className="border-t border-line py-4 text-[17px]">It was not here yet.</p>
      )}
      <ol>
        {view.visits.slice(0, most).map((visit) => (
          <li
            key={visit.job}
            className={`border-t border-line py-2 ${visit.job === job ? "bg-paper" : ""}`}
            onPointerEnter={() => onJob(visit.job)}
          >
            {visit.broken ? (
              <Link to={`/jobs/${String(visit.job)}`} className="text-[17px] underline">
                A job that cannot be shown: open it to put it right
              </Link>
            ) : (
              <Visit view={view} visit={visit} />
            )}
          </li>
        ))}
      </ol>
      {view.visits.length > most && (
        <Button onClick={() => setMost(most + AT_ONCE)}>
          Earlier visits: {view.visits.length - most}
        </Button>
      )}
    </section>
  );
}

function Visit({ view, visit }: { view: View; visit: Schemas["VisitView"] }) {
  const named = (code: string) => view.series.find((s) => s.code === code)?.label ?? code;
  return (
    <div className="grid gap-x-6 gap-y-1 bench:grid-cols-[19rem_1fr]">
      <div className="min-w-0">
        <Link to={`/jobs/${String(visit.job)}`} className="text-[18px] font-bold underline">
          {dayOf(visit.at)}, ticket {String(visit.ticket).padStart(4, "0")}
        </Link>
        <p className="text-[15px] text-mute">
          {visit.closed ? `left ${dayOf(visit.leftAt)}` : "on the bench"} · {visit.player}
        </p>
        {visit.complaint !== "" && (
          <p className="line-clamp-3 text-[15px] break-words">{visit.complaint}</p>
        )}
        <p className="text-[15px] text-mute">
          {visit.strings}
          {visit.air !== undefined && `; air ${visit.air}`}
        </p>
        {visit.condition.map((seen) => (
          <p key={seen} className="text-[15px]">
            {seen}
          </p>
        ))}
        {visit.offers.map((offer) => (
          <p key={offer} className="text-[15px]">
            Offered, not taken: {offer}
          </p>
        ))}
      </div>
      {visit.figures.length === 0 ? (
        <p className="text-[16px] text-mute">Nothing was read.</p>
      ) : (
        <table className="w-full max-w-[780px] text-left text-[16px]">
          <thead>
            <tr className="text-[14px] text-mute">
              <th className="font-semibold">What</th>
              <th className="font-semibold">As found</th>
              <th className="font-semibold">As left</th>
            </tr>
          </thead>
          <tbody>
            {visit.figures.map((figure) => (
              <tr key={figure.code} className="border-t border-line/60">
                <th scope="row" className="py-0.5 pr-4 font-normal">
                  {named(figure.code)}
                </th>
                <td className="pr-4">
                  <Fractions text={figure.found ?? "not read"} />
                </td>
                <td>
                  <Fractions text={figure.left ?? "not read"} />
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      )}
    </div>
  );
}
