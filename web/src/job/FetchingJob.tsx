import { Link } from "react-router";
import { TopBar } from "../app/TopBar";
import { Problem } from "../app/api";
import { Trouble } from "../ui/controls";
import { StoredJob } from "./StoredJob";

/** A page of a job before the job is there, or when it cannot be shown. */
export function FetchingJob({
  id,
  what,
  error,
  onShown,
}: {
  id: number;
  /** What is being fetched. */
  what: string;
  error: Error | null;
  /** It was made showable. */
  onShown: () => void;
}) {
  return (
    <>
      <TopBar onHelp={() => undefined} />
      <main className="p-6 text-[18px]">
        <h1 className="wide mb-3 text-[24px] font-bold">
          {error === null ? `Fetching ${what}` : "This job cannot be shown"}
        </h1>
        {error !== null &&
          (error instanceof Problem && error.code === "cannot-be-shown" ? (
            <StoredJob id={id} onShown={onShown} />
          ) : (
            <Trouble text={error.message} />
          ))}
        {error !== null && (
          <Link to="/" className="mt-4 inline-block py-3 underline">
            Back to the bench
          </Link>
        )}
      </main>
    </>
  );
}
