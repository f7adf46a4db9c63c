import { useQuery, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { answer, api, asProblem, type Schemas } from "../app/api";
import { Button, Field, TextInput, Trouble } from "../ui/controls";

type Effort = Schemas["EffortView"];

const FIELDS = [
  ["reading", "A reading, minutes"],
  ["retune", "Retuning, minutes"],
  ["slackening", "A round with the strings slack, minutes"],
  ["comeback", "A job that comes back, minutes"],
] as const;

/** What work at this bench takes, which the advice weighs against what a look or a move would find. */
export function Efforts() {
  const effort = useQuery({
    queryKey: ["effort"],
    queryFn: () => answer(api.GET("/api/shop/effort")),
  });
  return (
    <section aria-label="Time" className="mt-10">
      <h2 className="wide mb-1 text-[26px] font-bold">Time</h2>
      <p className="mb-3 text-[16px] text-mute">
        What work takes here. A look or a move is advised where it is worth its minutes.
      </p>
      {effort.error !== null && <Trouble text={effort.error.message} />}
      {effort.data === undefined && effort.error === null && <p>Fetching the times</p>}
      {effort.data !== undefined && <Times key={effort.data.version} view={effort.data} />}
    </section>
  );
}

function Times({ view }: { view: Effort }) {
  const queries = useQueryClient();
  const [typed, setTyped] = useState(view);
  const [trouble, setTrouble] = useState<string | null>(null);
  const [busy, setBusy] = useState(false);
  const changed = FIELDS.some(([name]) => typed[name] !== view[name]);
  const keep = async () => {
    setBusy(true);
    setTrouble(null);
    try {
      const { reading, retune, slackening, comeback } = typed;
      queries.setQueryData(
        ["effort"],
        await answer(
          api.PUT("/api/shop/effort", {
            body: { version: view.version, reading, retune, slackening, comeback },
          }),
        ),
      );
      void queries.invalidateQueries({ queryKey: ["job"] });
    } catch (error) {
      setTrouble(asProblem(error).message);
    } finally {
      setBusy(false);
    }
  };
  return (
    <form
      onSubmit={(event) => {
        event.preventDefault();
        void keep();
      }}
    >
      <div className="mb-3 grid grid-cols-2 items-end gap-3 sm:grid-cols-4">
        {FIELDS.map(([name, label]) => (
          <Field key={name} label={label}>
            <TextInput
              inputMode="decimal"
              value={typed[name]}
              onChange={(e) => setTyped({ ...typed, [name]: e.target.value })}
            />
          </Field>
        ))}
      </div>
      {trouble !== null && <Trouble text={trouble} />}
      <ul className="mb-3 text-[15px] text-mute" aria-label="What the advice makes of it">
        {view.follows.map((line) => (
          <li key={line}>{line}</li>
        ))}
      </ul>
      <Button type="submit" disabled={busy || !changed}>
        Keep the times
      </Button>
    </form>
  );
}
