import type { Schemas } from "../app/api";
import { ROOMS } from "../stations/registry";
import type { Station } from "../stations/room";

/**
 * The working stations and what follows, each under its place on the instrument. The open one is dark; the lit arrow is where
 * the next move is.
 */
export function StationRail({
  stations,
  open,
  waiting,
  onOpen,
}: {
  stations: readonly Schemas["StationView"][];
  open: Station;
  /** How much of what was typed there was not taken, and waits in its row. */
  waiting: (station: Station) => number;
  onOpen: (station: Station) => void;
}) {
  return (
    <nav aria-label="Stations" className="border-b border-line bg-bench-dark">
      <ol className="grid grid-cols-6 px-2 pt-1.5 bench:grid-cols-[16fr_30fr_14fr_12fr_12fr_13fr]">
        {stations.map((s) => {
          const target = ROOMS.find((room) => room.station === s.key);
          const now = s.state === "now";
          if (target === undefined) return null;
          const shown = target.station === open;
          // in the open one it stands in its row
          const waits = shown ? 0 : waiting(target.station);
          const done = s.state === "done";
          const face = (
            <>
              <span
                aria-hidden="true"
                className={`grid size-7 shrink-0 place-items-center rounded-full border-2 text-[14px] font-bold ${
                  now
                    ? "border-lamp-deep bg-lamp-deep text-ink"
                    : done
                      ? "border-verdigris bg-verdigris text-white"
                      : shown
                        ? "border-dashed border-lamp"
                        : "border-dashed border-mute"
                }`}
              >
                {now ? "➜" : done ? "✓" : ""}
              </span>
              <span className="min-w-0">
                <span className="block text-[16px] leading-tight font-semibold">
                  {s.label}
                  {now && <span className="sr-only">, the next move is here</span>}
                </span>
                <span
                  className={`block text-[13px] leading-tight ${shown ? "text-lamp" : "text-mute"}`}
                >
                  {waits === 0 ? s.note : `▲ ${String(waits)} not taken`}
                </span>
              </span>
            </>
          );
          const look = `inline-flex min-h-11 items-center gap-2 rounded-lg py-0.5 pr-3 pl-1.5 text-left ${shown ? "bg-ink text-white" : "hover:bg-bench"}`;
          return (
            <li key={s.key} className="pb-1">
              <button
                type="button"
                className={`eases ${look}`}
                aria-current={shown ? "true" : undefined}
                aria-keyshortcuts={target.key}
                onClick={() => onOpen(target.station)}
              >
                {face}
              </button>
            </li>
          );
        })}
      </ol>
    </nav>
  );
}
