import type { Schemas } from "../app/api";

/** A note as it sounds. */
export type BoardMark = Schemas["BoardMark"];
export type Mark = BoardMark["mark"];
export type Pluck = BoardMark["pluck"];

export interface MarkShape {
  mark: Mark;
  key: string;
  shape: string;
  said: string;
}

/** Shapes that differ without colour, and the key that sets them: digits, for every letter is a key of the page. */
export const MARKS: readonly MarkShape[] = [
  { mark: "clean", key: " ", shape: "○", said: "rings clean" },
  { mark: "buzz", key: "1", shape: "≋", said: "buzzes" },
  { mark: "choke", key: "2", shape: "⊣", said: "is cut short" },
  { mark: "dead", key: "3", shape: "●", said: "is dead" },
  { mark: "bend-choke", key: "4", shape: "⤴", said: "is cut short when bent" },
];

/** How a mark is drawn and said. */
export function shapeOf(mark: Mark): MarkShape {
  const found = MARKS.find((m) => m.mark === mark);
  if (found === undefined) throw new Error(`no shape for ${mark}`);
  return found;
}

export const PLUCKS: readonly { code: Pluck; label: string }[] = [
  { code: "soft", label: "softly" },
  { code: "normal", label: "as usual" },
  { code: "hard", label: "hard" },
];
