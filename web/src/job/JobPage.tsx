import { useEffect } from "react";
import { Numbered } from "../app/Numbered";
import { FetchingJob } from "./FetchingJob";
import { ticketOf } from "./JobBar";
import { OpenJob } from "./OpenJob";
import { useJob } from "./useJob";

export function JobPage() {
  return <Numbered>{(id) => <Job key={id} id={id} />}</Numbered>;
}

function Job({ id }: { id: number }) {
  const { job, ...sending } = useJob(id);
  useEffect(() => {
    if (job.data !== undefined)
      document.title = `${ticketOf(job.data)} ${job.data.instrument.name}, ${job.data.player} · Barytone`;
  }, [job.data]);
  if (job.data === undefined)
    return (
      <FetchingJob id={id} what="the job" error={job.error} onShown={() => void job.refetch()} />
    );
  return <OpenJob job={job.data} {...sending} refetch={() => void job.refetch()} />;
}
