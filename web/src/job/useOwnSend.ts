import { useRef } from "react";
import type { Send } from "./useJob";

/**
 * The way to send of a form or of a panel: what is pressed there waits until what is being sent from elsewhere is answered, and of two presses the first counts. It does
 * not depend on what the next move is, as a move does.
 */
export function useOwnSend(send: Send): Send {
  const under = useRef(0);
  return async (request, waits = false) => {
    if (under.current > 0 && !waits) return null;
    under.current++;
    try {
      return await send(request, true);
    } finally {
      under.current--;
    }
  };
}
