import { useEffect, useRef, useState } from "react";
import { Problem } from "../app/api";
import { inputs, microphone, standIn, troubleOf, type Ear } from "./ear";

export type Source = "microphone" | "standIn";

const EVERY_MS = 280;
const ENOUGH_SECONDS = 0.6;

/** What is said of a sound: whether it was plucked anew, and whether it was taken. */
export interface Hearing {
  fresh: boolean;
  taken: boolean;
  /** Nothing more is wanted. */
  stop?: boolean;
}

/** How a sound came. */
export interface Given {
  /** A recording rather than the last moments. */
  whole: boolean;
  /** Nothing is to be taken before another pluck is heard: the last one may ring on. */
  fresh: boolean;
  source: Source | "file";
  /** Whether the answer is still wanted: not when listening was stopped meanwhile. */
  wanted: () => boolean;
}

/**
 * Listens to one source at a time and asks, a few times a second, what is heard. What is taken may ring on; until another pluck is heard nothing more
 * is taken.
 *
 * @param ask tells what is heard; null when the answer is not wanted any more
 * @param onStop listening has ended
 */
export function useEar(
  ask: (sound: Blob, given: Given) => Promise<Hearing | null>,
  onStop: () => void,
) {
  const [source, setSource] = useState<Source | null>(null);
  const [devices, setDevices] = useState<readonly { id: string; label: string }[]>([]);
  // of the input, until it is closed or another is chosen; and of the last asking, until one goes well
  const [inputTrouble, setInputTrouble] = useState<string | null>(null);
  const [askingTrouble, setAskingTrouble] = useState<string | null>(null);
  const ear = useRef<Ear | null>(null);
  // an ear that is still being opened when another is wanted, or none, is closed again
  const turn = useRef(0);
  const asking = useRef(false);
  const fresh = useRef(false);

  const stop = () => {
    turn.current++;
    ear.current?.close();
    ear.current = null;
    fresh.current = false;
    setSource(null);
    setAskingTrouble(null);
    setInputTrouble(null);
    onStop();
  };

  const hear = async (sound: Blob, whole: boolean) => {
    asking.current = true;
    const listenedTo = ear.current;
    try {
      const told = await ask(sound, {
        whole,
        fresh: fresh.current && !whole,
        source: whole ? "file" : (source ?? "standIn"),
        wanted: () => ear.current === listenedTo,
      });
      // an answer that comes after the listening was stopped is not wanted any more
      if (told === null || ear.current !== listenedTo) return;
      setAskingTrouble(null);
      if (told.fresh) fresh.current = false;
      if (!told.taken) return;
      fresh.current = !whole;
      ear.current?.heard.clear();
      if (told.stop === true) stop();
    } catch (error) {
      setAskingTrouble(error instanceof Problem ? error.message : "The sound could not be heard.");
    } finally {
      asking.current = false;
    }
  };
  const latest = useRef(hear);
  useEffect(() => {
    latest.current = hear;
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
      void hear(file, true);
    },
    /** Plays what the stand-in plays at an address. */
    play: async (address: string, aloud: boolean) => {
      if (source !== "standIn") await start("standIn");
      const file = await fetch(address).catch(() => null);
      if (file === null || !file.ok) {
        setInputTrouble("The stand-in cannot play that string: 20 to 1500 Hz is allowed.");
        return;
      }
      fresh.current = false;
      await ear.current?.play(await file.arrayBuffer(), aloud);
    },
  };
}
