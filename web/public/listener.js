// Hands the sound to the page, some forty times a second, not once for each of the 344 blocks; runs in the sound thread.
const SAMPLES = 1024;

class Listener extends AudioWorkletProcessor {
  constructor() {
    super();
    this.sound = new Float32Array(SAMPLES);
    this.filled = 0;
    // another sound begins: what is left of the last one is no part of it
    this.port.addEventListener("message", () => (this.filled = 0));
    this.port.start();
  }

  handOver() {
    if (this.filled === 0) return;
    // oxlint-disable-next-line unicorn/require-post-message-target-origin -- a port has no origin
    this.port.postMessage(this.sound.slice(0, this.filled));
    this.filled = 0;
  }

  process(inputs) {
    const channel = inputs[0]?.[0];
    // nothing is connected any more
    if (channel === undefined) this.handOver();
    else {
      if (this.filled + channel.length > SAMPLES) this.handOver();
      this.sound.set(channel, this.filled);
      this.filled += channel.length;
    }
    return true;
  }
}
registerProcessor("listener", Listener);
