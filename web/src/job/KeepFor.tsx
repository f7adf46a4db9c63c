import { useState } from "react";
import { answer, api, asProblem, type JobView } from "../app/api";
import { Button } from "../ui/controls";

/** Keeps what this job wants for later jobs. */
export function KeepFor({ job, what }: { job: JobView; what: string }) {
  const [told, setTold] = useState<string | null>(null);
  const keep = (scope: "instrument" | "player" | "shop", whom: string) =>
    void answer(
      api
        .PUT("/api/jobs/{id}/wishes", {
          params: { path: { id: job.id } },
          body: { what, scope },
        })
        .then((r) => ({ ...r, data: r.response.ok ? true : undefined })),
    )
      .then(() => setTold(`Kept for ${whom}: later jobs start with it.`))
      .catch((error: unknown) => setTold(asProblem(error).message));
  return (
    <div className="mt-4 border-t border-line pt-3 text-[16px]">
      <p className="mb-2 text-mute">
        Keep what this job wants now. The instrument goes before the player, the player before the
        shop.
      </p>
      <div className="flex flex-wrap gap-2">
        <Button onClick={() => keep("instrument", "this instrument")}>For this instrument</Button>
        <Button onClick={() => keep("player", "this player")}>For this player</Button>
        <Button onClick={() => keep("shop", "the shop")}>For the shop</Button>
      </div>
      {told !== null && (
        <p role="status" className="mt-2 font-semibold">
          {told}
        </p>
      )}
    </div>
  );
}
