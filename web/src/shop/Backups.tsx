import { useQuery, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { answer, api, asProblem } from "../app/api";
import { Button, Trouble } from "../ui/controls";

/** Where the backups are, how old the last one is, and one more at once. */
export function Backups() {
  const queries = useQueryClient();
  const [trouble, setTrouble] = useState<string | null>(null);
  const [busy, setBusy] = useState(false);
  const backups = useQuery({
    queryKey: ["backups"],
    queryFn: () => answer(api.GET("/api/shop/backups")),
  });
  const backUp = async () => {
    setBusy(true);
    setTrouble(null);
    try {
      queries.setQueryData(["backups"], await answer(api.POST("/api/shop/backups")));
    } catch (error) {
      setTrouble(asProblem(error).message);
    } finally {
      setBusy(false);
    }
  };
  const view = backups.data;
  return (
    <section aria-label="Backups" className="mt-10">
      <h2 className="wide mb-1 text-[26px] font-bold">Backups</h2>
      {backups.error !== null && <Trouble text={backups.error.message} />}
      {view === undefined && backups.error === null && <p>Fetching the backups</p>}
      {view !== undefined && (
        <>
          <p className="mb-1 text-[16px] text-mute">{view.habit}</p>
          <p className="mb-1 text-[17px]" data-testid="last-backup">
            {view.last === undefined
              ? "There is none yet."
              : `The last is of ${new Date(view.last).toLocaleString(undefined, { dateStyle: "medium", timeStyle: "short" })}; ${view.count === 1 ? "it is the only one" : `there are ${String(view.count)}`}.`}
          </p>
          <p className="mb-3 text-[15px] break-all text-mute">{view.folder}</p>
          {view.failure !== undefined && <Trouble text={view.failure} />}
          {trouble !== null && <Trouble text={trouble} />}
          <Button disabled={busy} onClick={() => void backUp()}>
            {busy ? "Backing up" : "Back up now"}
          </Button>
        </>
      )}
    </section>
  );
}
