import { useEffect, useRef, useState } from "react";
import { answer, api, Problem, type Schemas } from "../app/api";
import { inputs, microphone, standIn, troubleOf, type Ear } from "./ear";
import type { Plan } from "./plan";

export type Heard = Schemas["ListenView"];
export type Source = "microphone" | "standIn";

const EVERY_MS = 280;
const ENOUGH_SECONDS = 0.6;

/**
 * Listens to one source at a time and asks, a few times a second, what is heard. A string that is taken may ring on; until another pluck is
 * heard nothing more is taken.
 */
export function useListening(
  plan: Plan,
  only: number | null,
  taken: ReadonlyMap<number, string>,
  onTaken: (string: number, cents: string) => void,
) {
  const [source, setSource] = useState<Source | null>(null);
  const [devices, setDevices] = useState<readonly { id: string; label: string }[]>([]);
  const [heard, setHeard] = useState<Heard | null>(null);
  // of the input, until it is closed or another is chosen; and of the last asking, until one goes well
  const [inputTrouble, setInputTrouble] = useState<string | null>(null);
  const [askingTrouble, setAskingTrouble] = useState<string | null>(null);
  const ear = useRef<Ear | null>(null);
  // an ear that is still being opened when another is wanted, or none, is closed again
  const turn = useRef(0);
  const asking = useRef(false);
  const fresh = useRef(false);

  const ask = async (sound: Blob, whole: boolean) => {
    asking.current = true;
    const listenedTo = ear.current;
    try {
      const told = await answer(
        api.POST("/api/listen", {
          params: {
            query: {
              ...plan,
              whole,
              fresh: fresh.current && !whole,
              taken: [...taken.keys()],
              ...(only === null ? {} : { string: only }),
            },
          },
          headers: { "Content-Type": "audio/wav" },
          body: "",
          bodySerializer: () => sound,
        }),
      );
      // an answer that comes after the listening was stopped is not wanted any more
      if (ear.current !== listenedTo) return;
      setAskingTrouble(null);
      setHeard(told);
      if (told.fresh) fresh.current = false;
      if (!told.take || told.string === undefined || told.centsText === undefined) return;
      fresh.current = !whole;
      ear.current?.heard.clear();
      onTaken(told.string, told.centsText);
    } catch (error) {
      setAskingTrouble(error instanceof Problem ? error.message : "The sound could not be heard.");
    } finally {
      asking.current = false;
    }
  };
  const latest = useRef(ask);
  useEffect(() => {
    latest.current = ask;
  });
  useEffect(() => {
    if (source === null) return;
    const timer = setInterval(() => {
      const now = ear.current;
      if (now === null || asking.current || now.heard.seconds < ENOUGH_SECONDS) return;
      void latest.current(now.heard.wav(), false);
    }, EVERY_MS);
    return () => clearInterval(timer);
  }, [source]);

  const stop = () => {
    turn.current++;
    ear.current?.close();
    ear.current = null;
    fresh.current = false;
    setSource(null);
    setHeard(null);
    setAskingTrouble(null);
    setInputTrouble(null);
  };
  useEffect(
    () => () => {
      turn.current++;
      ear.current?.close();
    },
    [],
  );
  const start = async (wanted: Source, device = "") => {
    stop();
    const mine = turn.current;
    try {
      const opened =
        wanted === "standIn"
          ? await standIn()
          : await microphone(device, () => {
              stop();
              setInputTrouble(
                "The input went away. What was taken stays; plug it in and listen again.",
              );
            });
      if (turn.current !== mine) {
        opened.close();
        return;
      }
      ear.current = opened;
      setSource(wanted);
      if (wanted === "microphone") setDevices(await inputs());
    } catch (error) {
      if (turn.current === mine) setInputTrouble(troubleOf(error));
    }
  };
  return {
    source,
    devices,
    heard,
    trouble: inputTrouble ?? askingTrouble,
    dismiss: () => {
      setInputTrouble(null);
      setAskingTrouble(null);
    },
    start,
    stop,
    /** Hears a recording instead. */
    hearFile: (file: Blob) => {
      stop();
      void ask(file, true);
    },
    /** Plays a string of the stand-in, out of tune by some cents. */
    pluck: async (frequency: number, cents: number, aloud: boolean) => {
      if (source !== "standIn") await start("standIn");
      const query = new URLSearchParams({ frequency: String(frequency), cents: String(cents) });
      const file = await fetch(`/api/stand-in?${query.toString()}`).catch(() => null);
      if (file === null || !file.ok) {
        setInputTrouble("The stand-in cannot play that string: 20 to 1500 Hz is allowed.");
        return;
      }
      fresh.current = false;
      await ear.current?.play(await file.arrayBuffer(), aloud);
    },
  };
}
