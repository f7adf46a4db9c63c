import { useQuery, useQueryClient } from "@tanstack/react-query";
import { useCallback, useEffect, useRef, useState } from "react";
import { answer, api, Problem, requestKey, type JobView } from "../app/api";
import { useUnit } from "../app/unit";

interface Stamp {
  after: number;
  key: string;
}

type Answering = Promise<{ data?: JobView; error?: unknown; response: Response }>;

/** Sends one addition to a job; the stamp says what this window had seen. */
export type Send = (
  request: (stamp: Stamp, where: { path: { id: number }; query: { unit: string } }) => Answering,
) => Promise<JobView | null>;

/** A job as the server has it, additions to it, and news from other windows. */
export function useJob(id: number) {
  const { unit } = useUnit();
  const queries = useQueryClient();
  const [problem, setProblem] = useState<Problem | null>(null);
  const [news, setNews] = useState(false);
  const busy = useRef(false);
  const [working, setWorking] = useState(false);
  const where = { path: { id }, query: { unit } };
  const job = useQuery({
    queryKey: ["job", id, unit],
    queryFn: () => answer(api.GET("/api/jobs/{id}", { params: where })),
    placeholderData: (old) => (old?.id === id ? old : undefined),
  });
  const seq = useRef(0);
  useEffect(() => {
    seq.current = job.data?.seq ?? 0;
  }, [job.data]);

  useEffect(() => {
    const stream = new EventSource(`/api/jobs/${id}/stream`);
    stream.addEventListener("seq", (event: MessageEvent<string>) => {
      if (busy.current || seq.current === 0 || Number(event.data) <= seq.current) return;
      setNews(true);
      void queries.invalidateQueries({ queryKey: ["job", id] });
    });
    return () => stream.close();
  }, [id, queries]);

  const send: Send = useCallback(
    async (request) => {
      if (busy.current) return null;
      busy.current = true;
      setWorking(true);
      setProblem(null);
      setNews(false);
      try {
        const done = await answer(
          request({ after: seq.current, key: requestKey() }, { path: { id }, query: { unit } }),
        );
        seq.current = done.seq;
        queries.setQueryData(["job", id, unit], done);
        void queries.invalidateQueries({ queryKey: ["bench"] });
        return done;
      } catch (error) {
        const told = error instanceof Problem ? error : new Problem(0, String(error));
        setProblem(told);
        if (told.code === "changed-meanwhile")
          await queries.invalidateQueries({ queryKey: ["job", id] });
        return null;
      } finally {
        busy.current = false;
        setWorking(false);
      }
    },
    [id, unit, queries],
  );

  return {
    job,
    send,
    working,
    problem,
    clearProblem: () => setProblem(null),
    news,
    clearNews: () => setNews(false),
  };
}
