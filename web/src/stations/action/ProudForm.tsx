import { useState } from "react";
import { api } from "../../app/api";
import { Button, Field, TextInput } from "../../ui/controls";
import type { AdviceProps } from "../room";

/** Where it is typed how far a saddle stands proud. */
export const PROUD_FIELD = "saddle-proud";

/** How far a fixed saddle stands proud, asked before anything is sanded off it. */
export function ProudForm({ job, working, send }: AdviceProps) {
  const [proud, setProud] = useState("");
  return (
    <form
      className="mt-3 flex flex-wrap items-end gap-3"
      onSubmit={(event) => {
        event.preventDefault();
        void send((stamp, params) =>
          api.POST("/api/jobs/{id}/action/saddle-proud", { params, body: { ...stamp, proud } }),
        );
      }}
    >
      <Field label={`Saddle stands proud, ${job.bridge.suffix}`}>
        <TextInput
          id={PROUD_FIELD}
          required
          value={proud}
          onChange={(e) => setProud(e.target.value)}
        />
      </Field>
      <Button strong type="submit" disabled={working}>
        Record
      </Button>
    </form>
  );
}
