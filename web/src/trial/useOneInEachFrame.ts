import { useCallback, useEffect, useRef } from "react";

/** So many may wait to be shown: what is shown is never farther behind than so many frames. */
const WAITING = 2;

/**
 * Shows one in each frame, for answers do not come at an even pace: of two that come within one frame the second is shown with the next, and of more than that the
 * oldest goes.
 *
 * @param show takes one at a time; nothing is shown once the component is gone
 */
export function useOneInEachFrame<T>(show: (one: T) => void): (one: T) => void {
  const waiting = useRef<T[]>([]);
  const frame = useRef(0);
  useEffect(
    () => () => {
      cancelAnimationFrame(frame.current);
      frame.current = 0;
      waiting.current = [];
    },
    [],
  );
  return useCallback(
    (one: T) => {
      const { current } = waiting;
      current.push(one);
      if (current.length > WAITING) current.shift();
      const next = () => {
        frame.current = 0;
        current.splice(0, 1).forEach(show);
        if (current.length > 0) frame.current = requestAnimationFrame(next);
      };
      if (frame.current === 0) frame.current = requestAnimationFrame(next);
    },
    [show],
  );
}
