import { useState } from "react";
import { api, type JobView } from "../app/api";
import type { Send } from "../job/useJob";
import { useOwnSend } from "../job/useOwnSend";
import { Button, Field, TextInput } from "../ui/controls";

/** Damage stops the job: why, and what was agreed about it. */
export function DamageForm({ job, send }: { job: JobView; send: Send }) {
  const own = useOwnSend(send);
  const [how, setHow] = useState("");
  return (
    <form
      aria-label="What is agreed about the damage"
      className="flex flex-col gap-2"
      onSubmit={(event) => {
        event.preventDefault();
        void own((stamp, params) =>
          api.POST("/api/jobs/{id}/damage-agreed", { params, body: { ...stamp, how } }),
        );
      }}
    >
      <h2 className="text-[21px] leading-tight font-bold">{job.advice.headline}</h2>
      {job.advice.why.map((why) => (
        <p key={why} className="text-[15px] leading-snug">
          {why}
        </p>
      ))}
      <Field label="What was agreed, and how">
        <TextInput required maxLength={200} value={how} onChange={(e) => setHow(e.target.value)} />
      </Field>
      <div>
        <Button strong type="submit">
          {job.advice.goOn.find((answer) => answer.does === "agree")?.says ?? "It is agreed"}
        </Button>
      </div>
    </form>
  );
}
