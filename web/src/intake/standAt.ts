import { useEffect } from "react";
import type { Problem } from "../app/api";
import { GROUPS } from "./factGroups";
import type { Facts } from "./facts";

/** The facts with what was probably meant in the field that was asked about. */
export function asMeant(facts: Facts, problem: Problem, text: string): Facts {
  const field = GROUPS.flatMap((group) => group.facts).find((fact) => fact === problem.field);
  return { ...facts, [field ?? "strings"]: text };
}

function fieldOf(fact: string): HTMLElement | null {
  return document.querySelector<HTMLElement>(`[data-fact="${fact}"]`);
}

/** Puts the cursor in the field that something is wrong with; the part of the drawing that it belongs to is opened first. */
export function useStandAt(problem: Problem | null) {
  useEffect(() => {
    const fact = problem?.field;
    if (fact === undefined) return;
    const stand = () => {
      const field = fieldOf(fact);
      field?.focus();
      if (field instanceof HTMLInputElement) field.select();
      return field !== null;
    };
    if (stand()) return;
    const group = GROUPS.find((g) => g.facts.some((one) => one === fact));
    document.querySelector<HTMLElement>(`[data-group="${group?.code ?? ""}"]`)?.click();
    // the fields stand there once they are laid out
    const frame = requestAnimationFrame(() => requestAnimationFrame(stand));
    return () => cancelAnimationFrame(frame);
  }, [problem]);
}
