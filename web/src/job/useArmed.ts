import { useEffect, useLayoutEffect, useRef, useState } from "react";

/** How long it takes a hand to follow what the eye has seen, ms: a key that comes sooner was meant for what stood there before. */
const REACTION = 350;

/**
 * Whether a move has stood on the screen for long enough to be confirmed by a key. A slow answer may put another one there in the moment in which the hand comes
 * down. What a page opens with is meant at once.
 */
export function useArmed(move: string): { armed: string; isArmed: () => boolean } {
  const [armed, setArmed] = useState(move);
  const current = useRef(true);
  // with the drawing, not some time after it: what is seen to be armed is armed
  useLayoutEffect(() => {
    current.current = move === armed;
  }, [move, armed]);
  useEffect(() => {
    if (move === armed) return;
    const timer = setTimeout(() => setArmed(move), REACTION);
    return () => clearTimeout(timer);
  }, [move, armed]);
  return { armed, isArmed: () => current.current };
}
