import { answer, api } from "../../app/api";
import {
  SCALE,
  JOINT,
  COMPENSATION,
  RELIEF,
  ACTION,
  single,
  note,
  inWords,
  reliefGiven,
  actionGiven,
  type Sum,
} from "./sum";

/** Sums on the neck and the whole string. */
export const NECK_SUMS: readonly Sum[] = [
  {
    key: "length",
    title: "Length",
    purpose: "Any length in every unit.",
    fields: [{ key: "text", label: "Length", kind: "length", initial: "5/64+" }],
    run: async (v) => {
      const told = await answer(
        api.POST("/api/scratch/length", { body: { text: `${v.length("text")}mm` } }),
      );
      return {
        rows: [
          { label: "Millimetres", cells: [{ text: `${told.mm.toFixed(4)} mm` }] },
          { label: "Thousandths of an inch", cells: [{ text: `${told.thou.toFixed(2)} thou` }] },
          { label: "64ths of an inch", cells: [{ text: `${told.in64.toFixed(3)} / 64 in` }] },
        ],
      };
    },
  },
  {
    key: "relief",
    title: "Relief by another habit",
    purpose: "What one neck reads when held and gauged elsewhere.",
    fields: [
      SCALE,
      JOINT,
      { key: "relief", label: "Reading", kind: "length", initial: "0.20mm" },
      { key: "reliefHabit", label: "Read: held, held, gauge", kind: "habits", initial: "1 16 8" },
      {
        key: "as",
        label: "As: held, held, gauge; …",
        kind: "habits",
        initial: "1 21 8; 1 12 6; 1 17 7",
      },
    ],
    run: async (v) => {
      const scaleLength = v.length("scaleLength");
      const bodyJointFret = v.whole("bodyJointFret");
      const from = v.habits("reliefHabit")[0] ?? { held: [1, 16], gaugeFret: 8 };
      const others = v.habits("as");
      // the picture asks for the dip of every crown up to the joint, and for the rise of those beyond it
      const dipAt = Array.from({ length: Math.max(0, bodyJointFret - 2) }, (_, i) => i + 2);
      const riseAt = Array.from(
        { length: Math.max(0, Math.min(22, bodyJointFret + 6) - bodyJointFret) },
        (_, i) => bodyJointFret + 1 + i,
      );
      const told = await answer(
        api.POST("/api/scratch/relief", {
          body: {
            scaleLength,
            bodyJointFret,
            reading: v.length("relief"),
            held: from.held,
            gaugeFret: from.gaugeFret,
            as: [
              ...others,
              ...dipAt.map((gaugeFret) => ({ held: [1, bodyJointFret], gaugeFret })),
              ...riseAt.map((high) => ({ held: [1, high], gaugeFret: bodyJointFret })),
            ],
          },
        }),
      );
      const [n, d] = [others.length, dipAt.length];
      return {
        rows: [
          { label: `As read: ${inWords(from)}`, cells: [{ mm: v.length("relief") }] },
          ...others.map((h, i) => ({ label: inWords(h), cells: [{ mm: told.readings[i] ?? 0 }] })),
        ],
        picture: {
          is: "neck",
          joint: bodyJointFret,
          scaleLength,
          held: from.held,
          dips: told.readings.slice(n, n + d),
          rises: told.readings.slice(n + d),
          gaugeFret: from.gaugeFret,
          reading: v.length("relief"),
        },
      };
    },
  },
  {
    key: "setup",
    title: "Whole string",
    purpose: "From relief, nut and action to every other reading of the string.",
    fields: [
      SCALE,
      JOINT,
      COMPENSATION,
      ...RELIEF,
      {
        key: "nutMethod",
        label: "Nut read",
        kind: "choice",
        initial: "pressed3",
        choices: [
          ["pressed3", "pressed at 3"],
          ["pressed2", "pressed at 2"],
          ["open", "open at 1"],
          ["slot", "slot height above the crowns"],
        ],
      },
      { key: "nut", label: "Nut", kind: "length", initial: "0.08mm" },
      ...ACTION,
    ],
    run: async (v) => {
      const value = v.length("nut");
      const method = v.choice("nutMethod", ["pressed3", "pressed2", "open", "slot"]);
      const nut =
        method === "slot"
          ? { nutSlotHeight: value }
          : method === "open"
            ? { nut: { method: "open", value } }
            : { nut: { method: "pressed", fret: method === "pressed2" ? 2 : 3, value } };
      const told = await answer(
        api.POST("/api/scratch/setup", {
          body: {
            scaleLength: v.length("scaleLength"),
            bodyJointFret: v.whole("bodyJointFret"),
            compensation: v.length("compensation"),
            relief: reliefGiven(v),
            ...nut,
            action: actionGiven(v),
          },
        }),
      );
      return {
        heads: ["", "reads", "with capo at 1"],
        rows: [
          single("Slot above the crown line", told.nutSlotHeight),
          single("String at the saddle, above the far crowns", told.saddleHeight),
          single("Nut, open at 1", told.nutOpen),
          single("Nut, pressed at 3", told.nutPressed3),
          single("Nut, pressed at 2", told.nutPressed2),
          ...told.actions
            .filter((a) => [5, 7, 10, 12, 14, 15, 17, 19, 20, 21, 22, 24].includes(a.fret))
            .map((a) => ({
              label: `Action at ${a.fret}`,
              cells: [{ mm: a.open }, { mm: a.capo1 }],
            })),
        ],
      };
    },
  },
  {
    key: "clearance",
    title: "Clearance",
    purpose: "Room of the plucked string over the crowns ahead, note by note.",
    fields: [
      SCALE,
      JOINT,
      { key: "frets", label: "Frets", kind: "whole", initial: "22" },
      COMPENSATION,
      ...RELIEF,
      { key: "nut", label: "Slot above the crown line", kind: "length", initial: "0.10mm" },
      ...ACTION,
      { key: "tension", label: "Tension, N", kind: "number", initial: "72" },
      {
        key: "force",
        label: "Touch",
        kind: "choice",
        initial: "0.6",
        choices: [
          ["0.4", "light, 0.4 N"],
          ["0.6", "medium, 0.6 N"],
          ["0.8", "heavy, 0.8 N"],
        ],
      },
      {
        key: "pluck",
        label: "Plucked at, share of the scale",
        kind: "number",
        initial: "0.2",
        hint: "from the saddle",
      },
    ],
    run: async (v) => {
      const told = await answer(
        api.POST("/api/scratch/clearance", {
          body: {
            scaleLength: v.length("scaleLength"),
            frets: v.whole("frets"),
            bodyJointFret: v.whole("bodyJointFret"),
            compensation: v.length("compensation"),
            relief: reliefGiven(v),
            nutSlotHeight: v.length("nut"),
            action: actionGiven(v),
            tension: v.number("tension"),
            force: Number(v.choice("force", ["0.6", "0.4", "0.8"])),
            pluck: v.number("pluck"),
          },
        }),
      );
      const worst = told.frets.reduce((a, b) => (b.margin < a.margin ? b : a));
      return {
        rows: [
          {
            label:
              worst.margin < 0
                ? `Touches first: ${note(worst.fret)}, on fret ${worst.hits}, short by`
                : `Least room: ${note(worst.fret)}, over fret ${worst.hits}`,
            cells: [{ mm: Math.abs(worst.margin) }],
          },
          ...told.frets
            .filter((n) => [0, 1, 3, 5, 7, 9, 12, 15, 17].includes(n.fret))
            .map((n) => ({
              label: `${n.fret === 0 ? "Open" : `Fret ${n.fret}`}, over fret ${n.hits}`,
              cells: [{ mm: n.margin }],
            })),
        ],
        picture: { is: "margins", notes: told.frets },
      };
    },
  },
];
