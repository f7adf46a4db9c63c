import { useState } from "react";
import { api } from "../../app/api";
import { Pills } from "../../arrival/Pills";
import { SettingForm, type PanelProps } from "../../job/SettingForm";

/** What else is known of the noise. */
export function HintsPanel({ job, send, trouble, onDone }: PanelProps) {
  const { hints } = job.frets;
  const known = hints.filter((h) => h.known);
  const [chosen, setChosen] = useState(hints.filter((h) => h.on).map((h) => h.code));
  return (
    <SettingForm
      action="Note it"
      trouble={trouble}
      className="grid gap-4"
      onSubmit={async () => {
        const done = await send((stamp, params) =>
          api.POST("/api/jobs/{id}/frets/hints", { params, body: { ...stamp, hints: chosen } }),
        );
        if (done !== null) onDone();
      }}
    >
      {known.length > 0 && (
        <p className="text-[16px] text-mute">
          Known already from what was read and said: {known.map((h) => h.label).join(", ")}.
        </p>
      )}
      <Pills
        label="The noise, and the instrument"
        choices={hints.filter((h) => !h.known)}
        chosen={chosen}
        onChange={setChosen}
      />
    </SettingForm>
  );
}
