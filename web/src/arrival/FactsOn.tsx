import { Popover, PopoverButton, PopoverPanel } from "@headlessui/react";
import type { Problem } from "../app/api";
import { Button, TroubleOrQuestion } from "../ui/controls";
import { GROUPS, useBridges } from "../intake/factGroups";
import type { Facts } from "../intake/facts";
import { HEIGHT, MIDDLE, fretX, WIDTH } from "./outline";

interface Spot {
  /** Where the words begin, in the field of the drawing. */
  x: number | ((facts: Facts) => number);
  y: number;
  /** How wide they may be. */
  width: number;
  /** What they are about. */
  at: (facts: Facts) => { x: number; y: number };
}

const TOP = 14;
const FOOT = 350;

const SPOTS: Record<string, Spot> = {
  tuning: { x: 28, y: TOP, width: 270, at: () => ({ x: 130, y: MIDDLE - 34 }) },
  nut: { x: 312, y: TOP, width: 170, at: () => ({ x: 204, y: MIDDLE - 20 }) },
  scale: { x: 492, y: TOP, width: 120, at: () => ({ x: 430, y: MIDDLE - 24 }) },
  joint: {
    x: 622,
    y: TOP,
    width: 150,
    at: (f) => ({ x: fretX(Math.min(f.bodyJointFret, f.frets)), y: MIDDLE - 22 }),
  },
  bridge: { x: 1010, y: TOP, width: 250, at: () => ({ x: 1056, y: MIDDLE - 50 }) },
  rod: {
    x: (f) => (f.access === "headstock" || f.rod === "none" ? 28 : 830),
    y: FOOT,
    width: 270,
    at: (f) => ({
      x:
        f.access === "headstock"
          ? 190
          : f.access === "heel"
            ? fretX(f.bodyJointFret)
            : fretX(f.frets) + 20,
      y: MIDDLE + 20,
    }),
  },
  strings: { x: 312, y: FOOT, width: 330, at: () => ({ x: 380, y: MIDDLE + 18 }) },
  board: { x: 652, y: FOOT, width: 170, at: (f) => ({ x: fretX(f.frets), y: MIDDLE + 22 }) },
  pickups: { x: 1110, y: FOOT, width: 150, at: () => ({ x: 990, y: MIDDLE + 30 }) },
};

function startOf(spot: Spot, facts: Facts): number {
  return typeof spot.x === "number" ? spot.x : spot.x(facts);
}

function share(part: number, of: number): string {
  return `${String((100 * part) / of)}%`;
}

/** Facts where they belong on the drawing: text until touched, then fields in place. On a narrow screen they stand under it. */
export function FactsOn({
  facts,
  onChange,
  onKept,
  trouble,
  onMeant,
}: {
  facts: Facts;
  onChange: (facts: Facts) => void;
  /** Keeps what was changed, where it is not kept with the rest; told when the fields are left. */
  onKept?: () => void;
  /** What is wrong with one of them: it is told where that is typed. */
  trouble: Problem | null;
  /** Takes what was probably meant there. */
  onMeant: (text: string) => void;
}) {
  const set = (change: Partial<Facts>) => onChange({ ...facts, ...change });
  const bridges = useBridges();
  return (
    <div className="max-bench:grid max-bench:grid-cols-3 max-bench:gap-x-3 max-bench:px-4 max-bench:py-2">
      <svg
        viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
        aria-hidden
        className="pointer-events-none absolute inset-0 hidden w-full bench:block"
      >
        {GROUPS.map((group) => {
          const spot = SPOTS[group.code];
          if (spot === undefined) return null;
          const to = spot.at(facts);
          return (
            <g key={group.code} stroke="#7F8D85" fill="#FFF3C9">
              <line
                x1={startOf(spot, facts)}
                y1={spot.y === TOP ? 62 : FOOT + 2}
                x2={to.x}
                y2={to.y}
              />
              <circle cx={to.x} cy={to.y} r={3} strokeWidth={1.5} stroke="#16201E" />
            </g>
          );
        })}
      </svg>
      {GROUPS.map(({ code, label, facts: own, told, where, Fields }) => {
        const spot = SPOTS[code];
        if (spot === undefined) return null;
        const at = where?.(facts) ?? "";
        const wrong = own.some((fact) => fact === trouble?.field) ? trouble : null;
        const said =
          code === "bridge"
            ? // its code is no word for a technician
              bridges.isPending
              ? "…"
              : (bridges.data?.find((b) => b.kind === facts.bridge)?.label ?? told(facts))
            : told(facts);
        return (
          <Popover
            key={code}
            className="min-w-0 bench:absolute bench:max-w-(--widest)"
            style={{
              left: share(startOf(spot, facts), WIDTH),
              top: share(spot.y, HEIGHT),
              ["--widest" as string]: share(spot.width, WIDTH),
            }}
          >
            {({ open, close }) => (
              <>
                <PopoverButton
                  data-group={code}
                  className={`min-h-11 max-w-full rounded-md px-1 text-left hover:bg-white/60 ${open ? "bg-white outline-2 outline-indigo" : ""}`}
                  title={said}
                >
                  <span className="block text-[14px] leading-tight text-ink-soft">
                    {at === "" ? label : `${label}, ${at}`}
                  </span>
                  <span className="block truncate text-[18px] leading-tight font-bold">
                    {said === "" ? "not said" : said}
                  </span>
                </PopoverButton>
                <PopoverPanel
                  focus
                  anchor={{ to: spot.y === TOP ? "bottom start" : "top start", gap: 4, padding: 8 }}
                  className="z-20 grid w-[min(30rem,calc(100vw-2rem))] grid-cols-2 gap-3 border-t-4 border-lamp-deep bg-bench p-4"
                  onKeyDown={(event) => {
                    if (event.key !== "Enter" || event.target instanceof HTMLButtonElement) return;
                    event.preventDefault();
                    onKept?.();
                    close();
                  }}
                >
                  {wrong !== null && (
                    <div className="col-span-full">
                      <TroubleOrQuestion
                        problem={wrong}
                        onMeant={(text) => {
                          onMeant(text);
                          close();
                        }}
                        onSure={close}
                      />
                    </div>
                  )}
                  <Fields facts={facts} set={set} />
                  <div className="col-span-full">
                    <Button
                      shortcut="Enter"
                      onClick={() => {
                        onKept?.();
                        close();
                      }}
                    >
                      {onKept === undefined ? "Done" : "Correct"}
                    </Button>
                  </div>
                </PopoverPanel>
              </>
            )}
          </Popover>
        );
      })}
    </div>
  );
}
