import type { StationRoom } from "../room";
import { OtherPickups } from "./OtherPickups";
import { PickupTargetPanel } from "./PickupTargetPanel";
import { Pickups } from "./Pickups";

/** The pickups. */
export const pickups: StationRoom = {
  station: "pickups",
  title: "Pickups",
  key: "shift+p",
  strings: () => [],
  Ledger: Pickups,
  Target: PickupTargetPanel,
  listens: "loudness",
  tellsProblems: true,
  Other: OtherPickups,
  field: "[data-pickup-gap]",
};
