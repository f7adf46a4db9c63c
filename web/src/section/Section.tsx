import { useEffect, useRef, useState, useSyncExternalStore, type ReactNode } from "react";
import {
  between,
  bridge,
  ghostBand,
  glow,
  heldLine,
  HEIGHT,
  heightsOf,
  labelled,
  neckCurve,
  openString,
  scaleFor,
  silhouette,
  stringOver,
  stringPath,
  WIDTH,
  type Heights,
  type Scale,
  type SectionData,
} from "./drawing";

const MOTION_MS = 450;

/** Sizes of a figure: of the dimension that the page is about, of the others beside it, of each where it is about none. */
const LARGE = 36;
const SMALL = 22;
const FIGURE = 27;

/** Keeps letters readable where a line of the drawing runs behind them. */
const HALO = {
  paintOrder: "stroke",
  stroke: "#FFF6DA",
  strokeWidth: 6,
  strokeLinejoin: "round",
} as const;

/** Moves from the last drawn heights to the new ones, unless motion is unwanted, or they move with a hand. */
function useMoving(target: Heights, byHand: boolean): Heights {
  const [shown, setShown] = useState(target);
  const drawn = useRef(target);
  const goal = useRef(target);
  const frame = useRef(0);
  useEffect(() => {
    if (byHand || same(goal.current, target)) return;
    goal.current = target;
    cancelAnimationFrame(frame.current);
    const begin = drawn.current;
    const still = window.matchMedia("(prefers-reduced-motion: reduce)").matches;
    const start = performance.now();
    const step = (time: number) => {
      const share = still ? 1 : Math.min(1, Math.max(0, (time - start) / MOTION_MS));
      drawn.current = between(begin, target, share * share * (3 - 2 * share));
      setShown(drawn.current);
      if (share < 1) frame.current = requestAnimationFrame(step);
    };
    frame.current = requestAnimationFrame(step);
  });
  useEffect(() => () => cancelAnimationFrame(frame.current), []);
  return byHand ? target : shown;
}

/** Lettering is enlarged where the picture is small. */
function useLettering(): number {
  const small = useSyncExternalStore(
    (changed) => {
      const query = window.matchMedia("(max-width: 1000px)");
      query.addEventListener("change", changed);
      return () => query.removeEventListener("change", changed);
    },
    () => window.matchMedia("(max-width: 1000px)").matches,
    () => false,
  );
  return small ? 1.5 : 1;
}

function same(a: Heights, b: Heights): boolean {
  return (
    a.nut === b.nut &&
    a.saddle === b.saddle &&
    a.crowns.length === b.crowns.length &&
    a.crowns.every((c, i) => c === b.crowns[i])
  );
}

const TONE: Record<string, string> = {
  in: "#1C6B58",
  high: "#9C3B1B",
  low: "#9C3B1B",
  "cannot-tell": "#16201E",
  stale: "#5C6964",
};

const SIGN: Record<string, string> = {
  in: "in band",
  high: "▲ over",
  low: "▼ under",
  "cannot-tell": "? cannot tell",
  stale: "expected, read again",
};

/** Where the picture is small, the sign alone; the ledger below says it in words. */
const SHORT_SIGN: Record<string, string> = {
  in: "✓",
  high: "▲",
  low: "▼",
  "cannot-tell": "?",
  stale: "…",
};

/** A crown that is told to stand off. */
export interface Crown {
  fret: number;
  high: boolean;
  height: number;
}

/** The neck with its crowns as high as they are told to stand. */
function withCrowns(section: SectionData, crowns: readonly Crown[]): SectionData {
  if (crowns.length === 0) return section;
  return {
    ...section,
    frets: section.frets.map((f) => {
      const off = crowns.find((c) => c.fret === f.fret);
      return off === undefined ? f : { ...f, y: f.y + off.height };
    }),
  };
}

/** The instrument as a dark silhouette against the lamp, heights greatly exaggerated, true to the estimate. */
export function Section({
  section: read,
  others = [],
  crowns = [],
  title,
  dashed = "expected after the next move",
  byHand = false,
  about,
  children,
}: {
  section: SectionData;
  /** The other strings, drawn faintly. */
  others?: readonly SectionData[];
  /** Crowns that are told to stand off, by what is heard. */
  crowns?: readonly Crown[];
  title?: string;
  /** What the dashed lines are. */
  dashed?: string;
  /** It moves with a hand: at once. */
  byHand?: boolean;
  /** Which dimension the page is about: its figure is larger than the others. */
  about?: string;
  /** What is drawn upon it. */
  children?: (s: Scale, heights: Heights) => ReactNode;
}) {
  const section = withCrowns(read, crowns);
  const s = scaleFor(section, others);
  const heights = useMoving(heightsOf(section), byHand);
  const after = section.after;
  const letter = useLettering();
  const figure = (kind: string) =>
    section.dimensions.every((d) => d.kind !== about) ? FIGURE : kind === about ? LARGE : SMALL;
  const relief = section.dimensions.find((d) => d.kind === "relief");
  const said = section.dimensions
    .map(
      (d) =>
        `${d.kind} ${d.text} ${d.suffix} at fret ${d.fret}${SIGN[d.verdict] === undefined ? "" : `, ${SIGN[d.verdict] ?? ""}`}`,
    )
    .join("; ");
  const description = `Side view of the neck under string ${section.string} ${section.stringName}${
    said === "" ? ". Nothing is read yet." : `: ${said}.`
  }${crowns.map((c) => ` Crown ${String(c.fret)} stands ${c.high ? "high" : "low"}.`).join("")}`;
  const ghost = ghostBand(section, s);
  return (
    <svg
      viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
      role={children === undefined ? "img" : "group"}
      aria-label={description}
      className="block w-full"
      style={{ minHeight: 150 }}
      preserveAspectRatio="xMidYMid slice"
    >
      <defs>
        <linearGradient id="lamp" x1="0" y1="0" x2="0" y2="1">
          <stop offset="0" stopColor="#E9EDE6" />
          <stop offset=".55" stopColor="#FFF3C9" />
          <stop offset="1" stopColor="#FFE49A" />
        </linearGradient>
      </defs>
      <rect width={WIDTH} height={HEIGHT} fill="url(#lamp)" />
      <path
        d={glow(section, heights, s)}
        fill="#FFFBEA"
        opacity={section.stringKnown ? 0.75 : 0.4}
      />
      {after !== undefined && (
        <g fill="none" stroke="#3A4C9A" strokeWidth="2" strokeDasharray="7 5">
          <path d={neckCurve(section, after.crowns, s)} />
          {section.stringKnown && <path d={openString(after.nutY, after.saddleY, s)} />}
        </g>
      )}
      {ghost !== null && (
        <path
          d={ghost}
          fill="#1C6B58"
          fillOpacity="0.13"
          stroke="#1C6B58"
          strokeOpacity="0.55"
          strokeWidth="1"
        />
      )}
      {section.stringKnown &&
        others
          .filter((o) => o.stringKnown && o.string !== section.string)
          .map((o) => (
            <path
              key={o.string}
              d={openString(o.nutY, o.saddleY, s)}
              stroke="#16201E"
              strokeOpacity="0.22"
              strokeWidth="1.4"
            />
          ))}
      <path d={silhouette(section, heights, s)} fill="#16201E" />
      <path d={bridge(section, heights.saddle, s)} fill="#16201E" />
      {section.stringKnown ? (
        <path d={stringPath(heights, s)} fill="none" stroke="#16201E" strokeWidth="3.2" />
      ) : (
        <path
          d={heldLine(section, heights, s)}
          fill="none"
          stroke="#16201E"
          strokeWidth={relief === undefined ? 1.6 : 2.6}
          strokeDasharray={relief === undefined ? "2 6" : undefined}
        />
      )}
      {section.frets
        .filter((f) => labelled(f.fret, section))
        .map((f) => (
          <text
            key={f.fret}
            x={s.x(f.x)}
            y={246}
            textAnchor="middle"
            fontSize={(relief?.fret === f.fret ? 16 : 13) * letter}
            fontWeight={relief?.fret === f.fret ? 750 : 550}
            fill={relief?.fret === f.fret ? "#FFE49A" : "#A9B8B1"}
          >
            {f.fret}
          </text>
        ))}
      {crowns.map((c) => (
        <text
          key={c.fret}
          x={s.x(section.frets.find((f) => f.fret === c.fret)?.x ?? 0)}
          y={s.y(0) + 40}
          textAnchor="middle"
          fontSize={15 * letter}
          fontWeight="700"
          fill="#FFE49A"
        >
          {c.high ? "▲" : "▼"}
        </text>
      ))}
      {!section.reliefKnown && section.remark === undefined && (
        <text
          x={
            (s.x(section.frets[0]?.x ?? 0) +
              s.x(section.frets[section.bodyJointFret - 1]?.x ?? 0)) /
            2
          }
          y={s.y(0) - 16}
          textAnchor="middle"
          fontSize={20 * letter}
          fontWeight="600"
          fill="#46534E"
        >
          relief not read yet
        </text>
      )}
      {section.remark !== undefined && (
        <text
          x={(s.x(section.frets.at(-1)?.x ?? 0) + s.x(section.saddleX)) / 2}
          y={s.y(0) + 6}
          textAnchor="middle"
          fontSize={18 * letter}
          fontWeight="700"
          fill="#9C3B1B"
          {...HALO}
        >
          {section.remark}
        </text>
      )}
      {section.dimensions.map((d) => {
        const place = section.frets.find((f) => f.fret === d.fret)?.x ?? 0;
        const x = s.x(place);
        const tone = TONE[d.verdict] ?? "#16201E";
        const sign = SIGN[d.verdict];
        const words =
          letter > 1 && section.stringKnown
            ? `${d.kind} ${SHORT_SIGN[d.verdict] ?? ""}`
            : `${d.suffix} ${d.label}${sign === undefined ? "" : `, ${sign}`}`;
        if (section.stringKnown) {
          const end = d.kind === "relief";
          // the action has room between string and crowns, the others stand above the string; the string rises to the right, so
          // that words that run to the right start above where they end
          const below = d.kind === "action";
          const reach = end
            ? place
            : Math.min(section.saddleX, place + (section.saddleX * 170 * letter) / WIDTH);
          const over = below ? s.y(d.y0) - 8 : s.y(stringOver(section, heights, reach)) - 10;
          const left = x + (end ? 4 : below ? 12 : -4);
          return (
            <g key={d.kind} textAnchor={end ? "end" : "start"} fill={tone}>
              <line x1={x} x2={x} y1={s.y(d.y0)} y2={s.y(d.y1)} stroke={tone} strokeWidth="5" />
              {end && (
                <line
                  x1={x}
                  x2={x}
                  y1={s.y(d.y1)}
                  y2={over + 4}
                  stroke={tone}
                  strokeDasharray="2 4"
                />
              )}
              <text
                x={left}
                y={over - 16 * letter}
                fontSize={figure(d.kind) * letter}
                fontWeight="700"
                {...HALO}
              >
                {d.text}
              </text>
              <text x={left} y={over} fontSize={14.5 * letter} fontWeight="560" {...HALO}>
                {words}
              </text>
            </g>
          );
        }
        return (
          <g key={d.kind}>
            <line x1={x} x2={x} y1={s.y(d.y0)} y2={s.y(d.y1)} stroke={tone} strokeWidth="5" />
            <text
              x={x - 14}
              y={s.y(0) - 12}
              textAnchor="end"
              fontSize={30 * letter}
              fontWeight="700"
              fill={tone}
            >
              {d.text}
            </text>
            <text x={x - 6} y={s.y(d.y1) - 12} fontSize={16 * letter} fontWeight="560" fill={tone}>
              {words}
            </text>
          </g>
        );
      })}
      <text x="64" y="32" fontSize={17 * letter} fontWeight="620" fill="#2B3834">
        {title ??
          (letter > 1
            ? `String ${section.string} ${section.stringName}`
            : `Under string ${section.string} ${section.stringName}, heights greatly exaggerated`)}
        {ghost === null ? "" : ". "}
        {ghost !== null && <tspan fill="#1C6B58">Green band: where it is wanted</tspan>}
        {after === undefined ? "" : ". "}
        {after !== undefined && <tspan fill="#3A4C9A">Dashed: {dashed}</tspan>}
      </text>
      {children?.(s, heights)}
    </svg>
  );
}
