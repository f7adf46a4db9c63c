import { useQuery } from "@tanstack/react-query";
import { Link } from "react-router";
import { answer, api } from "../app/api";
import { Button, Trouble } from "../ui/controls";
import { useCopy } from "../ui/useCopy";

/** Instruments that are to be looked at again on a day; on the bench only those whose day has come. */
export function FollowUps({ dueOnly = false }: { dueOnly?: boolean }) {
  const { copy, saidOf } = useCopy();
  const found = useQuery({
    queryKey: ["follow-ups"],
    queryFn: () => answer(api.GET("/api/follow-ups")),
  });
  // the bench says by itself that nothing answers
  if (found.error !== null) return dueOnly ? null : <Trouble text={found.error.message} />;
  const shown = found.data?.filter((one) => one.news || !dueOnly) ?? [];
  if (shown.length === 0) return null;
  return (
    <section aria-label="To be looked at again" className="mt-6">
      <h2 className="wide mb-1 text-[18px] font-bold">To be looked at again</h2>
      <ul>
        {shown.map((one) => (
          <li key={one.job} className="flex items-center gap-3 border-t border-line">
            <Link
              to={`/instruments/${String(one.instrument)}`}
              className={`eases grid min-h-14 flex-1 gap-x-4 py-2 hover:bg-paper ${dueOnly ? "" : "sm:grid-cols-[15rem_1fr]"}`}
            >
              <span className={`text-[16px] ${one.due ? "font-semibold text-rust" : "text-mute"}`}>
                {one.due ? `▲ due since ${one.day}` : one.day}
              </span>
              <span className="min-w-0">
                <strong className="text-[18px]">{one.name}</strong>{" "}
                <span className="text-mute">{one.player}</span>
                {one.why !== "" && (
                  <span className="block text-[16px]">
                    {one.set ? one.why : `By what was done: ${one.why}`}
                  </span>
                )}
              </span>
            </Link>
            {!dueOnly && (
              <Button
                aria-label={`Copy the text for ${one.name}`}
                onClick={() => copy(String(one.job), one.text)}
              >
                {saidOf(String(one.job), "Copy a text")}
              </Button>
            )}
          </li>
        ))}
      </ul>
    </section>
  );
}
