import { answer, api } from "../../app/api";
import { SCALE, newton, type Sum } from "./sum";

/** Sums on strings, nut slots and leaves. */
export const PIECES_SUMS: readonly Sum[] = [
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
];
