import type { StationRoom } from "../room";
import { OtherSaddles } from "./OtherSaddles";
import { SaddlesPanel } from "./SaddlesPanel";
import { ToneLedger } from "./ToneLedger";
import { ToneWaysPanel } from "./ToneWaysPanel";

/** The saddles along their strings. */
export const intonation: StationRoom = {
  station: "intonation",
  title: "Intonation",
  key: "shift+i",
  strings: (job) => job.intonation.rows.map((r) => r.string),
  Ledger: ToneLedger,
  Target: ToneWaysPanel,
  HowRead: ToneWaysPanel,
  More: {
    title: () => "Strings and saddles",
    help: "saddles and strings",
    Panel: SaddlesPanel,
  },
  listens: "notes",
  tellsProblems: true,
  Other: OtherSaddles,
  help: [["M  V  P", "listen, the stand-in, pluck it"]],
};
