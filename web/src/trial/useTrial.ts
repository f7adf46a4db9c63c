import { useEffect, useRef, useState } from "react";
import { answer, api, asProblem, type Problem, type Schemas } from "../app/api";
import { useOneInEachFrame } from "./useOneInEachFrame";

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

/** So many questions may be under way: an answer takes longer than a frame, and the hand does not wait for it. */
const UNDER_WAY = 3;

/**
 * What is tried, and what the server makes of it. The drawing follows the hand as fast as answers come, in the order in which was asked; what could not be asked in time
 * is left out, but for the last of it.
 *
 * @param string whose section is drawn first
 */
export function useTrial(id: number, unit: string, string: number) {
  const [tried, setTried] = useState<Tried>({ string, capo: 0, levelled: false });
  const [shown, setShown] = useState<Trial | null>(null);
  const [trouble, setTrouble] = useState<Problem | null>(null);
  const wanted = useRef<Asked | null>(null);
  const underWay = useRef(0);
  const asked = useRef(0);
  const drawn = useRef(0);
  const gone = useRef(false);
  const draw = useOneInEachFrame(setShown);

  useEffect(() => {
    gone.current = false;
    return () => {
      gone.current = true;
    };
  }, []);
  useEffect(() => {
    wanted.current = { id, unit, tried };
    const next = (): void => {
      const now = wanted.current;
      if (now === null || gone.current || underWay.current >= UNDER_WAY) return;
      wanted.current = null;
      underWay.current++;
      const turn = ++asked.current;
      /** What was asked later is answered already. */
      const late = () => turn < drawn.current || gone.current;
      told(now)
        .then((answered) => {
          if (late()) return;
          drawn.current = turn;
          draw(answered);
          setTrouble(null);
        })
        .catch((error: unknown) => {
          if (!late()) setTrouble(asProblem(error));
        })
        .finally(() => {
          underWay.current--;
          next();
        });
    };
    next();
  }, [id, unit, tried, draw]);
  return { tried, setTried, shown, trouble, dismiss: () => setTrouble(null) };
}
