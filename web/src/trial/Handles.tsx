import { useRef } from "react";
import type { Heights, Scale, SectionData } from "../section/drawing";
import { HEIGHT, WIDTH } from "../section/drawing";

export type Part = "nut" | "relief" | "saddle";

const PARTS: readonly Part[] = ["nut", "relief", "saddle"];

/** How far an arrow key moves a height, mm. */
const STEP = 0.01;
const BIG = 5;

const LABELS: Record<Part, string> = {
  nut: "String in the nut",
  relief: "Relief of the neck",
  saddle: "String at the saddle",
};

/**
 * What can be taken hold of on the section: each moves up and down with the finger, or by the arrow keys; shifted five times as far.
 *
 * @param onMove a part was moved up by so many mm as it is drawn
 */
export function Handles({
  section,
  s,
  heights,
  onMove,
  onHold,
}: {
  section: SectionData;
  s: Scale;
  heights: Heights;
  onMove: (part: Part, mm: number) => void;
  onHold: (held: boolean) => void;
}) {
  const held = useRef<{ part: Part; y: number; units: number } | null>(null);
  const middle = section.frets[Math.max(0, Math.floor(section.bodyJointFret / 2) - 1)];
  const crown = heights.crowns[Math.max(0, Math.floor(section.bodyJointFret / 2) - 1)] ?? 0;
  const at: Record<Part, readonly [number, number]> = {
    nut: [s.x(0), s.y(heights.nut)],
    relief: [s.x(middle?.x ?? 0), s.y(crown) + 24],
    saddle: [s.x(section.saddleX), s.y(heights.saddle)],
  };
  const perMm = s.y(0) - s.y(1);
  const text = (part: Part) => {
    const kind = part === "saddle" ? "action" : part;
    const told = section.dimensions.find((d) => d.kind.includes(kind));
    return told === undefined ? "" : `${told.label} ${told.text} ${told.suffix}`;
  };
  return (
    <>
      {PARTS.map((part) => (
        <g
          key={part}
          role="slider"
          tabIndex={0}
          aria-label={LABELS[part]}
          aria-orientation="vertical"
          aria-valuenow={Math.round(
            100 * (part === "nut" ? heights.nut : part === "saddle" ? heights.saddle : -crown),
          )}
          aria-valuetext={text(part)}
          data-handle={part}
          className="handle cursor-ns-resize touch-none"
          transform={`translate(${String(at[part][0])} ${String(at[part][1])})`}
          onKeyDown={(event) => {
            const up = event.key === "ArrowUp" ? 1 : event.key === "ArrowDown" ? -1 : 0;
            if (up === 0 || event.ctrlKey || event.metaKey || event.altKey) return;
            event.preventDefault();
            onMove(part, up * STEP * (event.shiftKey ? BIG : 1));
          }}
          onPointerDown={(event) => {
            if (event.button !== 0) return;
            event.currentTarget.setPointerCapture(event.pointerId);
            event.currentTarget.focus();
            const svg = event.currentTarget.ownerSVGElement;
            if (svg === null) return;
            const box = svg.getBoundingClientRect();
            // the drawing fills its box, cut off where it is too wide or too high; measured once, for every move would lay the page out anew
            const units = 1 / Math.max(box.width / WIDTH, box.height / HEIGHT);
            held.current = { part, y: event.clientY, units };
            onHold(true);
          }}
          onPointerMove={(event) => {
            const from = held.current;
            if (from === null || from.part !== part) return;
            const mm = ((from.y - event.clientY) * from.units) / perMm;
            if (Math.abs(mm) < 0.001) return;
            held.current = { ...from, y: event.clientY };
            onMove(part, mm);
          }}
          onPointerUp={() => {
            held.current = null;
            onHold(false);
          }}
          onPointerCancel={() => {
            held.current = null;
            onHold(false);
          }}
        >
          <circle r="24" fill="transparent" />
          <circle r="11" fill="#FFF6DA" stroke="#16201E" strokeWidth="3" />
          <path
            d="M -4 -3 L 0 -7 L 4 -3 M -4 3 L 0 7 L 4 3"
            fill="none"
            stroke="#16201E"
            strokeWidth="2"
          />
        </g>
      ))}
    </>
  );
}
