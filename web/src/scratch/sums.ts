import { answer, api, type Schemas } from "../app/api";
import type { FieldSpec, Values } from "./fields";

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

const SCALE: FieldSpec = {
  key: "scaleLength",
  label: "Scale length",
  kind: "length",
  initial: "648mm",
};
const JOINT: FieldSpec = {
  key: "bodyJointFret",
  label: "Body joint at fret",
  kind: "whole",
  initial: "16",
};
const COMPENSATION: FieldSpec = {
  key: "compensation",
  label: "Compensation",
  kind: "length",
  initial: "2mm",
  hint: "saddle beyond the scale length",
};
const PITCH: FieldSpec = {
  key: "threadPitch",
  label: "Thread pitch per turn",
  kind: "length",
  initial: "0.5mm",
  optional: true,
};
const RELIEF: readonly FieldSpec[] = [
  { key: "relief", label: "Relief", kind: "length", initial: "0.20mm" },
  {
    key: "reliefHabit",
    label: "Relief read: held, held, gauge",
    kind: "habits",
    initial: "1 16 8",
  },
];
const ACTION: readonly FieldSpec[] = [
  { key: "action", label: "Action", kind: "length", initial: "1.8mm" },
  { key: "actionFret", label: "Action read at fret", kind: "whole", initial: "12" },
];

const single = (label: string, mm: number): Row => ({ label, cells: [{ mm }] });
const note = (fret: number) => (fret === 0 ? "the open string" : `fret ${fret}`);
const inWords = (habit: { held: number[]; gaugeFret: number }) =>
  `held at ${habit.held[0]} and ${habit.held[1]}, gauge at ${habit.gaugeFret}`;
const newton = (n: number): Cell => ({ text: `${n.toFixed(1)} N` });
const cents = (c: number): Cell => ({
  text: `${c < -0.05 ? "−" : c > 0.05 ? "+" : ""}${Math.abs(c).toFixed(1)} cents`,
});
const when = <T>(value: T | undefined, row: (value: T) => Row): Row[] =>
  value === undefined ? [] : [row(value)];

function reliefGiven(v: Values) {
  const habit = v.habits("reliefHabit")[0] ?? { held: [1, 16], gaugeFret: 8 };
  return { value: v.length("relief"), ...habit };
}

function actionGiven(v: Values) {
  return { fret: v.whole("actionFret"), value: v.length("action") };
}

const pitchOf = (v: Values) => {
  const threadPitch = v.optionalLength("threadPitch");
  return threadPitch === undefined ? {} : { threadPitch };
};

export const SUMS: readonly Sum[] = [
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
    key: "saddle-change",
    title: "Saddle change",
    purpose: "What a change of action asks of the saddle: twice at 12.",
    fields: [
      SCALE,
      COMPENSATION,
      { key: "fret", label: "Action read at fret", kind: "whole", initial: "12" },
      { key: "from", label: "Is", kind: "length", initial: "2.2mm" },
      { key: "to", label: "Wanted", kind: "length", initial: "1.8mm" },
      PITCH,
    ],
    run: async (v) => {
      const told = await answer(
        api.POST("/api/scratch/saddle-change", {
          body: {
            scaleLength: v.length("scaleLength"),
            compensation: v.length("compensation"),
            fret: v.whole("fret"),
            from: v.length("from"),
            to: v.length("to"),
            ...pitchOf(v),
          },
        }),
      );
      const way = told.saddle < 0 ? "Lower the saddle by" : "Raise the saddle by";
      return {
        rows: [
          { label: way, cells: [{ mm: Math.abs(told.saddle) }] },
          ...when(told.turns, (turns) => ({
            label: "Each height screw",
            cells: [{ turns: Math.abs(turns) }],
          })),
        ],
      };
    },
  },
  {
    key: "two-post",
    title: "Two-post bridge",
    purpose: "Both posts from what the outer strings need; what the others then get.",
    fields: [
      {
        key: "z",
        label: "Places of the strings, bass first",
        kind: "lengths",
        initial: "-26mm -15.6mm -5.2mm 5.2mm 15.6mm 26mm",
        hint: "across from the centre line, treble positive",
      },
      {
        key: "needs",
        label: "Saddle change wanted for each",
        kind: "lengths",
        initial: "-0.5mm -0.4mm -0.3mm -0.2mm -0.1mm 0mm",
        hint: "positive raises",
      },
      { key: "bass", label: "Bass post", kind: "length", initial: "-37mm" },
      { key: "treble", label: "Treble post", kind: "length", initial: "37mm" },
      { ...PITCH, optional: false, initial: "0.7mm" },
    ],
    run: async (v) => {
      const z = v.list("z");
      const needs = v.list("needs");
      const told = await answer(
        api.POST("/api/scratch/two-post", {
          body: {
            strings: paired(z, needs),
            posts: { bass: v.length("bass"), treble: v.length("treble") },
            threadPitch: v.length("threadPitch"),
          },
        }),
      );
      return {
        heads: ["", "change", "turns"],
        rows: [
          { label: "Bass post", cells: [{ mm: told.bass.change }, { turns: told.bass.turns }] },
          {
            label: "Treble post",
            cells: [{ mm: told.treble.change }, { turns: told.treble.turns }],
          },
          ...told.residuals.map((mm, i) => ({
            label: `${i + 1}. string from the bass ends off by`,
            cells: [{ mm }],
          })),
        ],
      };
    },
  },
  {
    key: "barrel",
    title: "Barrel under two strings",
    purpose: "Both screws of a barrel that tilts to follow the radius.",
    fields: [
      { key: "z", label: "Places of the two strings", kind: "lengths", initial: "-26mm -15.6mm" },
      {
        key: "needs",
        label: "Saddle change wanted for each",
        kind: "lengths",
        initial: "0.3mm 0.1mm",
      },
      { key: "screws", label: "Places of the two screws", kind: "lengths", initial: "-30mm -12mm" },
      { ...PITCH, optional: false },
    ],
    run: async (v) => {
      const told = await answer(
        api.POST("/api/scratch/barrel", {
          body: {
            strings: paired(v.list("z"), v.list("needs")),
            screws: v.list("screws"),
            threadPitch: v.length("threadPitch"),
          },
        }),
      );
      return {
        heads: ["", "change", "turns"],
        rows: told.screws.map((s, i) => ({
          label: `${i + 1}. screw`,
          cells: [{ mm: s.change }, { turns: s.turns }],
        })),
      };
    },
  },
  {
    key: "neck-shim",
    title: "Neck shim",
    purpose: "The wedge under a bolt-on neck that lets the saddles sit higher or lower.",
    fields: [
      { key: "bodyEdge", label: "Body edge, from the nut", kind: "length", initial: "380mm" },
      { key: "heelEnd", label: "Heel end, from the nut", kind: "length", initial: "456mm" },
      { key: "saddle", label: "Saddle, from the nut", kind: "length", initial: "650mm" },
      {
        key: "saddleChange",
        label: "Saddles shall sit higher by",
        kind: "length",
        initial: "1.5mm",
        hint: "negative: lower",
      },
    ],
    run: async (v) => {
      const told = await answer(
        api.POST("/api/scratch/neck-shim", {
          body: {
            bodyEdge: v.length("bodyEdge"),
            heelEnd: v.length("heelEnd"),
            saddle: v.length("saddle"),
            saddleChange: v.length("saddleChange"),
          },
        }),
      );
      return {
        rows: [
          {
            label: told.thickEnd === "heel" ? "Thick at the heel end" : "Thick at the body edge",
            cells: [{ mm: told.thickness }],
          },
          {
            label: "Tapering to nothing over",
            cells: [{ mm: v.length("heelEnd") - v.length("bodyEdge") }],
          },
        ],
        picture: {
          is: "shim",
          thickEnd: told.thickEnd,
          thickness: told.thickness,
          length: v.length("heelEnd") - v.length("bodyEdge"),
        },
      };
    },
  },
  {
    key: "tension",
    title: "Tension of a string",
    purpose: "Mass and pull of one string at a pitch.",
    fields: [
      { key: "diameter", label: "Gauge", kind: "length", initial: "10t" },
      {
        key: "wrap",
        label: "Made of",
        kind: "choice",
        initial: "plain",
        choices: [
          ["plain", "plain steel"],
          ["nickel", "nickel on steel"],
          ["steel", "steel on steel"],
          ["bronze", "bronze on steel"],
          ["nylon", "plain nylon"],
        ],
      },
      {
        key: "core",
        label: "Core of a wound string",
        kind: "length",
        initial: "",
        optional: true,
        hint: "usual core when empty",
      },
      SCALE,
      { key: "frequency", label: "Pitch, Hz", kind: "number", initial: "329.63" },
    ],
    run: async (v) => {
      const core = v.optionalLength("core");
      const told = await answer(
        api.POST("/api/scratch/tension", {
          body: {
            diameter: v.length("diameter"),
            ...(core === undefined ? {} : { core }),
            wrap: v.choice("wrap", ["plain", "nickel", "steel", "bronze", "nylon"]),
            scaleLength: v.length("scaleLength"),
            frequency: v.number("frequency"),
          },
        }),
      );
      return {
        rows: [
          { label: "Tension", cells: [newton(told.tension)] },
          {
            label: "Mass per metre",
            cells: [{ text: `${(told.massPerLength * 1000).toFixed(3)} g/m` }],
          },
        ],
      };
    },
  },
  {
    key: "intonation",
    title: "Intonation of a string",
    purpose: "Where the saddle belongs, from cents read at several frets.",
    fields: [
      SCALE,
      COMPENSATION,
      {
        key: "readings",
        label: "fret:cents, or fret:cents:weight",
        kind: "cents",
        initial: "5:2 7:2 12:+5 17:7",
        hint: "cents sharp of the open string; flat is negative",
      },
      PITCH,
    ],
    run: async (v) => {
      const readings = v.cents("readings");
      const told = await answer(
        api.POST("/api/scratch/intonation", {
          body: {
            scaleLength: v.length("scaleLength"),
            compensation: v.length("compensation"),
            readings,
            ...pitchOf(v),
          },
        }),
      );
      const way =
        told.saddleBack >= 0
          ? "Move the saddle away from the nut by"
          : "Move the saddle towards the nut by";
      return {
        rows: [
          { label: way, cells: [{ mm: Math.abs(told.saddleBack) }] },
          ...when(told.turns, (turns) => ({
            label: "Length screw",
            cells: [{ turns: Math.abs(turns) }],
          })),
          ...told.residuals.map((r) => ({
            label: `Then left at fret ${r.fret}`,
            cells: [cents(r.cents)],
          })),
        ],
        picture: { is: "cents", before: readings, after: told.residuals },
      };
    },
  },
  {
    key: "paired-saddle",
    title: "One saddle, two strings",
    purpose: "Split the error or favour one string of the pair.",
    fields: [
      SCALE,
      { key: "comp1", label: "Compensation, first string", kind: "length", initial: "1.5mm" },
      { key: "cents1", label: "Its error at 12, cents", kind: "number", initial: "5" },
      { key: "comp2", label: "Compensation, second string", kind: "length", initial: "2.5mm" },
      { key: "cents2", label: "Its error at 12, cents", kind: "number", initial: "-1" },
      {
        key: "rule",
        label: "Rule",
        kind: "choice",
        initial: "split",
        choices: [
          ["split", "split: one as sharp as the other is flat"],
          ["favour-first", "favour the first string"],
          ["favour-second", "favour the second string"],
        ],
      },
    ],
    run: async (v) => {
      const told = await answer(
        api.POST("/api/scratch/paired-saddle", {
          body: {
            scaleLength: v.length("scaleLength"),
            strings: [
              { compensation: v.length("comp1"), cents12: v.number("cents1") },
              { compensation: v.length("comp2"), cents12: v.number("cents2") },
            ],
            rule: v.choice("rule", ["split", "favour-first", "favour-second"]),
          },
        }),
      );
      return {
        rows: [
          {
            label:
              told.saddleBack >= 0
                ? "Move the saddle away from the nut by"
                : "Move the saddle towards the nut by",
            cells: [{ mm: Math.abs(told.saddleBack) }],
          },
          { label: "First string then at 12", cells: [cents(told.residuals[0] ?? 0)] },
          { label: "Second string then at 12", cells: [cents(told.residuals[1] ?? 0)] },
        ],
      };
    },
  },
  {
    key: "nut-slots",
    title: "Nut slots",
    purpose: "Where each slot's centre belongs, drawn to scale.",
    fields: [
      {
        key: "gauges",
        label: "Gauges, string 1 first",
        kind: "lengths",
        initial: "10t 13t 17t 26t 36t 46t",
      },
      { key: "width", label: "Width of the nut", kind: "length", initial: "43mm" },
      {
        key: "bassEdge",
        label: "Bass end to the outer side of the lowest string",
        kind: "length",
        initial: "3.2mm",
      },
      {
        key: "trebleEdge",
        label: "Treble end to the outer side of string 1",
        kind: "length",
        initial: "2.8mm",
      },
      {
        key: "rule",
        label: "Spacing",
        kind: "choice",
        initial: "gaps",
        choices: [
          ["gaps", "equal gaps"],
          ["centres", "equal centres"],
        ],
      },
    ],
    run: async (v) => {
      const gauges = v.list("gauges");
      const told = await answer(
        api.POST("/api/scratch/nut-slots", {
          body: {
            gauges,
            width: v.length("width"),
            bassEdge: v.length("bassEdge"),
            trebleEdge: v.length("trebleEdge"),
            rule: v.choice("rule", ["gaps", "centres"]),
          },
        }),
      );
      return {
        heads: ["", "from the bass end"],
        rows: told.centres.map((mm, i) => ({
          label: `Centre of string ${i + 1}`,
          cells: [{ mm }],
        })),
        picture: { is: "nut", centres: told.centres, gauges, width: v.length("width") },
      };
    },
  },
  {
    key: "leaves",
    title: "Stack of leaves",
    purpose: "Which leaves add up to a height.",
    fields: [
      { key: "target", label: "Height wanted", kind: "length", initial: "1.27mm" },
      {
        key: "owned",
        label: "Leaves at hand",
        kind: "lengths",
        initial: "0.05mm 0.10mm 0.15mm 0.20mm 0.25mm 0.30mm 0.40mm 0.50mm 0.60mm 0.80mm 1.00mm",
      },
      { key: "most", label: "Leaves at most", kind: "whole", initial: "4" },
    ],
    run: async (v) => {
      const told = await answer(
        api.POST("/api/scratch/leaves", {
          body: { owned: v.list("owned"), target: v.length("target"), most: v.whole("most") },
        }),
      );
      return {
        rows: [
          ...told.leaves.map((mm, i) => ({ label: `${i + 1}. leaf`, cells: [{ mm }] })),
          { label: "Together", cells: [{ mm: told.total }] },
          { label: "Off by", cells: [{ mm: told.error }] },
        ],
        picture: { is: "leaves", leaves: told.leaves, target: v.length("target") },
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

function paired(z: readonly number[], needs: readonly number[]) {
  if (z.length !== needs.length)
    throw new Error(
      `${z.length} places and ${needs.length} changes: give one change for each string.`,
    );
  return z.map((place, i) => ({ z: place, saddleChange: needs[i] ?? 0 }));
}
