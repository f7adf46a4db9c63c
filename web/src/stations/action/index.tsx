import { api } from "../../app/api";
import type { PanelProps } from "../../job/SettingForm";
import { HeightHabitPanel } from "../heights/HeightHabitPanel";
import { HeightTargetPanel } from "../heights/HeightTargetPanel";
import { Ledger } from "../heights/Ledger";
import type { AdviceProps, LedgerProps, StationRoom } from "../room";
import { ActionExtras } from "./ActionExtras";
import { BridgePanel } from "./BridgePanel";
import { OtherBridge } from "./OtherBridge";
import { PROUD_FIELD, ProudForm } from "./ProudForm";

function ActionLedger(given: LedgerProps) {
  const { job } = given;
  return (
    <Ledger
      {...given}
      station="action"
      title="Action"
      method={job.action.method}
      suffix={job.action.suffix}
      rows={job.action.rows}
    >
      <ActionExtras job={job} string={given.string} onMore={() => given.onOpen("extras")} />
    </Ledger>
  );
}

function ActionTarget(panel: PanelProps) {
  return (
    <HeightTargetPanel
      {...panel}
      view={panel.job.action}
      choose={(wanted) =>
        panel.send((stamp, params) =>
          api.POST("/api/jobs/{id}/action/target", { params, body: { ...stamp, ...wanted } }),
        )
      }
    />
  );
}

function ActionHabit(panel: PanelProps) {
  return <HeightHabitPanel {...panel} view={panel.job.action} path="/api/jobs/{id}/action/habit" />;
}

function Proud(given: AdviceProps) {
  return given.job.advice.kind === "proud" ? <ProudForm {...given} /> : null;
}

/** The saddles, and the action that they give. */
export const action: StationRoom = {
  station: "action",
  title: "Action",
  key: "shift+a",
  strings: (job) => job.action.rows.map((r) => r.string),
  doubts: (job) => job.action.rows,
  Ledger: ActionLedger,
  Target: ActionTarget,
  HowRead: ActionHabit,
  More: {
    title: (job) => `Bridge: ${job.bridge.label}`,
    help: "bridge and neck angle",
    Panel: BridgePanel,
  },
  Other: OtherBridge,
  Question: Proud,
  question: (job) => (job.advice.kind === "proud" ? `#${PROUD_FIELD}` : undefined),
};
