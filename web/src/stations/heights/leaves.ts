/** What one leaf did under the string. */
export type LeafState = "free" | "touches" | "lifts";

/** What was found with leaves, in mm: largest free, the one that touched, smallest that lifted. */
export interface Finding {
  free?: number;
  touches?: number;
  lifts?: number;
}

/** What a leaf is known to do, from the ones that were tried: a thinner leaf than a free one is free too. */
export function stateOf(mm: number, found: Finding): LeafState | null {
  if (found.touches !== undefined) {
    if (mm === found.touches) return "touches";
    return mm < found.touches ? "free" : "lifts";
  }
  if (found.free !== undefined && mm <= found.free) return "free";
  if (found.lifts !== undefined && mm >= found.lifts) return "lifts";
  return null;
}

/** The finding after a tap on a leaf: unknown, free, touches, lifts, unknown again. What contradicts it is forgotten. */
export function tapped(mm: number, found: Finding): Finding {
  const now = stateOf(mm, found);
  if (now === null) return { ...without(found, "touches"), free: mm };
  if (now === "free") return { touches: mm };
  if (now === "touches") return { lifts: mm };
  return found.lifts === mm ? without(found, "lifts") : { ...below(found, mm), lifts: mm };
}

function below(found: Finding, mm: number): Finding {
  if (found.touches !== undefined && found.touches < mm) return { free: found.touches };
  return found.free !== undefined && found.free < mm ? { free: found.free } : {};
}

function without(found: Finding, key: keyof Finding): Finding {
  const rest = { ...found };
  delete rest[key];
  return rest;
}

export function isEmpty(found: Finding): boolean {
  return found.free === undefined && found.touches === undefined && found.lifts === undefined;
}
