import type { Schemas } from "../app/api";

const RADIUS = 42;

/** A wrench seen from its access end: how far and which way. */
export function Dial({ turn }: { turn: Schemas["TurnView"] }) {
  const angle =
    (Math.min(15.9, Math.abs(turn.sixteenths)) / 16) * 2 * Math.PI * (turn.clockwise ? 1 : -1);
  const x = RADIUS * Math.sin(angle);
  const y = -RADIUS * Math.cos(angle);
  const large = Math.abs(angle) > Math.PI ? 1 : 0;
  const sweep = turn.clockwise ? 1 : 0;
  // the tip of the arrow follows the circle
  const tip = (angle * 180) / Math.PI + (turn.clockwise ? 0 : 180);
  return (
    <svg
      viewBox="-52 -52 104 104"
      role="img"
      aria-label={`${turn.amount} turn ${turn.clockwise ? "clockwise" : "anticlockwise"}, ${turn.seenFrom}`}
      className="size-24 shrink-0"
    >
      <circle r={RADIUS} fill="#EEF1EC" stroke="#16201E" strokeWidth="2" />
      <path
        d={`M0,0 L0,${-RADIUS} A${RADIUS},${RADIUS} 0 ${large} ${sweep} ${x},${y} Z`}
        fill="#FFE49A"
        stroke="#16201E"
        strokeWidth="2"
      />
      <line y2={-RADIUS} stroke="#16201E" strokeWidth="2" strokeDasharray="3 3" />
      <g transform={`translate(${x} ${y}) rotate(${tip})`}>
        <path d="M-7,-6 L5,0 L-7,6 Z" fill="#16201E" />
      </g>
      <polygon
        points="-8,-4.6 -8,4.6 0,9.2 8,4.6 8,-4.6 0,-9.2"
        fill="#fff"
        stroke="#16201E"
        strokeWidth="2"
      />
    </svg>
  );
}
