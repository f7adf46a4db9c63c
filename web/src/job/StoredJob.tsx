import { useQuery, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { answer, api, asProblem, requestKey, type Schemas } from "../app/api";
import { Button, Trouble } from "../ui/controls";
import { clock } from "./TapeColumn";
import { InstrumentPanel } from "./panels";

type Stored = Schemas["StoredView"];

/** A job that cannot be shown: everything stored of it, with undo and the instrument's facts, until it can be shown again. */
export function StoredJob({ id, onShown }: { id: number; onShown: () => void }) {
  const queries = useQueryClient();
  const [trouble, setTrouble] = useState<string | null>(null);
  const [now] = useState(() => new Date().toISOString());
  const where = { params: { path: { id } } };
  const key = ["stored", id];
  const stored = useQuery({
    queryKey: key,
    queryFn: () => answer(api.GET("/api/jobs/{id}/stored", where)),
  });
  const changed = async (sending: Promise<Stored>) => {
    setTrouble(null);
    try {
      const then = await sending;
      queries.setQueryData(key, then);
      if (then.why === undefined) onShown();
      return null;
    } catch (error) {
      void stored.refetch();
      return asProblem(error);
    }
  };
  if (stored.data === undefined)
    return stored.error === null ? (
      <p className="text-mute">Fetching what is stored of it</p>
    ) : (
      <Trouble text={stored.error.message} />
    );
  const { instrument, seq, tape, why } = stored.data;
  return (
    <div className="mt-4 flex max-w-[880px] flex-col gap-6">
      {instrument !== undefined && <p className="text-[19px] font-semibold">{instrument.name}</p>}
      {why !== undefined && <Trouble text={why} />}
      {trouble !== null && <Trouble text={trouble} onClose={() => setTrouble(null)} />}
      <section aria-label="On the tape">
        <h2 className="wide mb-2 text-[18px] font-semibold">On the tape</h2>
        <ol>
          {tape.map((line) => (
            <li
              key={line.seq}
              className="grid min-h-13 grid-cols-[7rem_1fr_auto] items-center gap-3 border-t border-line"
            >
              <span className="text-[15px] text-mute">{clock(line.at, now)}</span>
              <span className={line.undone ? "line-through" : ""}>{line.text}</span>
              {line.undone ? (
                <span className="text-[15px] text-mute">undone</span>
              ) : (
                <Button
                  aria-label={`Undo: ${line.text}`}
                  onClick={() =>
                    void changed(
                      answer(
                        api.POST("/api/jobs/{id}/stored/undo", {
                          ...where,
                          body: { after: seq, key: requestKey(), event: line.seq },
                        }),
                      ),
                    ).then((problem) => setTrouble(problem?.message ?? null))
                  }
                >
                  Undo
                </Button>
              )}
            </li>
          ))}
        </ol>
      </section>
      {instrument !== undefined && (
        <section aria-label="Instrument">
          <InstrumentPanel
            instrument={instrument}
            onSaved={(facts, sure) =>
              changed(
                answer(
                  api.PUT("/api/jobs/{id}/stored/instrument", {
                    ...where,
                    body: { version: instrument.version, facts, sure },
                  }),
                ),
              )
            }
          />
        </section>
      )}
    </div>
  );
}
