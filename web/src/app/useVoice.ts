import { useSyncExternalStore } from "react";
import { voice } from "./sounds";

/** Browsers find their voices some time after they are asked first. */
function onVoices(changed: () => void): () => void {
  if (typeof speechSynthesis === "undefined") return () => undefined;
  speechSynthesis.addEventListener("voiceschanged", changed);
  return () => speechSynthesis.removeEventListener("voiceschanged", changed);
}

/** A voice of this machine that works with no network; undefined where there is none. */
export function useVoice(): SpeechSynthesisVoice | undefined {
  return useSyncExternalStore(onVoices, voice);
}
