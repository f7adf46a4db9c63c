import { useQuery } from "@tanstack/react-query";
import type { ComponentType } from "react";
import { answer, api } from "../app/api";
import { Field, Select, TextInput } from "../ui/controls";
import { pick } from "../ui/pick";
import type { Facts } from "./facts";

/** What can be chosen, and how it is told. */
type Words<T extends string> = readonly (readonly [code: T, label: string])[];

const RODS: Words<Facts["rod"]> = [
  ["single", "single action"],
  ["double", "double action"],
  ["none", "no rod"],
];
const ENDS: Words<Facts["access"]> = [
  ["headstock", "the headstock"],
  ["heel", "the heel"],
  ["sound-hole", "the sound hole"],
];
const JOINTS: Words<NonNullable<Facts["joint"]>> = [
  ["bolted", "bolt-on"],
  ["set", "set"],
  ["through", "through"],
];
const NUTS: Words<NonNullable<Facts["nut"]>> = [
  ["bone", "bone"],
  ["plastic", "plastic"],
  ["brass", "brass"],
  ["graphite", "graphite-like"],
  ["composite", "composite"],
];

function worded<T extends string>(words: Words<T>, code: T | null | undefined): string {
  return words.find(([c]) => c === code)?.[1] ?? "";
}

/** One of a few words. */
function WordChoice<T extends string>({
  words,
  value,
  disabled = false,
  onChange,
}: {
  words: Words<T>;
  value: T | null | undefined;
  disabled?: boolean;
  onChange: (code: T) => void;
}) {
  return (
    <Select
      value={value ?? ""}
      disabled={disabled}
      onChange={(e) => {
        const chosen = words.find(([code]) => code === e.target.value);
        if (chosen !== undefined) onChange(chosen[0]);
      }}
    >
      {words.map(([code, label]) => (
        <option key={code} value={code}>
          {label}
        </option>
      ))}
    </Select>
  );
}

export interface GroupProps {
  facts: Facts;
  set: (change: Partial<Facts>) => void;
}

/** Facts that belong to one place of the instrument. */
export interface FactGroup {
  code: string;
  /** What stands there. */
  label: string;
  /** Which facts, by their names in a request. */
  facts: readonly (keyof Facts)[];
  /** The facts in a few words. */
  told: (facts: Facts) => string;
  /** Where it is, where that is a fact too. */
  where?: (facts: Facts) => string;
  Fields: ComponentType<GroupProps>;
}

function Tuning({ facts, set }: GroupProps) {
  const strings = facts.tuning
    .trim()
    .split(/[\s,]+/)
    .filter(Boolean).length;
  return (
    <>
      <div className="sm:col-span-2">
        <Field
          label="Tuning, lowest string first"
          hint={`${strings} strings; the octave number may be left out`}
        >
          <TextInput
            required
            data-fact="tuning"
            value={facts.tuning}
            onChange={(e) => set({ tuning: e.target.value })}
          />
        </Field>
      </div>
      <label className="flex min-h-11 items-center gap-3 self-end text-[17px]">
        <input
          type="checkbox"
          className="size-6 accent-ink"
          checked={facts.leftHanded}
          onChange={(e) => set({ leftHanded: e.target.checked })}
        />
        Left-handed
      </label>
    </>
  );
}

function Scale({ facts, set }: GroupProps) {
  return (
    <>
      <Field label="Scale length" hint="mm, or any length such as 25 1/2in">
        <TextInput
          required
          data-fact="scaleLength"
          value={facts.scaleLength}
          onChange={(e) => set({ scaleLength: e.target.value })}
        />
      </Field>
    </>
  );
}

function Board({ facts, set }: GroupProps) {
  return (
    <>
      <Field label="Frets">
        <TextInput
          type="number"
          required
          min={5}
          max={36}
          data-fact="frets"
          value={facts.frets}
          onChange={(e) => set({ frets: Number(e.target.value) })}
        />
      </Field>
      <Field label="Board radius" hint="mm, any length, or flat">
        <TextInput
          required
          data-fact="boardRadius"
          value={facts.boardRadius}
          onChange={(e) => set({ boardRadius: e.target.value })}
        />
      </Field>
      <Field label="Board radius at the last fret" hint="same, or another when compound">
        <TextInput
          data-fact="endRadius"
          value={facts.endRadius ?? "same"}
          onChange={(e) => set({ endRadius: e.target.value })}
        />
      </Field>
    </>
  );
}

function Joint({ facts, set }: GroupProps) {
  return (
    <>
      <Field label="Body joint at fret">
        <TextInput
          type="number"
          required
          min={8}
          max={36}
          data-fact="bodyJointFret"
          value={facts.bodyJointFret}
          onChange={(e) => set({ bodyJointFret: Number(e.target.value) })}
        />
      </Field>
      <Field label="Neck joint">
        <WordChoice words={JOINTS} value={facts.joint} onChange={(joint) => set({ joint })} />
      </Field>
    </>
  );
}

function Rod({ facts, set }: GroupProps) {
  return (
    <>
      <Field label="Rod">
        <WordChoice words={RODS} value={facts.rod} onChange={(rod) => set({ rod })} />
      </Field>
      <Field label="Rod is turned at">
        <WordChoice
          words={ENDS}
          value={facts.access}
          disabled={facts.rod === "none"}
          onChange={(access) => set({ access })}
        />
      </Field>
    </>
  );
}

function Bridge({ facts, set }: GroupProps) {
  const bridges = useBridges();
  return (
    <>
      <div className="sm:col-span-2">
        <Field label="Bridge">
          <Select
            value={facts.bridge ?? ""}
            onChange={(e) => {
              const bridge = bridges.data?.find((b) => b.kind === e.target.value);
              if (bridge !== undefined) set({ bridge: bridge.kind });
            }}
          >
            {(bridges.data ?? []).map((b) => (
              <option key={b.kind} value={b.kind}>
                {b.label}
              </option>
            ))}
          </Select>
        </Field>
      </div>
      {facts.bridge !== "fixed" && (
        <Field label="Thread of the height screws" hint="mm per turn, or unknown to learn it">
          <TextInput
            list="threads"
            data-fact="threadPitch"
            value={facts.threadPitch ?? "unknown"}
            onChange={(e) => set({ threadPitch: e.target.value })}
          />
          <datalist id="threads">
            <option value="unknown">to be learned</option>
            <option value="0.45">M2.5</option>
            <option value="0.5">M3</option>
            <option value="0.7">M4</option>
            <option value="0.635">4-40</option>
            <option value="0.794">6-32 and 8-32</option>
          </datalist>
        </Field>
      )}
      <Field label="Strings across the bridge" hint="mm between the outer centres">
        <TextInput
          data-fact="bridgeSpread"
          value={facts.bridgeSpread ?? ""}
          onChange={(e) => set({ bridgeSpread: e.target.value })}
        />
      </Field>
      {facts.bridge === "fixed" ? (
        <Field label="Saddle thickness" hint="mm along the string; room for the crown">
          <TextInput
            data-fact="saddleThickness"
            value={facts.saddleThickness ?? ""}
            onChange={(e) => set({ saddleThickness: e.target.value })}
          />
        </Field>
      ) : (
        <>
          <Field label="Thread of the length screws" hint="mm per turn, or unknown to learn it">
            <TextInput
              list="threads"
              data-fact="lengthPitch"
              value={facts.lengthPitch ?? "unknown"}
              disabled={facts.bridge === "floating"}
              onChange={(e) => set({ lengthPitch: e.target.value })}
            />
          </Field>
          <Field label="Heads of the length screws">
            <Select
              value={facts.lengthHead ?? "tail"}
              disabled={facts.bridge === "floating"}
              onChange={(e) =>
                set({ lengthHead: pick(e.target.value, ["tail", "nut"] as const, "tail") })
              }
            >
              <option value="tail">at the tail end: clockwise draws back</option>
              <option value="nut">at the nut end: clockwise draws forward</option>
            </Select>
          </Field>
        </>
      )}
    </>
  );
}

function Nut({ facts, set }: GroupProps) {
  return (
    <>
      <Field label="Nut">
        <WordChoice words={NUTS} value={facts.nut} onChange={(nut) => set({ nut })} />
      </Field>
      <Field label="Nut width" hint="mm">
        <TextInput
          data-fact="nutWidth"
          value={facts.nutWidth ?? ""}
          onChange={(e) => set({ nutWidth: e.target.value })}
        />
      </Field>
    </>
  );
}

function StringsOn({ facts, set }: GroupProps) {
  return (
    <>
      <div className="sm:col-span-2">
        <Field
          label="Strings, string 1 first, thou"
          hint="or a set as it is sold: 9-42. w nickel-wound, s steel, b bronze, n nylon. On a job, another set is noted and asks for fresh readings."
        >
          <TextInput
            data-fact="strings"
            value={facts.strings ?? ""}
            onChange={(e) => set({ strings: e.target.value })}
          />
        </Field>
      </div>
    </>
  );
}

function Pickups({ facts, set }: GroupProps) {
  return (
    <>
      <div className="sm:col-span-2">
        <Field
          label="Pickups, from the neck"
          hint="place, magnets, mounting: neck usual springs, bridge strong wood; or none"
        >
          <TextInput
            data-fact="pickups"
            value={facts.pickups ?? ""}
            onChange={(e) => set({ pickups: e.target.value })}
          />
        </Field>
      </div>
    </>
  );
}

export function useBridges() {
  return useQuery({
    queryKey: ["bridges"],
    queryFn: () => answer(api.GET("/api/bridges")),
  });
}

function measure(text: string): string {
  return /^[\d.,]+$/.test(text.trim()) ? `${text.trim()} mm` : text;
}

/** All facts but the kind and the name, by the places where they belong, from the head on. */
export const GROUPS: readonly FactGroup[] = [
  {
    code: "tuning",
    label: "Tuning, low to high",
    facts: ["tuning", "leftHanded"],
    told: (f) => f.tuning.replace(/\d/g, "") + (f.leftHanded ? ", left-handed" : ""),
    Fields: Tuning,
  },
  {
    code: "nut",
    label: "Nut",
    facts: ["nut", "nutWidth"],
    told: (f) => [worded(NUTS, f.nut), measure(f.nutWidth ?? "")].filter(Boolean).join(", "),
    Fields: Nut,
  },
  {
    code: "scale",
    label: "Scale length",
    facts: ["scaleLength"],
    told: (f) => measure(f.scaleLength),
    Fields: Scale,
  },
  {
    code: "joint",
    label: "Body joint",
    facts: ["bodyJointFret", "joint"],
    told: (f) =>
      [`fret ${String(f.bodyJointFret)}`, worded(JOINTS, f.joint)].filter(Boolean).join(", "),
    Fields: Joint,
  },
  {
    code: "bridge",
    label: "Bridge",
    facts: [
      "bridge",
      "threadPitch",
      "bridgeSpread",
      "saddleThickness",
      "lengthPitch",
      "lengthHead",
      "plateRise",
    ],
    told: (f) => f.bridge ?? "",
    Fields: Bridge,
  },
  {
    code: "rod",
    label: "Rod",
    facts: ["rod", "access"],
    told: (f) => worded(RODS, f.rod),
    where: (f) => (f.rod === "none" ? "" : `at ${worded(ENDS, f.access)}`),
    Fields: Rod,
  },
  {
    code: "strings",
    label: "Strings, 1 first, thou",
    facts: ["strings"],
    told: (f) => f.strings ?? "",
    Fields: StringsOn,
  },
  {
    code: "board",
    label: "Frets and radius",
    facts: ["frets", "boardRadius", "endRadius"],
    told: (f) =>
      `${String(f.frets)}, ${measure(f.boardRadius)}${f.endRadius === undefined || f.endRadius === "same" ? "" : ` to ${measure(f.endRadius)}`}`,
    Fields: Board,
  },
  {
    code: "pickups",
    label: "Pickups",
    facts: ["pickups"],
    told: (f) => {
      const all = (f.pickups ?? "")
        .split(",")
        .filter((p) => p.trim() !== "" && p.trim() !== "none");
      return all.length === 0
        ? "none"
        : all.length === 1
          ? "1 pickup"
          : `${String(all.length)} pickups`;
    },
    Fields: Pickups,
  },
];
