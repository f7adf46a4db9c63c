const WIDTH = 1000;
const HEIGHT = 300;
const REACH = 50;
const SPAN = 2.2;
const MARGIN = 60;
const FLOOR = 226;
const TOP = 30;

const place = (cents: number): number =>
  WIDTH / 2 + (Math.max(-REACH, Math.min(REACH, cents)) / REACH) * (WIDTH / 2 - MARGIN);

/**
 * A ruler of cents under the lamp: the tolerance is the lit gap at its middle, the last seconds run down from above as a trace, and what sounds now stands
 * on the ruler.
 */
export function Ruler({
  cents,
  tolerance,
  steady,
  inTune,
  trace,
  label,
}: {
  cents: number | null;
  tolerance: number;
  steady: boolean;
  inTune: boolean;
  trace: readonly { ago: number; cents: number }[];
  label: string;
}) {
  const tone = inTune ? "#1C6B58" : "#9C3B1B";
  const height = (ago: number) => FLOOR - 24 - (ago / SPAN) * (FLOOR - 24 - TOP);
  const line = trace.map((p) => `${place(p.cents)},${height(p.ago)}`).join(" ");
  const off = cents !== null && Math.abs(cents) > REACH;
  return (
    <svg
      viewBox={`0 0 ${String(WIDTH)} ${String(HEIGHT)}`}
      role="img"
      aria-label={label}
      className="block w-full"
    >
      <defs>
        <linearGradient id="pitch-sky" x1="0" x2="0" y1="0" y2="1">
          <stop offset="0" stopColor="#E6EAE0" />
          <stop offset="1" stopColor="#FFE7A3" />
        </linearGradient>
      </defs>
      <rect width={WIDTH} height={FLOOR} fill="url(#pitch-sky)" />
      <rect
        x={place(-tolerance)}
        width={place(tolerance) - place(-tolerance)}
        y="0"
        height={FLOOR}
        fill="#FFF8DF"
        stroke="#1C6B58"
        strokeWidth="1.5"
      />
      <rect y={FLOOR} width={WIDTH} height={HEIGHT - FLOOR} fill="#17201D" />
      {Array.from({ length: 21 }, (_, i) => (i - 10) * 5).map((c) => (
        <g key={c}>
          <line
            x1={place(c)}
            x2={place(c)}
            y1={FLOOR - (c % 10 === 0 ? 16 : 9)}
            y2={FLOOR}
            stroke="#17201D"
            strokeWidth={c === 0 ? 4 : 2}
          />
          {c % 10 === 0 && (
            <text
              x={place(c)}
              y={FLOOR + 30}
              textAnchor="middle"
              fontSize="22"
              fontWeight="600"
              fill="#DDE1DB"
            >
              {c > 0 ? `+${String(c)}` : String(c).replace("-", "−")}
            </text>
          )}
        </g>
      ))}
      <text x={WIDTH / 2} y={FLOOR + 60} textAnchor="middle" fontSize="20" fill="#A9B8B1">
        cents, flat to the left, sharp to the right
      </text>
      {trace.length > 1 && (
        <polyline
          points={line}
          fill="none"
          stroke="#2F3E9E"
          strokeWidth="3"
          strokeDasharray="7 5"
        />
      )}
      {cents !== null && (
        <g>
          <path
            d={`M ${String(place(cents))} ${String(FLOOR - 2)} l -15 -34 h 30 z`}
            fill={steady ? tone : "#FFF8DF"}
            stroke={tone}
            strokeWidth="4"
          />
          {off && (
            <text
              x={place(cents)}
              y={FLOOR - 46}
              textAnchor={cents > 0 ? "end" : "start"}
              fontSize="24"
              fontWeight="700"
              fill={tone}
            >
              {cents > 0 ? "farther ▸" : "◂ farther"}
            </text>
          )}
        </g>
      )}
    </svg>
  );
}
