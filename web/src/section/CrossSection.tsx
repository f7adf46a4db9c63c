import type { Schemas } from "../app/api";

const WIDTH = 520;
const HEIGHT = 206;
const MARGIN = 34;
const FLOOR = 150;
const TOP = 34;

const TONE: Record<string, string> = {
  in: "#1C6B58",
  high: "#9C3B1B",
  low: "#9C3B1B",
};

const SIGN: Record<string, string> = {
  in: "✓",
  high: "▲",
  low: "▼",
  "cannot-tell": "?",
  stale: "…",
};

/** A move in the room that a support has: an arrow for the direction. */
const short = (move: string): string =>
  move
    .replace(/ turns? down/, " ↓")
    .replace(/ turns? up/, " ↑")
    .replace(/ off$/, " ↓")
    .replace(/ up$/, " ↑");

/**
 * The strings across the bridge against the lamp, seen from the bridge towards the nut: the board's arc carried on to the saddle below,
 * each string where it stands, where it is wanted, and where it is expected after the next move; what carries them,
 * and what the next move asks of each.
 */
export function CrossSection({
  strings,
  supports,
  blank,
  leftHanded,
  chosen,
}: {
  strings: readonly Schemas["CrossView"][];
  /** What carries the strings, from bass to treble. */
  supports: readonly Schemas["ScrewView"][];
  /** One blank in a slot rather than screws. */
  blank: boolean;
  leftHanded: boolean;
  chosen: number;
}) {
  const widest = Math.max(10, ...[...strings, ...supports].map((s) => Math.abs(s.z)));
  const highest = Math.max(...strings.map((s) => Math.max(s.now, s.high, s.after ?? 0)), 1);
  const lowest = Math.min(...strings.map((s) => s.board), 0);
  const perMm = (FLOOR - TOP) / (highest - lowest);
  // seen from behind the bridge the bass side of a right-handed instrument lies on the left
  const x = (z: number) => WIDTH / 2 + ((leftHanded ? -z : z) / widest) * (WIDTH / 2 - MARGIN);
  const y = (h: number) => FLOOR - (h - lowest) * perMm;
  const order = strings.toSorted((a, b) => x(a.z) - x(b.z));
  /** Height of the strings over a place, between the two next to it. */
  const over = (z: number) => {
    const near = strings.toSorted((a, b) => Math.abs(a.z - z) - Math.abs(b.z - z)).slice(0, 2);
    const [a, b] = near;
    if (a === undefined) return 0;
    if (b === undefined || a.z === b.z) return a.now;
    return a.now + ((b.now - a.now) * (z - a.z)) / (b.z - a.z);
  };
  const first = order[0];
  const last = order.at(-1);
  const board = [
    `M0,${HEIGHT} L0,${y(first?.board ?? 0).toFixed(1)}`,
    ...order.map((s) => `L${x(s.z).toFixed(1)},${y(s.board).toFixed(1)}`),
    `L${WIDTH},${y(last?.board ?? 0).toFixed(1)} L${WIDTH},${HEIGHT} Z`,
  ].join(" ");
  return (
    <svg
      viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
      role="img"
      aria-label={`The strings across the bridge: ${order
        .map((s) => `${s.string} ${s.name} ${s.verdict}`)
        .join(", ")}.${supports
        .filter((s) => s.move !== undefined)
        .map((s) => ` ${s.name} ${s.move ?? ""}.`)
        .join("")}`}
      className="mt-2 block w-full"
    >
      <defs>
        <linearGradient id="lamp-across" x1="0" y1="0" x2="0" y2="1">
          <stop offset="0" stopColor="#E9EDE6" />
          <stop offset=".55" stopColor="#FFF3C9" />
          <stop offset="1" stopColor="#FFE49A" />
        </linearGradient>
      </defs>
      <rect width={WIDTH} height={HEIGHT} fill="url(#lamp-across)" />
      {blank ? (
        <path
          d={`M${order.map((s) => `${x(s.z).toFixed(1)},${y(s.now).toFixed(1)}`).join(" L")} L${x(last?.z ?? 0).toFixed(1)},${FLOOR + 30} L${x(first?.z ?? 0).toFixed(1)},${FLOOR + 30} Z`}
          fill="#16201E"
          fillOpacity="0.3"
        />
      ) : (
        supports.map((s) => (
          <path
            key={s.name}
            d={`M${x(s.z).toFixed(1)},${FLOOR + 30} L${x(s.z).toFixed(1)},${(y(over(s.z)) + 3).toFixed(1)}`}
            stroke="#16201E"
            strokeOpacity="0.5"
            strokeWidth="4"
            strokeDasharray="4 1.5"
          />
        ))
      )}
      <path d={board} fill="#16201E" />
      {supports.map((s) =>
        s.move === undefined ? null : (
          <text
            key={s.name}
            x={Math.min(WIDTH - 30, Math.max(30, x(s.z)))}
            y={HEIGHT - 26}
            textAnchor="middle"
            fontSize="13"
            fontWeight="650"
            fill="#FFE49A"
          >
            {short(s.move)}
          </text>
        ),
      )}
      <text x={WIDTH / 2} y={HEIGHT - 8} textAnchor="middle" fontSize="12" fill="#A9B8B1">
        board carried on to the saddle, heights exaggerated
      </text>
      {order.map((s) => {
        const at = x(s.z);
        const tone = TONE[s.verdict] ?? "#16201E";
        return (
          <g key={s.string}>
            <rect
              x={at - 11}
              width="22"
              y={y(s.high)}
              height={Math.max(2, y(s.low) - y(s.high))}
              fill="#1C6B58"
              fillOpacity="0.16"
              stroke="#1C6B58"
              strokeOpacity="0.6"
            />
            {s.after !== undefined && Math.abs(s.after - s.now) > 0.005 && (
              <circle
                cx={at}
                cy={y(s.after) - 5}
                r="5"
                fill="none"
                stroke="#3A4C9A"
                strokeWidth="1.8"
                strokeDasharray="3 2"
              />
            )}
            <circle cx={at} cy={y(s.now) - 5} r="5" fill={tone} />
            <text
              x={at}
              y={22}
              textAnchor="middle"
              fontSize="14"
              fontWeight={s.string === chosen ? 750 : 550}
              fill={tone}
            >
              {s.string} {SIGN[s.verdict] ?? ""}
            </text>
          </g>
        );
      })}
    </svg>
  );
}
