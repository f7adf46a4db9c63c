import { useState, type KeyboardEvent } from "react";
import { api, type JobView } from "../app/api";
import type { Send } from "../job/useJob";
import { Button, Field, Select, TextInput } from "../ui/controls";
import { escaped } from "../ui/svgFile";
import { useArrivalChoices, type Mark } from "./choices";
import { HEIGHT, WIDTH, type Side } from "./outline";
import { PhotoStrip } from "./PhotoStrip";

/** A mark that is being placed or changed. */
export interface Placing {
  side: Side;
  x: number;
  y: number;
  kind: Mark["kind"];
  note: string;
  /** The entry that it takes the place of. */
  instead?: number;
}

const STEP = 0.01;

function onIt(share: number): number {
  return Math.min(1, Math.max(0, share));
}

/** The arrow keys move a mark by a hundredth of the drawing. */
function nudged(placing: Placing, event: KeyboardEvent): Placing | null {
  const by: Record<string, [number, number]> = {
    ArrowLeft: [-STEP, 0],
    ArrowRight: [STEP, 0],
    ArrowUp: [0, -3 * STEP],
    ArrowDown: [0, 3 * STEP],
  };
  const step = by[event.key];
  if (step === undefined) return null;
  return { ...placing, x: onIt(placing.x + step[0]), y: onIt(placing.y + step[1]) };
}

const TRIANGLE = "polygon(50% 0, 100% 100%, 0 100%)";

/** What was marked on one side, laid over the drawing. A triangle stops the job, a lozenge does not. */
export function MarksOn({
  marks,
  side,
  placing,
  onPlacing,
  onChoose,
}: {
  marks: readonly Mark[];
  side: Side;
  placing: Placing | null;
  onPlacing: (placing: Placing) => void;
  /** Absent where marks are only shown. */
  onChoose?: (mark: Mark) => void;
}) {
  return (
    <>
      {marks
        .filter((m) => m.side === side && m.event !== placing?.instead)
        .map((m) => (
          <button
            key={m.event}
            type="button"
            disabled={onChoose === undefined}
            onClick={() => onChoose?.(m)}
            aria-label={`Mark: ${m.text}`}
            style={{ left: `${String(100 * m.x)}%`, top: `${String(100 * m.y)}%` }}
            className="absolute flex min-h-11 min-w-11 -translate-x-1/2 -translate-y-1/2 flex-col items-center justify-center"
          >
            <Sign stops={m.stops} />
            <span className="max-w-40 truncate rounded bg-ink/80 px-1.5 text-[14px] font-semibold text-lamp">
              {m.text}
            </span>
          </button>
        ))}
      {placing !== null && placing.side === side && (
        <button
          type="button"
          aria-label="Place of the mark: move it with the arrow keys"
          style={{ left: `${String(100 * placing.x)}%`, top: `${String(100 * placing.y)}%` }}
          className="absolute size-11 -translate-x-1/2 -translate-y-1/2 rounded-full border-[3px] border-dashed border-indigo bg-white/40"
          onKeyDown={(event) => {
            const moved = nudged(placing, event);
            if (moved === null) return;
            event.preventDefault();
            onPlacing(moved);
          }}
        />
      )}
    </>
  );
}

/** The marks of one side as part of a picture. */
export function marksDrawn(marks: readonly Mark[], side: Side): string {
  return marks
    .filter((m) => m.side === side)
    .map((m) => {
      const [x, y] = [m.x * WIDTH, m.y * HEIGHT];
      const shape = m.stops
        ? `M${String(x)},${String(y - 11)} l11,20 h-22Z`
        : `M${String(x)},${String(y - 10)} l10,10 l-10,10 l-10,-10Z`;
      return `<path d="${shape}" fill="${m.stops ? "#9C3B1B" : "#16201E"}" stroke="#FFF3C9" stroke-width="2"/><text x="${String(x)}" y="${String(y + 28)}" text-anchor="middle" font-size="16" fill="#FFF3C9" stroke="#16201E" stroke-width="4" paint-order="stroke">${escaped(m.text)}</text>`;
    })
    .join("");
}

function Sign({ stops }: { stops: boolean }) {
  return (
    <span
      aria-hidden
      className={`block size-5 border-2 border-lamp ${stops ? "bg-rust" : "rotate-45 bg-ink"}`}
      style={stops ? { clipPath: TRIANGLE } : {}}
    />
  );
}

/** What a mark says: its kind, a note, its photos. */
export function MarkForm({
  job,
  placing,
  onPlacing,
  send,
  onDone,
}: {
  job: JobView;
  placing: Placing;
  onPlacing: (placing: Placing) => void;
  send: Send;
  onDone: () => void;
}) {
  const choices = useArrivalChoices();
  const [busy, setBusy] = useState(false);
  if (choices === undefined) return null;
  const keep = async () => {
    setBusy(true);
    const done = await send(
      (stamp, params) =>
        api.POST("/api/jobs/{id}/condition", { params, body: { ...stamp, ...placing } }),
      true,
    );
    setBusy(false);
    if (done !== null) onDone();
  };
  const { instead } = placing;
  return (
    <form
      aria-label="The mark"
      className="flex flex-col gap-2"
      onSubmit={(event) => {
        event.preventDefault();
        void keep();
      }}
    >
      <div className="grid grid-cols-[1fr_1.4fr] gap-2">
        <Field label="What is seen there">
          <Select
            autoFocus
            value={placing.kind}
            onChange={(e) => {
              const kind = choices.conditions.find((c) => c.code === e.target.value);
              if (kind !== undefined) onPlacing({ ...placing, kind: kind.code });
            }}
          >
            {choices.conditions.map((c) => (
              <option key={c.code} value={c.code}>
                {c.label}
                {c.stops ? " (stops the job)" : ""}
              </option>
            ))}
          </Select>
        </Field>
        <Field label="In words">
          <TextInput
            maxLength={200}
            value={placing.note}
            onChange={(e) => onPlacing({ ...placing, note: e.target.value })}
          />
        </Field>
      </div>
      <div className="flex flex-wrap items-center gap-2">
        <Button strong type="submit" disabled={busy}>
          Mark it
        </Button>
        <Button onClick={onDone}>Leave it</Button>
        {instead !== undefined && (
          <Button
            onClick={() =>
              void send(
                (stamp, params) =>
                  api.POST("/api/jobs/{id}/condition/gone", {
                    params,
                    body: { ...stamp, event: instead },
                  }),
                true,
              ).then(onDone)
            }
          >
            Take it off
          </Button>
        )}
        {instead !== undefined && <PhotoStrip job={job.id} mark={instead} closed={job.closed} />}
      </div>
    </form>
  );
}
