import { api } from "../../app/api";
import type { PanelProps } from "../../job/SettingForm";
import { HeightHabitPanel } from "../heights/HeightHabitPanel";
import { HeightTargetPanel } from "../heights/HeightTargetPanel";
import { Ledger } from "../heights/Ledger";
import type { LedgerProps, StationRoom } from "../room";
import { NutExtras } from "./NutExtras";
import { NutPanel } from "./NutPanel";
import { OtherNut } from "./OtherNut";

function NutLedger(given: LedgerProps) {
  const { job } = given;
  return (
    <Ledger
      {...given}
      station="nut"
      title="Nut"
      method={job.nut.method}
      suffix={job.nut.suffix}
      rows={job.nut.rows}
    >
      <NutExtras
        job={job}
        send={given.send}
        string={given.string}
        onMore={() => given.onOpen("extras")}
      />
    </Ledger>
  );
}

function NutTarget(panel: PanelProps) {
  return (
    <HeightTargetPanel
      {...panel}
      view={panel.job.nut}
      choose={(wanted) =>
        panel.send((stamp, params) =>
          api.POST("/api/jobs/{id}/nut/target", { params, body: { ...stamp, ...wanted } }),
        )
      }
    />
  );
}

function NutHabit(panel: PanelProps) {
  return <HeightHabitPanel {...panel} view={panel.job.nut} path="/api/jobs/{id}/nut/habit" />;
}

/** The slots of the nut. */
export const nut: StationRoom = {
  station: "nut",
  title: "Nut",
  key: "shift+n",
  strings: (job) => job.nut.rows.map((r) => r.string),
  doubts: (job) => job.nut.rows,
  Ledger: NutLedger,
  Target: NutTarget,
  HowRead: NutHabit,
  More: {
    title: () => "Slots, spacing, break angle",
    help: "slots and sums",
    Panel: NutPanel,
  },
  Other: OtherNut,
};
