import { useEffect, useRef, useState } from "react";
import { answer, api, asProblem, type Schemas } from "../app/api";

export type Trial = Schemas["TrialView"];
export type Gaps = Schemas["TriedGaps"];
export type Tried = Schemas["TriedSetup"];

interface Asked {
  id: number;
  unit: string;
  tried: Tried;
}

const told = ({ id, unit, tried }: Asked) =>
  answer(
    api.POST("/api/jobs/{id}/what-if", {
      params: { path: { id }, query: { unit } },
      body: tried,
    }),
  );

/**
 * What is tried, and what the server makes of it. While an answer is under way the hand goes on; what is asked next is the last of it, so that the drawing follows as
 * fast as it is answered and never falls behind.
 *
 * @param string whose section is drawn first
 */
export function useTrial(id: number, unit: string, string: number) {
  const [tried, setTried] = useState<Tried>({ string, capo: 0, levelled: false });
  const [shown, setShown] = useState<Trial | null>(null);
  const [trouble, setTrouble] = useState<string | null>(null);
  const wanted = useRef<Asked | null>(null);
  const asking = useRef(false);
  const gone = useRef(false);

  useEffect(() => {
    gone.current = false;
    return () => {
      gone.current = true;
    };
  }, []);
  useEffect(() => {
    wanted.current = { id, unit, tried };
    if (asking.current) return;
    asking.current = true;
    const next = (): void => {
      const now = wanted.current;
      wanted.current = null;
      if (now === null || gone.current) {
        asking.current = false;
        return;
      }
      told(now)
        .then((answered) => {
          setShown(answered);
          setTrouble(null);
        })
        .catch((error: unknown) => setTrouble(asProblem(error).message))
        .finally(next);
    };
    next();
  }, [id, unit, tried]);
  return { tried, setTried, shown, trouble, dismiss: () => setTrouble(null) };
}
