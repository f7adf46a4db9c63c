import { createContext, use, useCallback, useMemo, useState, type ReactNode } from "react";
import type { Unit } from "./api";

const ORDER: readonly Unit[] = ["mm", "thou", "in64"];
const LABELS: Record<Unit, string> = { mm: "mm", thou: "thou", in64: "64ths" };
const KEY = "barytone.unit";

interface UnitChoice {
  unit: Unit;
  choose: (unit: Unit) => void;
  next: () => void;
}

const Context = createContext<UnitChoice | null>(null);

function stored(): Unit {
  const value = localStorage.getItem(KEY);
  return ORDER.find((u) => u === value) ?? "mm";
}

export function UnitProvider({ children }: { children: ReactNode }) {
  const [unit, setUnit] = useState<Unit>(stored);
  const choose = useCallback((chosen: Unit) => {
    localStorage.setItem(KEY, chosen);
    setUnit(chosen);
  }, []);
  const value = useMemo(
    () => ({
      unit,
      choose,
      next: () => choose(ORDER[(ORDER.indexOf(unit) + 1) % ORDER.length] ?? "mm"),
    }),
    [unit, choose],
  );
  return <Context value={value}>{children}</Context>;
}

export function useUnit(): UnitChoice {
  const value = use(Context);
  if (value === null) throw new Error("useUnit outside of UnitProvider");
  return value;
}

/** Switches the unit of every number at once. */
export function UnitSwitch() {
  const { unit, choose } = useUnit();
  return (
    <div
      role="radiogroup"
      aria-label="Unit of every number"
      className="flex overflow-hidden rounded-md border border-[#3B4A45]"
    >
      {ORDER.map((u) => (
        <button
          key={u}
          type="button"
          role="radio"
          aria-checked={u === unit}
          onClick={() => choose(u)}
          className={`min-h-11 min-w-12 px-3 text-[15px] -outline-offset-2 ${
            u === unit ? "bg-lamp-deep font-semibold text-ink" : "text-[#B9C4BE] hover:bg-[#2A3733]"
          }`}
        >
          {LABELS[u]}
        </button>
      ))}
    </div>
  );
}
