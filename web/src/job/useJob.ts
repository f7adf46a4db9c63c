import { useQuery, useQueryClient } from "@tanstack/react-query";
import { useCallback, useEffect, useRef, useState } from "react";
import { answer, api, Problem, requestKey, type JobView } from "../app/api";
import { useUnit } from "../app/unit";
import { pageOf } from "./changes";
import { letterOf, Outbox, type Letter } from "./outbox";

interface Stamp {
  after: number;
  key: string;
}

type Answering = Promise<{ data?: JobView; error?: unknown; response: Response }>;

/** How often a window that is seen asks for news from other windows, ms. */
const NEWS_EVERY = 2_000;

/** What became of an addition: the job with it, or the problem that kept it out; null when it was not sent, for another move was under way. */
export type Sent = { done: JobView } | { problem: Problem };

type Asking = (stamp: Stamp, where: { path: { id: number }; query: { unit: string } }) => Answering;

/**
 * Sends one addition to a job; the stamp says what this window had seen. While one is under way a move is not sent, for a
 * move pressed twice was made once; unless it says that it can wait its turn, as undo does.
 */
export type Send = (request: Asking, waits?: boolean) => Promise<JobView | null>;

/** Sends a reading when its turn has come; what goes wrong with it is its own affair, not the page's. */
export type SendEntry = (request: Asking) => Promise<Sent>;

/** Asks the server what is heard on a job, with what this window had seen. */
export type Hear = <T extends { job?: JobView }>(
  ask: (after: number) => Promise<T>,
  onTaken: (job: JobView) => void,
) => Promise<T>;

/** What an answer says, as every other request has it. */
async function read(
  response: Response,
  had: JobView | undefined,
): Promise<{ data?: JobView; error?: unknown; response: Response }> {
  if (!response.ok) return { error: await response.json().catch(() => undefined), response };
  return { data: await pageOf(response, had), response };
}

/** A job as the server has it, additions to it, and news from other windows. */
export function useJob(id: number) {
  const { unit } = useUnit();
  const queries = useQueryClient();
  const [problem, setProblem] = useState<Problem | null>(null);
  const [news, setNews] = useState(false);
  const under = useRef<Promise<Sent> | null>(null);
  const hearing = useRef<Promise<unknown> | null>(null);
  const [working, setWorking] = useState(false);
  const where = { path: { id }, query: { unit } };
  /** The place of the last entry that this window has seen; it never goes back. */
  const seq = useRef(0);
  const fetched = () => answer(api.GET("/api/jobs/{id}", { params: where }));
  const job = useQuery({
    queryKey: ["job", id, unit],
    queryFn: async () => {
      const then = await fetched();
      // asked for before an entry of this window was kept, told after it
      return then.seq < seq.current ? fetched() : then;
    },
    placeholderData: (old) => (old?.id === id ? old : undefined),
  });
  useEffect(() => {
    // this may be drawn when more entries have been kept already
    seq.current = Math.max(seq.current, job.data?.seq ?? 0);
  }, [job.data]);

  const latest = useQuery({
    queryKey: ["seq", id],
    queryFn: () => answer(api.GET("/api/jobs/{id}/seq", { params: { path: { id } } })),
    // a window that is not seen asks when it is seen again
    refetchInterval: NEWS_EVERY,
    refetchOnWindowFocus: "always",
    retry: false,
    enabled: job.data !== undefined,
  });
  const lastSeq = latest.data?.seq ?? 0;
  useEffect(() => {
    const tell = () => {
      if (working || lastSeq <= seq.current) return;
      setNews(true);
      void queries.invalidateQueries({ queryKey: ["job", id] });
    };
    // what this window has just heard may be what is told
    if (hearing.current === null) tell();
    else void hearing.current.then(tell, tell);
  }, [lastSeq, working, id, queries]);

  const outbox = useRef<Outbox>(undefined);
  outbox.current ??= new Outbox(id);
  const [away, setAway] = useState<{ waiting: number; why: string } | null>(null);

  /** Sends a letter when its turn has come, and again until it is answered. */
  const enqueue = useCallback(
    (writing: Promise<Letter>): Promise<Sent> => {
      const box = outbox.current;
      const before = under.current;
      const sending = async (): Promise<Sent> => {
        if (box === undefined) throw new Error("no outbox");
        try {
          const letter = await writing;
          box.keep(letter);
          setAway((old) => old && { ...old, waiting: box.waiting });
          if (before !== null) await before;
          // what is being heard may be kept, and this would be said of a page that is older than that
          if (hearing.current !== null) await hearing.current.catch(() => null);
          setWorking(true);
          setNews(false);
          const had = queries.getQueryData<JobView>(["job", id, unit]);
          const response = await box.deliver(
            letter,
            () => seq.current,
            (why) => setAway(why === null ? null : { waiting: box.waiting, why }),
            had?.mark,
          );
          if (response === null)
            throw new Problem(
              0,
              "Barytone did not answer. It may be on the tape: look there first.",
            );
          const done = await answer<JobView>(read(response, had));
          seq.current = done.seq;
          queries.setQueryData(["job", id, unit], done);
          void queries.invalidateQueries({ queryKey: ["bench"] });
          return { done };
        } catch (error) {
          const trouble = error instanceof Problem ? error : new Problem(0, String(error));
          if (trouble.code === "changed-meanwhile" || trouble.code === "move-changed")
            await queries.invalidateQueries({ queryKey: ["job", id] });
          return { problem: trouble };
        }
      };
      const running = sending().finally(() => {
        if (under.current !== running) return;
        under.current = null;
        setWorking(false);
      });
      under.current = running;
      return running;
    },
    [id, unit, queries],
  );

  const post = useCallback(
    (request: Asking): Promise<Sent> =>
      enqueue(letterOf(requestKey(), (stamp) => request(stamp, { path: { id }, query: { unit } }))),
    [enqueue, id, unit],
  );

  // what an earlier page had sent without an answer is sent once more, as it was
  const [caughtUp, setCaughtUp] = useState(0);
  const ready = job.data !== undefined;
  useEffect(() => {
    if (!ready) return;
    for (const letter of outbox.current?.left() ?? []) {
      void enqueue(Promise.resolve(letter)).then((sent) => {
        if ("done" in sent) setCaughtUp((n) => n + 1);
        else
          setProblem(
            new Problem(
              sent.problem.status,
              `${typeof letter.body["text"] === "string" ? `“${letter.body["text"]}”` : "An entry"}, made before the page was loaded again, was not kept. ${sent.problem.message}`,
            ),
          );
      });
    }
  }, [ready, enqueue]);

  const send: Send = useCallback(
    async (request, waits = false) => {
      if (under.current !== null && !waits) return null;
      setProblem(null);
      const sent = await post(request);
      if ("done" in sent) return sent.done;
      setProblem(sent.problem);
      return null;
    },
    [post],
  );

  /** Asks what is heard; when something was recorded the job comes back with it. */
  const hear: Hear = useCallback(
    async (ask, onTaken) => {
      // the other way round too: what is kept meanwhile makes this window's own page old
      while (under.current !== null) await under.current;
      const asked = (async () => {
        const told = await ask(seq.current);
        if (told.job !== undefined) {
          seq.current = told.job.seq;
          setNews(false);
          await queries.cancelQueries({ queryKey: ["job", id] });
          queries.setQueryData(["job", id, unit], told.job);
          void queries.invalidateQueries({ queryKey: ["bench"] });
          onTaken(told.job);
        }
        return told;
      })();
      hearing.current = asked;
      try {
        return await asked;
      } finally {
        hearing.current = null;
      }
    },
    [id, unit, queries],
  );

  return {
    job,
    send,
    /** Readings go in order, however fast they are typed. */
    sendEntry: post satisfies SendEntry,
    hear,
    working,
    problem,
    clearProblem: () => setProblem(null),
    /** Says what went wrong in the page itself. */
    setProblem,
    news,
    clearNews: () => setNews(false),
    /** How many entries wait because nobody answers or nothing can be written, and why. */
    away,
    sendNow: () => outbox.current?.hurry(),
    giveUp: () => outbox.current?.giveUp(),
    /** How many entries of an earlier page have come onto the tape. */
    caughtUp,
    clearCaughtUp: () => setCaughtUp(0),
  };
}
