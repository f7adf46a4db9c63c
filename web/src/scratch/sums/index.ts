import { BRIDGE_SUMS } from "./bridge";
import { NECK_SUMS } from "./neck";
import { PIECES_SUMS } from "./pieces";
import type { Sum } from "./sum";

export type { Cell, Outcome, Picture, Row, Sum } from "./sum";

const ORDER = [
  "length",
  "relief",
  "setup",
  "saddle-change",
  "two-post",
  "barrel",
  "neck-shim",
  "tension",
  "intonation",
  "paired-saddle",
  "nut-slots",
  "leaves",
  "clearance",
];

/** Every sum, in the order of the list. */
export const SUMS: readonly Sum[] = [...NECK_SUMS, ...BRIDGE_SUMS, ...PIECES_SUMS].sort(
  (a, b) => ORDER.indexOf(a.key) - ORDER.indexOf(b.key),
);
