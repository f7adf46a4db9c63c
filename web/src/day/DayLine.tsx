import type { Schemas } from "../app/api";

type Day = Schemas["DayView"];

/** What stands on the line of the day. */
interface Mark {
  key: string;
  at: number;
  text: string;
  /** A promise hangs below the line, the end of a wait stands above it. */
  below: boolean;
}

const TIME = new Intl.DateTimeFormat("en-GB", { hour: "2-digit", minute: "2-digit" });

/** Marks that would lie on each other stand in rows. */
function rows(marks: Mark[], apart: number): (Mark & { row: number })[] {
  const ends: number[] = [];
  return [...marks]
    .sort((a, b) => a.at - b.at)
    .map((mark) => {
      let row = ends.findIndex((end) => mark.at >= end);
      if (row < 0) row = ends.length;
      ends[row] = mark.at + apart;
      return { ...mark, row };
    });
}

const em = (n: number) => `${String(n)}em`;

/** Text that would run out of the line stands before its mark. */
const nearEnd = (at: number) => at > 62;

/** The day as a lit line: where it is now, when what waits is over, and when what is promised is due. */
export function DayLine({
  day,
  nameOf,
  large = false,
}: {
  day: Day;
  nameOf: (job: number) => string;
  /** To be read across the room. */
  large?: boolean;
}) {
  // in em, so that the wall can size it by its own height
  const row = 1.42;
  const now = Date.parse(day.now);
  const last = day.open.at(-1);
  const closes = last === undefined ? now : Date.parse(last.to);
  // what has passed is on the tapes
  const from = now - 20 * 60_000;
  const to = Math.max(now + 4 * 3_600_000, closes);
  const place = (moment: number) => (100 * (moment - from)) / (to - from);
  const within = (moment: number) => moment >= now - 60_000 && moment <= to;
  const above = rows(
    day.waiting.flatMap((w): Mark[] => {
      const at = w.what.until === undefined ? Number.NaN : Date.parse(w.what.until);
      return within(at)
        ? [
            {
              key: `${String(w.job)} ${String(w.what.begun)} ${w.what.reason}`,
              at: place(at),
              text: `${TIME.format(at)} ${nameOf(w.job)}: ${w.what.label.toLowerCase()}`,
              below: false,
            },
          ]
        : [];
    }),
    large ? 34 : 22,
  );
  const dues = new Map<number, string[]>();
  for (const p of day.promised) {
    const at = Date.parse(p.due);
    if (within(at)) dues.set(at, [...(dues.get(at) ?? []), nameOf(p.job)]);
  }
  const below = rows(
    [...dues].map(([at, names]) => ({
      key: String(at),
      at: place(at),
      text: `${TIME.format(at)} promised: ${names.join(", ")}`,
      below: true,
    })),
    large ? 60 : 40,
  );
  const hours: number[] = [];
  for (let h = Math.ceil(from / 3_600_000) * 3_600_000; h <= to; h += 3_600_000) hours.push(h);
  const top = row * Math.max(1, 1 + Math.max(-1, ...above.map((m) => m.row)));
  const bottom = row * (1 + Math.max(-1, ...below.map((m) => m.row)));
  const line = top + 0.5;
  return (
    <div
      role="img"
      aria-label={`The day from ${TIME.format(from)} to ${TIME.format(to)}. ${[...above, ...below].map((m) => m.text).join(". ")}`}
      className={`relative overflow-hidden bg-gradient-to-b from-[#e7ebe4] via-lamp to-lamp-deep px-5 ${large ? "text-[calc(var(--u)*3.1)]" : "text-[15px]"}`}
      style={{ height: em(top + bottom + (bottom === 0 ? 2.2 : 2.8)) }}
    >
      <div className="relative h-full" aria-hidden>
        <div
          className="absolute right-0 left-0 border-t-[3px] border-ink/25"
          style={{ top: em(line) }}
        />
        {day.open.map((stretch) => {
          const a = Math.max(from, Date.parse(stretch.from));
          const b = Math.min(to, Date.parse(stretch.to));
          if (b <= a) return null;
          return (
            <div
              key={stretch.from}
              className="absolute h-[3px] bg-ink"
              style={{
                top: em(line),
                left: `${String(place(a))}%`,
                width: `${String(place(b) - place(a))}%`,
              }}
            />
          );
        })}
        {hours.map((h) => (
          <div
            key={h}
            className="absolute text-ink/70"
            style={{ left: `${String(place(h))}%`, top: em(line + 0.2) }}
          >
            <div className="h-1.5 border-l border-ink/60" />
            <span className="-ml-[1em] inline-block w-[2em] text-center text-[0.86em] leading-tight">
              {new Date(h).getHours()}
            </span>
          </div>
        ))}
        {above.map((m) => (
          <div
            key={m.key}
            className="absolute border-ink"
            style={{
              top: em(0.25 + row * m.row),
              height: em(line - 0.25 - row * m.row),
              ...(nearEnd(m.at)
                ? { right: `${String(100 - m.at)}%`, borderRightWidth: 2 }
                : { left: `${String(m.at)}%`, borderLeftWidth: 2 }),
            }}
          >
            <span className="block px-1.5 leading-[1.4] font-semibold whitespace-nowrap">
              {m.text}
            </span>
          </div>
        ))}
        {below.map((m) => (
          <div
            key={m.key}
            className="absolute border-rust"
            style={{
              top: em(line),
              height: em(1.7 + row * m.row),
              ...(nearEnd(m.at)
                ? { right: `${String(100 - m.at)}%`, borderRightWidth: 3 }
                : { left: `${String(m.at)}%`, borderLeftWidth: 3 }),
            }}
          >
            <span
              className="absolute top-full px-1.5 leading-tight font-semibold whitespace-nowrap text-rust"
              style={nearEnd(m.at) ? { right: 0 } : { left: 0 }}
            >
              {m.text}
            </span>
          </div>
        ))}
        <div
          className="absolute w-0 border-l-[3px] border-verdigris"
          style={{ left: `${String(place(now))}%`, top: em(line - 0.45), height: em(1.1) }}
        />
      </div>
    </div>
  );
}
