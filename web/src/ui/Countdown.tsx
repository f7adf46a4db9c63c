import { useEffect, useRef, useState } from "react";

/** An hour ahead it is counted down; before that it is told in words. */
export const soon = (until: string, now: string) => Date.parse(until) - Date.parse(now) < 3_600_000;

/** Minutes and seconds until a moment, by the server's clock. Calls back once when the time is up. */
export function Countdown({
  until,
  now,
  label,
  onOver,
  dark = false,
}: {
  until: string;
  now: string;
  label: string;
  onOver?: () => void;
  dark?: boolean;
}) {
  const [left, setLeft] = useState(() => Date.parse(until) - Date.parse(now));
  const over = useRef(onOver);
  useEffect(() => {
    over.current = onOver;
  });
  useEffect(() => {
    // the difference of two server times, counted on with this machine's steady clock
    const atStart = Date.parse(until) - Date.parse(now);
    const start = performance.now();
    let called = false;
    const tick = () => {
      const remaining = atStart - (performance.now() - start);
      setLeft(remaining);
      if (remaining <= 0 && !called) {
        called = true;
        over.current?.();
      }
    };
    tick();
    const timer = setInterval(tick, 500);
    return () => clearInterval(timer);
  }, [until, now]);
  const seconds = Math.max(0, Math.ceil(left / 1000));
  const text = `${Math.floor(seconds / 60)}:${String(seconds % 60).padStart(2, "0")}`;
  return (
    <span
      role="timer"
      className={`rounded-md px-3 whitespace-nowrap py-1.5 text-[16px] font-semibold ${dark ? "bg-[#2A3733] text-lamp-deep" : "bg-lamp text-ink"}`}
    >
      {label} {text}
    </span>
  );
}
