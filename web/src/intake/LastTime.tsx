import { Link } from "react-router";
import type { Schemas } from "../app/api";
import { PhotosOf } from "../records/PhotosOf";
import { dayOf } from "../records/when";
import { Fractions } from "../ui/Fractions";
import { Button } from "../ui/controls";

/** What is known of an instrument that comes back: how it left, what is not to be touched. */
export function LastTime({
  page,
  onOther,
}: {
  page: Schemas["InstrumentPage"];
  /** Takes in another one; absent once it is taken in. */
  onOther?: () => void;
}) {
  const last = page.visits.find((v) => !v.broken && v.closed) ?? page.visits.find((v) => !v.broken);
  const named = (code: string) => page.series.find((s) => s.code === code)?.label ?? code;
  return (
    <section
      aria-label="Last time"
      className="border-t-4 border-lamp-deep bg-paper px-4 py-3 text-[17px]"
    >
      <div className="flex items-start justify-between gap-3">
        <p className="min-w-0 flex-1">
          <Link to={`/instruments/${String(page.id)}`} className="text-[20px] font-bold underline">
            {page.facts.name}
          </Link>
          <span className="block text-mute">
            {page.kindLabel}
            {last !== undefined && `, here last on ${dayOf(last.at)}`}
          </span>
        </p>
        {onOther !== undefined && <Button onClick={onOther}>Another instrument</Button>}
      </div>
      {page.about.doNotTouch !== "" && (
        <p className="mt-2 border-l-4 border-rust px-3">
          <strong>Do not touch:</strong> {page.about.doNotTouch}
        </p>
      )}
      {page.about.notes !== "" && <p className="mt-2 whitespace-pre-wrap">{page.about.notes}</p>}
      {last !== undefined && last.figures.length > 0 && (
        <dl className="mt-2 grid grid-cols-[max-content_1fr] gap-x-6 sm:grid-cols-[max-content_1fr_max-content_1fr]">
          {last.figures
            .filter((f) => f.left !== undefined)
            .map((f) => (
              <div key={f.code} className="contents">
                <dt className="text-mute">{named(f.code)}</dt>
                <dd className="font-semibold">
                  <Fractions text={f.left ?? ""} />
                </dd>
              </div>
            ))}
        </dl>
      )}
      {page.favourites.length > 0 && (
        <p className="mt-1">
          <strong>Favourite:</strong> {page.favourites.join("; ")}
        </p>
      )}
      {last?.offers.map((offer) => (
        <p key={offer} className="mt-1">
          <strong>Offered then, not taken:</strong> {offer}
        </p>
      ))}
      <PhotosOf id={page.id} small />
      {last !== undefined && (
        <p className="mt-1 text-[15px] text-mute">
          As left then{last.air !== undefined && `, air ${last.air}`}. Strings {last.strings}.
        </p>
      )}
    </section>
  );
}
