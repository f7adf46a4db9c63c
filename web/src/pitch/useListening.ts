import { useState } from "react";
import { answer, api, type Schemas } from "../app/api";
import type { Plan } from "./plan";
import { useEar } from "./useEar";

export type Heard = Schemas["ListenView"];

/** Listens while the strings of a plan are tuned; what is taken is told. */
export function useListening(
  plan: Plan,
  only: number | null,
  taken: ReadonlyMap<number, string>,
  onTaken: (string: number, cents: string) => void,
) {
  const [heard, setHeard] = useState<Heard | null>(null);
  const ear = useEar(
    async (sound, { whole, fresh, wanted }) => {
      const told = await answer(
        api.POST("/api/listen", {
          params: {
            query: {
              ...plan,
              whole,
              fresh,
              taken: [...taken.keys()],
              ...(only === null ? {} : { string: only }),
            },
          },
          headers: { "Content-Type": "audio/wav" },
          body: "",
          bodySerializer: () => sound,
        }),
      );
      if (!wanted()) return null;
      setHeard(told);
      const takes = told.take && told.string !== undefined && told.centsText !== undefined;
      if (takes) onTaken(told.string ?? 0, told.centsText ?? "");
      return { fresh: told.fresh, taken: takes };
    },
    () => setHeard(null),
  );
  return {
    ...ear,
    heard,
    /** Plays a string of the stand-in, out of tune by some cents. */
    pluck: (frequency: number, cents: number, aloud: boolean) => {
      const query = new URLSearchParams({ frequency: String(frequency), cents: String(cents) });
      return ear.play(`/api/stand-in?${query.toString()}`, aloud);
    },
  };
}
