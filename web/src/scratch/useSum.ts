import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { answer, api, type Unit } from "../app/api";
import { FieldTroubles, lengthTexts, Values } from "./fields";
import type { Cell, Outcome, Sum } from "./sums";

export interface Shown {
  outcome: Outcome;
  /** The cells of the rows as text. */
  texts: string[][];
}

const storageKey = (sum: Sum) => `barytone.scratch.${sum.key}`;

function initial(sum: Sum): Record<string, string> {
  const texts = Object.fromEntries(sum.fields.map((f) => [f.key, f.initial]));
  try {
    const stored: unknown = JSON.parse(localStorage.getItem(storageKey(sum)) ?? "{}");
    if (typeof stored === "object" && stored !== null)
      for (const [key, value] of Object.entries(stored))
        if (key in texts && typeof value === "string") texts[key] = value;
  } catch {
    // what was kept cannot be read: the usual values do
  }
  return texts;
}

/** A sum that is computed anew while its fields are typed; the fields are kept for the next visit. */
export function useSum(sum: Sum, unit: Unit) {
  const [texts, setTexts] = useState(() => initial(sum));
  const set = (key: string, text: string) => {
    const changed = { ...texts, [key]: text };
    localStorage.setItem(storageKey(sum), JSON.stringify(changed));
    setTexts(changed);
  };
  const reset = () => {
    localStorage.removeItem(storageKey(sum));
    setTexts(Object.fromEntries(sum.fields.map((f) => [f.key, f.initial])));
  };
  const result = useQuery({
    queryKey: ["scratch", sum.key, unit, texts],
    queryFn: () => compute(sum, texts, unit),
    retry: false,
    staleTime: 60_000,
  });
  return { texts, set, reset, result };
}

async function compute(sum: Sum, texts: Record<string, string>, unit: Unit): Promise<Shown> {
  const asked = sum.fields.flatMap((f) =>
    lengthTexts(f, texts[f.key] ?? "").map((text) => ({ key: f.key, text })),
  );
  const read =
    asked.length === 0
      ? []
      : await answer(
          api.POST("/api/lengths/read", { body: { texts: asked.map((a) => a.text), unit } }),
        );
  const troubles: Record<string, string> = {};
  const lengths: Record<string, number[]> = {};
  asked.forEach(({ key }, i) => {
    const told = read[i];
    if (told?.mm !== undefined) (lengths[key] ??= []).push(told.mm);
    else troubles[key] ??= told?.trouble ?? "This is not a length.";
  });
  if (Object.keys(troubles).length > 0) throw new FieldTroubles(troubles);
  const outcome = await sum.run(new Values(sum.fields, texts, lengths));
  const cells = outcome.rows.flatMap((r) => r.cells);
  const told = await answer(
    api.POST("/api/lengths/show", {
      body: {
        lengths: cells.filter((c): c is { mm: number } => "mm" in c).map((c) => c.mm),
        turns: cells.filter((c): c is { turns: number } => "turns" in c).map((c) => c.turns),
        unit,
      },
    }),
  );
  const suffix = unit === "in64" ? "in" : unit;
  let length = 0;
  let turn = 0;
  const words = (cell: Cell): string => {
    if ("text" in cell) return cell.text;
    if ("turns" in cell) return `${told.turns[turn++] ?? ""} turn`;
    return `${told.lengths[length++] ?? ""} ${suffix}`;
  };
  return { outcome, texts: outcome.rows.map((r) => r.cells.map(words)) };
}
