import { useEffect } from "react";
import { useNavigate } from "react-router";
import { Numbered } from "../app/Numbered";
import { TopBar } from "../app/TopBar";
import { Problem } from "../app/api";
import { Trouble } from "../ui/controls";
import { ticketOf } from "./JobBar";
import { OpenJob } from "./OpenJob";
import { StoredJob } from "./StoredJob";
import { useJob } from "./useJob";

export function JobPage() {
  return <Numbered>{(id) => <Job key={id} id={id} />}</Numbered>;
}

function Job({ id }: { id: number }) {
  const { job, ...sending } = useJob(id);
  const navigate = useNavigate();
  useEffect(() => {
    if (job.data !== undefined)
      document.title = `${ticketOf(job.data)} ${job.data.instrument.name}, ${job.data.player} · Barytone`;
  }, [job.data]);
  if (job.data === undefined)
    return (
      <>
        <TopBar onHelp={() => undefined} />
        <main className="p-6 text-[18px]">
          <h1 className="wide mb-3 text-[24px] font-bold">
            {job.error === null ? "Fetching the job" : "This job cannot be shown"}
          </h1>
          {job.error !== null &&
            (job.error instanceof Problem && job.error.code === "cannot-be-shown" ? (
              <StoredJob id={id} onShown={() => void job.refetch()} />
            ) : (
              <Trouble text={job.error.message} />
            ))}
          {job.error !== null && (
            <button
              type="button"
              className="mt-4 min-h-11 underline"
              onClick={() => void navigate("/")}
            >
              Back to the bench
            </button>
          )}
        </main>
      </>
    );
  return <OpenJob job={job.data} {...sending} refetch={() => void job.refetch()} />;
}
