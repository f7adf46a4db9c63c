import { LastSeconds } from "./wav";

const SECONDS = 2.2;

/** Something that sounds: a microphone or interface, or the stand-in. */
export interface Ear {
  /** The last two seconds. */
  heard: LastSeconds;
  /** Plays a file into it, and aloud when asked. */
  play: (file: ArrayBuffer, aloud: boolean) => Promise<void>;
  close: () => void;
}

async function opened(
  onLost: () => void,
): Promise<{ context: AudioContext; node: AudioNode; ear: Ear }> {
  const context = new AudioContext({ sampleRate: 44_100 });
  await context.resume();
  await context.audioWorklet.addModule("/listener.js");
  const node = new AudioWorkletNode(context, "listener", { numberOfOutputs: 1 });
  const heard = new LastSeconds(context.sampleRate, SECONDS);
  node.port.addEventListener("message", (event: MessageEvent<Float32Array>) =>
    heard.add(event.data),
  );
  node.port.start();
  // without an end the sound thread may not pull it
  const mute = new GainNode(context, { gain: 0 });
  node.connect(mute).connect(context.destination);
  let closing = false;
  context.addEventListener("statechange", () => {
    if (context.state === "closed" && !closing) onLost();
  });
  let playing: AudioBufferSourceNode | null = null;
  return {
    context,
    node,
    ear: {
      heard,
      play: async (file, aloud) => {
        const buffer = await context.decodeAudioData(file);
        playing?.stop();
        // oxlint-disable-next-line unicorn/require-post-message-target-origin -- a port has no origin
        node.port.postMessage("anew");
        heard.clear();
        playing = new AudioBufferSourceNode(context, { buffer });
        playing.connect(node);
        if (aloud) playing.connect(context.destination);
        playing.start();
      },
      close: () => {
        closing = true;
        void context.close();
      },
    },
  };
}

/** Listens to nothing but what is played into it. */
export async function standIn(): Promise<Ear> {
  return (await opened(() => undefined)).ear;
}

/** Why the microphone cannot be heard, for the technician. */
export function troubleOf(error: unknown): string {
  const name = error instanceof Error ? error.name : "";
  switch (name) {
    case "NotAllowedError":
      return "The browser was not allowed to listen. Allow the microphone for this page, or use a WAV file or the stand-in.";
    case "NotFoundError":
    case "OverconstrainedError":
      return "No microphone or audio interface was found. Plug one in and choose it again, or use a WAV file or the stand-in.";
    case "NotReadableError":
      return "The input is in use by something else. Close that and choose it again.";
    default:
      return "The input cannot be opened. Choose another, or use a WAV file or the stand-in.";
  }
}

/**
 * Listens to a microphone or an audio interface, as it sounds: nothing is filtered or levelled.
 *
 * @param onLost when it is unplugged or taken away
 */
export async function microphone(device: string, onLost: () => void): Promise<Ear> {
  const stream = await navigator.mediaDevices.getUserMedia({
    audio: {
      ...(device === "" ? {} : { deviceId: { exact: device } }),
      echoCancellation: false,
      noiseSuppression: false,
      autoGainControl: false,
      channelCount: 1,
    },
  });
  const { context, node, ear } = await opened(onLost);
  context.createMediaStreamSource(stream).connect(node);
  for (const track of stream.getTracks()) track.addEventListener("ended", onLost);
  return {
    ...ear,
    close: () => {
      for (const track of stream.getTracks()) track.stop();
      ear.close();
    },
  };
}

/** The inputs that can be chosen; their names are told once listening was allowed. */
export async function inputs(): Promise<{ id: string; label: string }[]> {
  const devices = await navigator.mediaDevices.enumerateDevices();
  return devices
    .filter((d) => d.kind === "audioinput" && d.deviceId !== "")
    .map((d, i) => ({
      id: d.deviceId,
      label: d.label === "" ? `Input ${String(i + 1)}` : d.label,
    }));
}
