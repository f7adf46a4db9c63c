import type { Schemas } from "../app/api";

const SIGN: Record<Schemas["TriedString"]["nutStands"], string> = {
  in: "✓",
  high: "▲",
  low: "▼",
  "cannot-tell": "?",
  stale: "…",
  unread: "",
};

const tone = (stands: Schemas["TriedString"]["nutStands"]) =>
  stands === "in" ? "text-verdigris" : stands === "unread" ? "" : "text-rust";

/** What becomes of every string: its gaps, its notes and its pitch. */
export function TriedStrings({
  strings,
  columns,
  string,
  capo,
  onString,
}: {
  strings: readonly Schemas["TriedString"][];
  columns: readonly string[];
  string: number;
  capo: number;
  onString: (string: number) => void;
}) {
  return (
    <table className="w-full border-collapse text-[17px] tabular-nums">
      <thead>
        <tr className="text-left align-bottom text-[13.5px] text-mute">
          <th className="pr-2 pb-1 font-semibold">String</th>
          <th className="w-40 pr-2 pb-1 text-right font-semibold">{columns[0]}</th>
          <th className="w-44 pr-3 pb-1 text-right font-semibold">{columns[1]}</th>
          <th className="pr-2 pb-1 font-semibold">
            Notes from {capo === 0 ? "the open one" : capo}
          </th>
          <th className="pb-1 text-right font-semibold">Cents, fretted</th>
        </tr>
      </thead>
      <tbody>
        {strings.map((s) => (
          <tr
            key={s.string}
            className={`border-t border-line ${s.string === string ? "bg-paper" : ""}`}
          >
            <th scope="row" className="text-left font-semibold">
              <button
                type="button"
                aria-pressed={s.string === string}
                onClick={() => onString(s.string)}
                className="min-h-11 w-full pl-2 text-left whitespace-nowrap"
              >
                {s.string === string && <span aria-hidden="true">› </span>}
                {s.label}
              </button>
            </th>
            <Gap now={s.nutNow} tried={s.nut} stands={s.nutStands} />
            <Gap now={s.actionNow} tried={s.action} stands={s.actionStands} />
            <td className="pr-2">
              <span aria-hidden="true" className="flex h-4 w-full gap-px">
                {s.fits.map((fit, i) => (
                  <span
                    // eslint-disable-next-line react/no-array-index-key
                    key={i}
                    className={`flex-1 text-center text-[11px] leading-4 font-bold ${
                      fit === "touches"
                        ? "bg-rust text-white"
                        : fit === "near"
                          ? "border-b-4 border-dotted border-rust"
                          : "border-b-2 border-line-strong"
                    }`}
                  >
                    {fit === "touches" ? "×" : ""}
                  </span>
                ))}
              </span>
              <span
                className={`text-[14.5px] ${s.touches ? "font-semibold text-rust" : "text-mute"}`}
              >
                {s.touches ? "▲ " : ""}
                {s.room}
              </span>
            </td>
            <td className="text-right whitespace-nowrap">{s.cents}</td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}

function Gap({
  now,
  tried,
  stands,
}: {
  now: string;
  tried: string;
  stands: Schemas["TriedString"]["nutStands"];
}) {
  return (
    <td className="pr-3 text-right whitespace-nowrap">
      {now !== tried && <span className="mr-2 text-[14.5px] text-mute">{now} →</span>}
      <span className={`text-[19px] font-bold ${tone(stands)}`}>
        {tried} <span className="inline-block w-4 text-[14px]">{SIGN[stands]}</span>
      </span>
    </td>
  );
}
