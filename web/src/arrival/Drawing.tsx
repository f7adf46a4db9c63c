import type { ReactNode } from "react";
import { HEIGHT, MIDDLE, outlineOf, WIDTH, type Drawn, type Side } from "./outline";

const INK = "#16201E";

/** The instrument against the lamp, seen from one side. What is laid over it is placed by shares of its field. */
export function Drawing({
  drawn,
  side,
  label,
  onPoint,
  leftHanded = false,
  small = false,
  children,
}: {
  drawn: Drawn;
  side: Side;
  label: string;
  /** Told where it was touched, in shares of the field from the head and from above. */
  onPoint?: (x: number, y: number) => void;
  leftHanded?: boolean;
  /** Where something else needs the room. */
  small?: boolean;
  children?: ReactNode;
}) {
  const shape = outlineOf(drawn, side);
  return (
    <div className="bg-gradient-to-b from-[#F1F1E4] via-lamp to-lamp-deep">
      <div className={`relative mx-auto ${small ? "max-w-[700px]" : "max-w-[1140px]"}`}>
        <svg
          viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
          role="img"
          aria-label={label}
          className="block w-full"
        >
          <g transform={leftHanded ? `matrix(1 0 0 -1 0 ${String(2 * MIDDLE)})` : undefined}>
            {shape.pegs.map((p) => (
              <rect
                key={`${String(p.x)} ${String(p.y)}`}
                x={p.x - 6}
                y={p.y - 10}
                width={12}
                height={20}
                rx={4}
                fill={INK}
              />
            ))}
            <path d={shape.body} fill={INK} strokeLinejoin="round" stroke={INK} strokeWidth={3} />
            <path d={shape.head} fill={INK} />
            <path d={shape.neck} fill={INK} />
            {shape.lights.map((light) => (
              <path key={light.d} d={light.d} fill="#FFE49A" />
            ))}
            {shape.board !== undefined && <path d={shape.board} fill="#2B3834" />}
            {shape.plates.map((p) => (
              <rect key={`${String(p.x)} ${String(p.y)}`} {...p} fill="#4A5752" />
            ))}
            {shape.frets.map((f) => (
              <line
                key={f.x}
                x1={f.x}
                x2={f.x}
                y1={MIDDLE - f.half}
                y2={MIDDLE + f.half}
                stroke="#B3BDB5"
                strokeWidth={1.4}
              />
            ))}
            {side === "front" && (
              <rect x={shape.nut - 6} y={MIDDLE - 22} width={7} height={44} fill="#EEF1EC" />
            )}
            {shape.strings.map((s) => (
              <line
                key={s.y0}
                x1={shape.nut}
                x2={shape.saddle}
                y1={s.y0}
                y2={s.y1}
                stroke="#DDE2DC"
                strokeWidth={s.width}
              />
            ))}
            {side === "front" && (
              <line
                x1={shape.saddle - 3}
                x2={shape.saddle + 3}
                y1={MIDDLE + 32}
                y2={MIDDLE - 32}
                stroke="#FFF3C9"
                strokeWidth={5}
              />
            )}
            {shape.seams.map((d) => (
              <path key={d} d={d} fill="none" stroke="#7F8D85" strokeWidth={1.5} />
            ))}
          </g>
        </svg>
        {onPoint !== undefined && (
          <button
            type="button"
            aria-label="Mark something on the drawing"
            className="absolute inset-x-0 top-0 aspect-[1280/400] w-full cursor-crosshair"
            onClick={(event) => {
              const box = event.currentTarget.getBoundingClientRect();
              // by a key it is pressed nowhere: in the middle of the body
              if (event.detail === 0) onPoint(0.8, 0.5);
              else
                onPoint(
                  (event.clientX - box.left) / box.width,
                  (event.clientY - box.top) / box.height,
                );
            }}
          />
        )}
        {children}
      </div>
    </div>
  );
}

/** A small silhouette, to choose a kind by. */
export function Silhouette({ drawn }: { drawn: Drawn }) {
  const shape = outlineOf(drawn, "front");
  return (
    <svg viewBox={`60 40 ${WIDTH - 100} ${HEIGHT - 64}`} aria-hidden className="block h-8 w-full">
      <path d={shape.body} fill="currentColor" stroke="currentColor" strokeWidth={10} />
      <path d={shape.head} fill="currentColor" stroke="currentColor" strokeWidth={10} />
      <path d={shape.neck} fill="currentColor" stroke="currentColor" strokeWidth={10} />
      {shape.lights.map((light) => (
        <path key={light.d} d={light.d} fill="#FFE49A" />
      ))}
      {shape.plates.map((p) => (
        <rect key={p.x} {...p} fill="#FFE49A" opacity={0.6} />
      ))}
    </svg>
  );
}
