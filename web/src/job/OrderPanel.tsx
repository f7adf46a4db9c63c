import { useState } from "react";
import { api } from "../app/api";
import { ROOMS } from "../stations/registry";
import type { Station } from "../stations/room";
import { KeepFor } from "./KeepFor";
import { ChoiceList, SettingForm, Tick, type PanelProps } from "./SettingForm";

/** The order of work, and the work that was agreed on. */
export function OrderPanel({ job, send, trouble, onDone }: PanelProps) {
  const { order } = job;
  const then = (done: unknown) => {
    if (done !== null) onDone();
  };
  return (
    <>
      <ChoiceList
        choices={order.orders.map((o) => ({ code: o.order, label: o.label, reason: o.reason }))}
        chosen={order.order}
        onChoose={(chosen) =>
          void send((stamp, params) =>
            api.POST("/api/jobs/{id}/order", { params, body: { ...stamp, order: chosen } }),
          ).then(then)
        }
      />
      <ScopeForm job={job} send={send} trouble={trouble} onDone={onDone} />
      <KeepFor job={job} what="order" />
    </>
  );
}

/** The stations that the work was agreed on. */
export function ScopeForm({ job, send, trouble, onDone }: PanelProps) {
  const [scope, setScope] = useState(job.order.scope);
  return (
    <SettingForm
      action="This was agreed"
      trouble={trouble}
      className="flex flex-col gap-3 border-t border-line pt-3"
      onSubmit={() =>
        void send((stamp, params) =>
          api.POST("/api/jobs/{id}/scope", { params, body: { ...stamp, stations: scope } }),
        ).then((done) => {
          if (done !== null) onDone();
        })
      }
    >
      <ScopeFields scope={scope} onChange={setScope} />
    </SettingForm>
  );
}

/** Which stations belong to the work. */
export function ScopeFields({
  scope,
  onChange,
}: {
  scope: readonly Station[];
  onChange: (scope: Station[]) => void;
}) {
  return (
    <fieldset className="flex flex-wrap items-center gap-x-6 text-[17px]">
      <legend className="mb-1 text-[14px] font-semibold text-mute">Work agreed on</legend>
      {ROOMS.map(({ station, title }) => (
        <Tick
          key={station}
          checked={scope.includes(station)}
          onChange={(on) => onChange(on ? [...scope, station] : scope.filter((s) => s !== station))}
        >
          {title}
        </Tick>
      ))}
    </fieldset>
  );
}
