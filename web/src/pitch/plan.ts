import type { Schemas } from "../app/api";

/** What the instrument is tuned to, as the server wants to know it. */
export interface Plan {
  tuning: string;
  kind: Schemas["KindView"]["kind"];
  reference: number;
  offsets: string;
  tolerance: number;
  upToPitch: boolean;
}

export const STANDARD: Plan = {
  tuning: "E2 A2 D3 G3 B3 E4",
  kind: "electric",
  reference: 440,
  offsets: "",
  tolerance: 1.5,
  upToPitch: true,
};

/** The plan that an address asks for: a job's own tuning. */
export function planned(asked: URLSearchParams): Plan {
  const reference = Number(asked.get("reference") ?? STANDARD.reference);
  return {
    ...STANDARD,
    tuning: asked.get("tuning") ?? STANDARD.tuning,
    reference: Number.isFinite(reference) ? reference : STANDARD.reference,
    offsets: asked.get("offsets") ?? STANDARD.offsets,
    upToPitch: asked.get("upToPitch") !== "false",
  };
}
