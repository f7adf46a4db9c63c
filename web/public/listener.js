// Hands every block of sound to the page; runs in the sound thread.
class Listener extends AudioWorkletProcessor {
  process(inputs) {
    const channel = inputs[0]?.[0];
    // oxlint-disable-next-line unicorn/require-post-message-target-origin -- a port has no origin
    if (channel !== undefined) this.port.postMessage(channel.slice());
    return true;
  }
}
registerProcessor("listener", Listener);
