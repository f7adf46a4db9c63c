import { tensionIn } from "../../app/unit";
import type { Schemas } from "../../app/api";
import type { FieldSpec, Values } from "../fields";

/** A number of a result: a length in mm and turns are put into words by the server, the rest is text already. */
export type Cell = { mm: number } | { turns: number } | { text: string };

export interface Row {
  label: string;
  cells: readonly Cell[];
}

export interface Outcome {
  heads?: readonly string[];
  rows: readonly Row[];
  /** What the picture is drawn from, when the sum has one. */
  picture?: Picture;
}

export type Picture =
  | {
      is: "neck";
      joint: number;
      scaleLength: number;
      held: number[];
      dips: number[];
      rises: number[];
      gaugeFret: number;
      reading: number;
    }
  | { is: "leaves"; leaves: number[]; target: number }
  | { is: "nut"; centres: number[]; gauges: number[]; width: number }
  | { is: "shim"; thickEnd: string; thickness: number; length: number }
  | { is: "margins"; notes: readonly Schemas["MarginTold"][] }
  | {
      is: "cents";
      before: readonly { fret: number; cents: number }[];
      after: readonly Schemas["FretCents"][];
    };

export interface Sum {
  key: string;
  title: string;
  purpose: string;
  fields: readonly FieldSpec[];
  run: (values: Values) => Promise<Outcome>;
}

export const SCALE: FieldSpec = {
  key: "scaleLength",
  label: "Scale length",
  kind: "length",
  initial: "648mm",
};
export const JOINT: FieldSpec = {
  key: "bodyJointFret",
  label: "Body joint at fret",
  kind: "whole",
  initial: "16",
};
export const COMPENSATION: FieldSpec = {
  key: "compensation",
  label: "Compensation",
  kind: "length",
  initial: "2mm",
  hint: "saddle beyond the scale length",
};
export const PITCH: FieldSpec = {
  key: "threadPitch",
  label: "Thread pitch per turn",
  kind: "length",
  initial: "0.5mm",
  optional: true,
};
export const RELIEF: readonly FieldSpec[] = [
  { key: "relief", label: "Relief", kind: "length", initial: "0.20mm" },
  {
    key: "reliefHabit",
    label: "Relief read: held, held, gauge",
    kind: "habits",
    initial: "1 16 8",
  },
];
export const ACTION: readonly FieldSpec[] = [
  { key: "action", label: "Action", kind: "length", initial: "1.8mm" },
  { key: "actionFret", label: "Action read at fret", kind: "whole", initial: "12" },
];

export const single = (label: string, mm: number): Row => ({ label, cells: [{ mm }] });
export const note = (fret: number) => (fret === 0 ? "the open string" : `fret ${fret}`);
export const inWords = (habit: { held: number[]; gaugeFret: number }) =>
  `held at ${habit.held[0]} and ${habit.held[1]}, gauge at ${habit.gaugeFret}`;
/** A tension in both of its units: scratch sums are read out to whoever asked. */
export const newton = (n: number): Cell => ({
  text: `${tensionIn(n, "N")} N (${tensionIn(n, "lb")} lb)`,
});
export const cents = (c: number): Cell => ({
  text: `${c < -0.05 ? "−" : c > 0.05 ? "+" : ""}${Math.abs(c).toFixed(1)} cents`,
});
export const when = <T>(value: T | undefined, row: (value: T) => Row): Row[] =>
  value === undefined ? [] : [row(value)];

export function reliefGiven(v: Values) {
  const habit = v.habits("reliefHabit")[0] ?? { held: [1, 16], gaugeFret: 8 };
  return { value: v.length("relief"), ...habit };
}

export function actionGiven(v: Values) {
  return { fret: v.whole("actionFret"), value: v.length("action") };
}

export const pitchOf = (v: Values) => {
  const threadPitch = v.optionalLength("threadPitch");
  return threadPitch === undefined ? {} : { threadPitch };
};

export function paired(z: readonly number[], needs: readonly number[]) {
  if (z.length !== needs.length)
    throw new Error(
      `${z.length} places and ${needs.length} changes: give one change for each string.`,
    );
  return z.map((place, i) => ({ z: place, saddleChange: needs[i] ?? 0 }));
}
