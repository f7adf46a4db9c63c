import { useState } from "react";

/** What was last known, for as long as nothing newer is: while a field is wrong the last right answer stays on screen. */
export function useLastGood<T>(now: T | undefined): T | undefined {
  const [last, setLast] = useState(now);
  if (now !== undefined && now !== last) setLast(now);
  return now ?? last;
}
