import { useQuery } from "@tanstack/react-query";
import { answer, api, type Schemas } from "../app/api";
import { pick } from "../ui/pick";
import { Field, Select, TextInput } from "../ui/controls";

export type Facts = Schemas["Facts"];
type Kind = Schemas["KindView"];

/** The usual facts of a kind. */
export function factsOf(kind: Kind, name = ""): Facts {
  return {
    name,
    kind: kind.kind,
    tuning: kind.tuning,
    scaleLength: kind.scaleLength,
    frets: kind.frets,
    bodyJointFret: kind.bodyJointFret,
    boardRadius: kind.boardRadius,
    rod: kind.rod,
    access: kind.access,
    leftHanded: false,
    bridge: kind.bridge,
    threadPitch: "unknown",
    joint: kind.joint,
    endRadius: "same",
    bridgeSpread: kind.bridgeSpread,
    nut: kind.nut,
    nutWidth: kind.nutWidth,
    strings: kind.strings,
    lengthPitch: "unknown",
    lengthHead: "tail",
    saddleThickness: "3",
    plateRise: "0",
    pickups: kind.pickups,
  };
}

/** Its facts as they were stated, to be corrected. */
export function statedOf(view: Schemas["InstrumentView"]): Facts {
  const { version: _, kindLabel: __, ...facts } = view;
  return facts;
}

/** What the setup depends on; used at intake and to correct it later. */
export function InstrumentFields({
  facts,
  kinds,
  onChange,
}: {
  facts: Facts;
  kinds: readonly Kind[];
  onChange: (facts: Facts) => void;
}) {
  const bridges = useQuery({
    queryKey: ["bridges"],
    queryFn: () => answer(api.GET("/api/bridges")),
  });
  const set = (change: Partial<Facts>) => onChange({ ...facts, ...change });
  const strings = facts.tuning
    .trim()
    .split(/[\s,]+/)
    .filter(Boolean).length;
  return (
    <fieldset className="grid gap-4 sm:grid-cols-2 md:grid-cols-3">
      <legend className="wide float-left mb-2 w-full text-[17px] font-bold sm:col-span-2 md:col-span-3">
        Instrument
      </legend>
      <Field label="Kind">
        <Select
          value={facts.kind}
          onChange={(e) => {
            const kind = kinds.find((k) => k.kind === e.target.value);
            if (kind !== undefined)
              onChange({ ...factsOf(kind, facts.name), leftHanded: facts.leftHanded });
          }}
        >
          {kinds.map((k) => (
            <option key={k.kind} value={k.kind}>
              {k.label}
            </option>
          ))}
        </Select>
      </Field>
      <div className="md:col-span-2">
        <Field label="Name on the ticket">
          <TextInput
            required
            maxLength={120}
            value={facts.name}
            onChange={(e) => set({ name: e.target.value })}
          />
        </Field>
      </div>
      <div className="sm:col-span-2">
        <Field
          label="Tuning, lowest string first"
          hint={`${strings} strings; the octave number may be left out`}
        >
          <TextInput
            required
            value={facts.tuning}
            onChange={(e) => set({ tuning: e.target.value })}
          />
        </Field>
      </div>
      <Field label="Scale length" hint="mm, or any length such as 25 1/2in">
        <TextInput
          required
          value={facts.scaleLength}
          onChange={(e) => set({ scaleLength: e.target.value })}
        />
      </Field>
      <Field label="Frets">
        <TextInput
          type="number"
          required
          min={5}
          max={36}
          value={facts.frets}
          onChange={(e) => set({ frets: Number(e.target.value) })}
        />
      </Field>
      <Field label="Body joint at fret">
        <TextInput
          type="number"
          required
          min={8}
          max={36}
          value={facts.bodyJointFret}
          onChange={(e) => set({ bodyJointFret: Number(e.target.value) })}
        />
      </Field>
      <Field label="Board radius" hint="mm, any length, or flat">
        <TextInput
          required
          value={facts.boardRadius}
          onChange={(e) => set({ boardRadius: e.target.value })}
        />
      </Field>
      <Field label="Rod">
        <Select
          value={facts.rod}
          onChange={(e) =>
            set({ rod: pick(e.target.value, ["single", "double", "none"], facts.rod) })
          }
        >
          <option value="single">single action</option>
          <option value="double">double action</option>
          <option value="none">none</option>
        </Select>
      </Field>
      <Field label="Rod is turned at">
        <Select
          value={facts.access}
          disabled={facts.rod === "none"}
          onChange={(e) =>
            set({ access: pick(e.target.value, ["headstock", "heel", "sound-hole"], facts.access) })
          }
        >
          <option value="headstock">the headstock</option>
          <option value="heel">the heel</option>
          <option value="sound-hole">the sound hole</option>
        </Select>
      </Field>
      <label className="flex min-h-11 items-center gap-3 self-end text-[17px]">
        <input
          type="checkbox"
          className="size-6 accent-ink"
          checked={facts.leftHanded}
          onChange={(e) => set({ leftHanded: e.target.checked })}
        />
        Left-handed
      </label>
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
      <Field label="Neck joint">
        <Select
          value={facts.joint ?? ""}
          onChange={(e) =>
            set({ joint: pick(e.target.value, ["bolted", "set", "through"] as const, "set") })
          }
        >
          <option value="bolted">bolt-on</option>
          <option value="set">set</option>
          <option value="through">through</option>
        </Select>
      </Field>
      <Field label="Thread of the height screws" hint="mm per turn, or unknown to learn it">
        <TextInput
          list="threads"
          value={facts.threadPitch ?? "unknown"}
          disabled={facts.bridge === "fixed"}
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
      <Field label="Board radius at the last fret" hint="same, or another when compound">
        <TextInput
          value={facts.endRadius ?? "same"}
          onChange={(e) => set({ endRadius: e.target.value })}
        />
      </Field>
      <Field label="Strings across the bridge" hint="mm between the outer centres">
        <TextInput
          value={facts.bridgeSpread ?? ""}
          onChange={(e) => set({ bridgeSpread: e.target.value })}
        />
      </Field>
      <Field label="Nut">
        <Select
          value={facts.nut ?? ""}
          onChange={(e) =>
            set({
              nut: pick(
                e.target.value,
                ["bone", "plastic", "brass", "graphite", "composite"] as const,
                "bone",
              ),
            })
          }
        >
          <option value="bone">bone</option>
          <option value="plastic">plastic</option>
          <option value="brass">brass</option>
          <option value="graphite">graphite-like</option>
          <option value="composite">composite</option>
        </Select>
      </Field>
      <Field label="Nut width" hint="mm">
        <TextInput
          value={facts.nutWidth ?? ""}
          onChange={(e) => set({ nutWidth: e.target.value })}
        />
      </Field>
      <div className="sm:col-span-2">
        <Field
          label="Strings, string 1 first, thou"
          hint="w nickel-wound, s steel, b bronze, n nylon. On a job, another set is noted and asks for fresh readings."
        >
          <TextInput
            value={facts.strings ?? ""}
            onChange={(e) => set({ strings: e.target.value })}
          />
        </Field>
      </div>
      {facts.bridge === "fixed" ? (
        <Field label="Saddle thickness" hint="mm along the string; room for the crown">
          <TextInput
            value={facts.saddleThickness ?? ""}
            onChange={(e) => set({ saddleThickness: e.target.value })}
          />
        </Field>
      ) : (
        <>
          <Field label="Thread of the length screws" hint="mm per turn, or unknown to learn it">
            <TextInput
              list="threads"
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
      <div className="sm:col-span-2">
        <Field
          label="Pickups, from the neck"
          hint="place, magnets, mounting: neck usual springs, bridge strong wood; or none"
        >
          <TextInput
            value={facts.pickups ?? ""}
            onChange={(e) => set({ pickups: e.target.value })}
          />
        </Field>
      </div>
    </fieldset>
  );
}
