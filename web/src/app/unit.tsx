import { Radio, RadioGroup } from "@headlessui/react";
import { createContext, use, useCallback, useMemo, useState, type ReactNode } from "react";
import { Panel } from "../ui/Panel";
import { Button, Field, Select } from "../ui/controls";
import type { Unit } from "./api";

const ORDER: readonly Unit[] = ["mm", "thou", "in64"];
const LABELS: Record<Unit, string> = { mm: "mm", thou: "thou", in64: "64ths" };
const KEY = "barytone.unit";
const EACH_KEY = "barytone.units";
/** Whether each quantity has its own now, or the switch speaks for all. */
const OWN_KEY = "barytone.units.own";
const TENSION_KEY = "barytone.tension";

/** The quantities that may have a unit of their own, with the units they are spoken in. */
const QUANTITIES = [
  ["relief", "Relief", ["mm", "thou"]],
  ["nut", "Nut", ["mm", "thou"]],
  ["action", "Action", ["mm", "thou", "in64"]],
  ["saddle", "Saddle: sanding, shims, travel", ["mm", "thou", "in64"]],
  ["pickups", "Pickup gaps", ["mm", "thou", "in64"]],
  ["gauge", "Gauges, leaves and files", ["mm", "thou"]],
  ["radius", "Radii", ["mm", "inch"]],
] as const;

type Quantity = (typeof QUANTITIES)[number][0];
type Each = Partial<Record<Quantity, string>>;

const SPOKEN: Record<string, string> = {
  mm: "millimetres",
  thou: "thou",
  in64: "64ths of an inch",
  inch: "inches",
};

/** Newtons or pounds. */
export type TensionUnit = "N" | "lb";

const NEWTONS_PER_POUND = 4.4482216152605;

/** A tension in the unit chosen, without its name. */
export function tensionIn(newtons: number, unit: TensionUnit): string {
  return (unit === "lb" ? newtons / NEWTONS_PER_POUND : newtons).toFixed(1);
}

interface UnitChoice {
  /** The unit of a bare number where no quantity has one of its own. */
  plain: Unit;
  /** What the server is asked for: one unit for all, with those that differ. */
  unit: string;
  each: Each;
  /** Whether the quantities have their own units now; kept while the switch speaks for all. */
  own: boolean;
  tension: TensionUnit;
  /** Changes all at once; what was chosen for single quantities is kept for later. */
  choose: (unit: Unit) => void;
  /** Gives the quantities their own units again. */
  chooseOwn: () => void;
  /** Gives a quantity a unit of its own; an empty one puts it back under the switch. */
  chooseFor: (quantity: Quantity, unit: string) => void;
  chooseTension: (unit: TensionUnit) => void;
  next: () => void;
}

const Context = createContext<UnitChoice | null>(null);

function stored(): Unit {
  const value = localStorage.getItem(KEY);
  return ORDER.find((u) => u === value) ?? "mm";
}

function storedEach(): Each {
  try {
    const value: unknown = JSON.parse(localStorage.getItem(EACH_KEY) ?? "{}");
    if (typeof value !== "object" || value === null) return {};
    const each: Each = {};
    for (const [quantity, , units] of QUANTITIES) {
      const unit: unknown = Reflect.get(value, quantity);
      const known = units.find((u) => u === unit);
      if (known !== undefined) each[quantity] = known;
    }
    return each;
  } catch {
    return {};
  }
}

export function UnitProvider({ children }: { children: ReactNode }) {
  const [plain, setPlain] = useState<Unit>(stored);
  const [each, setEach] = useState<Each>(storedEach);
  const [own, setOwn] = useState(localStorage.getItem(OWN_KEY) !== "no");
  const [tension, setTension] = useState<TensionUnit>(
    localStorage.getItem(TENSION_KEY) === "lb" ? "lb" : "N",
  );
  const keepEach = useCallback((chosen: Each) => {
    localStorage.setItem(EACH_KEY, JSON.stringify(chosen));
    setEach(chosen);
  }, []);
  const keepOwn = useCallback((chosen: boolean) => {
    localStorage.setItem(OWN_KEY, chosen ? "yes" : "no");
    setOwn(chosen);
  }, []);
  const choose = useCallback(
    (chosen: Unit) => {
      localStorage.setItem(KEY, chosen);
      setPlain(chosen);
      keepOwn(false);
    },
    [keepOwn],
  );
  const value = useMemo<UnitChoice>(
    () => ({
      plain,
      unit: [
        plain,
        ...QUANTITIES.flatMap(([quantity]) =>
          !own || each[quantity] === undefined ? [] : [`${quantity}=${each[quantity]}`],
        ),
        ...(tension === "lb" ? ["tension=lb"] : []),
      ].join(","),
      each,
      own,
      tension,
      choose,
      chooseOwn: () => keepOwn(true),
      chooseFor: (quantity, unit) => {
        const { [quantity]: _, ...others } = each;
        keepOwn(true);
        keepEach(unit === "" ? others : { ...others, [quantity]: unit });
      },
      chooseTension: (unit) => {
        localStorage.setItem(TENSION_KEY, unit);
        setTension(unit);
      },
      next: () => choose(ORDER[(ORDER.indexOf(plain) + 1) % ORDER.length] ?? "mm"),
    }),
    [plain, each, own, tension, choose, keepEach, keepOwn],
  );
  return <Context value={value}>{children}</Context>;
}

export function useUnit(): UnitChoice {
  const value = use(Context);
  if (value === null) throw new Error("useUnit outside of UnitProvider");
  return value;
}

/** Switches the unit of every number at once, and leads to the units of single quantities. */
export function UnitSwitch() {
  const { plain, each, own, choose, chooseOwn } = useUnit();
  const [open, setOpen] = useState(false);
  const mixed = own && Object.keys(each).length > 0;
  return (
    <>
      <div className="flex shrink-0 overflow-hidden rounded-md border border-[#3B4A45]">
        <RadioGroup
          value={mixed ? null : plain}
          onChange={(u) => u !== null && choose(u)}
          aria-label="Unit of every number"
          className="flex"
        >
          {ORDER.map((u) => (
            <Radio
              key={u}
              value={u}
              className="flex min-h-11 min-w-12 cursor-pointer items-center justify-center px-3 text-[15px] text-[#B9C4BE] -outline-offset-2 hover:bg-[#2A3733] data-checked:bg-lamp-deep data-checked:font-semibold data-checked:text-ink"
            >
              {LABELS[u]}
            </Radio>
          ))}
        </RadioGroup>
        <button
          type="button"
          aria-haspopup="dialog"
          onClick={() => {
            chooseOwn();
            setOpen(true);
          }}
          className={`min-h-11 min-w-11 border-l border-[#3B4A45] px-2 text-[15px] -outline-offset-2 ${
            mixed ? "bg-lamp-deep font-semibold text-ink" : "text-[#B9C4BE] hover:bg-[#2A3733]"
          }`}
        >
          {mixed ? "mixed" : "each"}
        </button>
      </div>
      <Panel open={open} onClose={() => setOpen(false)} title="A unit for each quantity">
        <UnitForm onDone={() => setOpen(false)} />
      </Panel>
    </>
  );
}

function UnitForm({ onDone }: { onDone: () => void }) {
  const { each, tension, chooseFor, chooseTension } = useUnit();
  return (
    <>
      <p className="mb-3 text-[16px]">
        Kept in this browser. The switch on top speaks for all of them at once, and “each” brings
        these back; in 64ths, relief, nut and gauges stay in thou.
      </p>
      <div className="grid grid-cols-2 gap-3">
        {QUANTITIES.map(([quantity, label, units]) => (
          <Field key={quantity} label={label}>
            <Select
              value={each[quantity] ?? ""}
              onChange={(e) => chooseFor(quantity, e.target.value)}
            >
              <option value="">
                {quantity === "saddle" ? "as the action" : "as the switch says"}
              </option>
              {units.map((u) => (
                <option key={u} value={u}>
                  {SPOKEN[u]}
                </option>
              ))}
            </Select>
          </Field>
        ))}
        <Field label="String tension">
          <Select
            value={tension}
            onChange={(e) => chooseTension(e.target.value === "lb" ? "lb" : "N")}
          >
            <option value="N">newtons</option>
            <option value="lb">pounds</option>
          </Select>
        </Field>
      </div>
      <div className="mt-4">
        <Button strong onClick={onDone}>
          Done
        </Button>
      </div>
    </>
  );
}
