import { answer, api } from "../../app/api";
import { SCALE, COMPENSATION, PITCH, cents, when, pitchOf, paired, type Sum } from "./sum";

/** Sums at the bridge: heights, shim, intonation. */
export const BRIDGE_SUMS: readonly Sum[] = [
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
];
