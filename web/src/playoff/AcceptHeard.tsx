import { useState } from "react";
import { api } from "../app/api";
import type { Send } from "../job/useJob";
import { useOwnSend } from "../job/useOwnSend";
import { Button, Field, TextInput } from "../ui/controls";

/** Who knows what is heard, and accepts it. */
export function AcceptHeard({ send }: { send: Send }) {
  const own = useOwnSend(send);
  const [by, setBy] = useState("the player");
  const [how, setHow] = useState("");
  return (
    <form
      aria-label="Accept what is heard"
      className="grid items-end gap-3 border-t border-line pt-3 sm:grid-cols-[1fr_1.4fr_auto]"
      onSubmit={(event) => {
        event.preventDefault();
        void own((stamp, params) =>
          api.POST("/api/jobs/{id}/play-off/accepted", { params, body: { ...stamp, by, how } }),
        );
      }}
    >
      <Field label="Known to and accepted by">
        <TextInput required maxLength={200} value={by} onChange={(e) => setBy(e.target.value)} />
      </Field>
      <Field label="Why, or how they said so">
        <TextInput
          maxLength={200}
          value={how}
          placeholder="will not be heard amplified"
          onChange={(e) => setHow(e.target.value)}
        />
      </Field>
      <Button type="submit">Accept this buzz</Button>
    </form>
  );
}
