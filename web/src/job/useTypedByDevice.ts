import { useEffect, useRef } from "react";
import { device } from "../app/device";

/** No hand types signs so close after one another, ms. */
const BY_HAND = 30;
/** So long after its last sign a device has said what it has to say, ms. */
const PAUSE = 250;
const LEAST_SIGNS = 3;

/** Tells when a device that ends its values with nothing has typed one. A hand is never taken for a device. */
export function useTypedByDevice(onValue: (of: number, text: string) => void) {
  const last = useRef({ at: 0, of: 0, text: "", fast: false });
  const timer = useRef<ReturnType<typeof setTimeout>>(undefined);
  const told = useRef(onValue);
  useEffect(() => {
    told.current = onValue;
  });
  useEffect(() => () => clearTimeout(timer.current), []);
  return {
    typed: (of: number, text: string) => {
      clearTimeout(timer.current);
      const now = performance.now();
      const before = last.current;
      const grown = before.of === of && text.length === before.text.length + 1;
      const fast = text.length === 1 || (grown && before.fast && now - before.at < BY_HAND);
      last.current = { at: now, of, text, fast };
      if (!device().types || !fast || text.length < LEAST_SIGNS) return;
      timer.current = setTimeout(() => told.current(of, text), PAUSE);
    },
  };
}
