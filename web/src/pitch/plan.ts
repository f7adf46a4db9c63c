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
  kind: "ELECTRIC",
  reference: 440,
  offsets: "",
  tolerance: 1.5,
  upToPitch: true,
};
