import type { Schemas } from "../app/api";

/** The five working stations and what follows, each under its place on the instrument, numbered in the order of work. */
export function StationRail({ stations }: { stations: readonly Schemas["StationView"][] }) {
  return (
    <nav aria-label="Stations" className="border-b border-line bg-bench-dark">
      <ol className="grid grid-cols-6 px-2 py-1.5 bench:grid-cols-[16fr_30fr_14fr_12fr_12fr_13fr]">
        {stations.map((s) => (
          <li key={s.key}>
            <span
              aria-current={s.state === "now" ? "step" : undefined}
              className={`inline-flex min-h-11 items-center gap-2 rounded-lg py-0.5 pr-3 pl-1.5 ${s.state === "now" ? "bg-ink text-white" : ""}`}
            >
              <span
                aria-hidden="true"
                className={`grid size-7 shrink-0 place-items-center rounded-full border-2 text-[14px] font-bold ${
                  s.state === "now"
                    ? "border-lamp-deep bg-lamp-deep text-ink"
                    : s.state === "done"
                      ? "border-verdigris bg-verdigris text-white"
                      : "border-dashed border-mute text-mute"
                }`}
              >
                {s.state === "done" ? "✓" : s.number}
              </span>
              <span>
                <span
                  className={`block text-[16px] leading-tight font-semibold ${s.state === "waiting" ? "text-mute" : ""}`}
                >
                  {s.label}
                </span>
                <span
                  className={`block text-[13px] leading-tight ${s.state === "now" ? "text-[#FFC9B2]" : "text-mute"}`}
                >
                  {s.note}
                </span>
              </span>
            </span>
          </li>
        ))}
      </ol>
    </nav>
  );
}
