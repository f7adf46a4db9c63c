import type { StationRoom } from "../room";
import { BuzzBoard } from "./BuzzBoard";
import { FretLedger } from "./FretLedger";
import { HintsPanel } from "./HintsPanel";
import { OtherFrets } from "./OtherFrets";
import { Outcomes } from "./Outcomes";

/** Frets and buzz. */
export const frets: StationRoom = {
  station: "frets",
  title: "Frets",
  key: "shift+f",
  strings: () => [],
  Drawing: BuzzBoard,
  Ledger: FretLedger,
  More: {
    title: () => "What else is known of the noise",
    help: "at the frets: what else is known of the noise",
    Panel: HintsPanel,
  },
  Other: OtherFrets,
  Answers: Outcomes,
  field: "[data-board-cell][tabindex='0']",
  question: (job) =>
    job.advice.kind === "test" ? "[data-outcome]" : "[data-board-cell][tabindex='0']",
  help: [["M  V  P", "fill the board by ear, the stand-in, pluck it"]],
};
