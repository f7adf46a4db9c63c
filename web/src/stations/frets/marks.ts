import type { JobView } from "../../app/api";

export type BoardMark = JobView["frets"]["marks"][number];
export type Mark = BoardMark["sounds"];

export interface MarkShape {
  mark: Mark;
  key: string;
  shape: string;
  said: string;
}

/** Shapes that differ without colour, and the key that sets them. */
export const MARKS: readonly MarkShape[] = [
  { mark: "clean", key: " ", shape: "○", said: "rings clean" },
  { mark: "buzz", key: "b", shape: "≋", said: "buzzes" },
  { mark: "choke", key: "c", shape: "⊣", said: "is cut short" },
  { mark: "dead", key: "d", shape: "●", said: "is dead" },
  { mark: "bend-choke", key: "n", shape: "⤴", said: "is cut short when bent" },
];

/** How a mark is drawn and said. */
export function shapeOf(mark: Mark): MarkShape {
  const found = MARKS.find((m) => m.mark === mark);
  if (found === undefined) throw new Error(`no shape for ${mark}`);
  return found;
}
