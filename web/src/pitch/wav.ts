/** Keeps the last seconds of sound and writes them as a WAV file: 32-bit float, mono. */
export class LastSeconds {
  /** A ring: the next sample takes the place of the oldest. */
  private readonly samples: Float32Array;
  private next = 0;
  private filled = 0;
  readonly rate: number;

  constructor(rate: number, seconds: number) {
    this.rate = rate;
    this.samples = new Float32Array(Math.round(rate * seconds));
  }

  add(block: Float32Array) {
    const length = this.samples.length;
    const kept = block.subarray(Math.max(0, block.length - length));
    const toEnd = Math.min(kept.length, length - this.next);
    this.samples.set(kept.subarray(0, toEnd), this.next);
    this.samples.set(kept.subarray(toEnd), 0);
    this.next = (this.next + kept.length) % length;
    this.filled = Math.min(length, this.filled + kept.length);
  }

  get seconds(): number {
    return this.filled / this.rate;
  }

  clear() {
    this.filled = 0;
  }

  wav(): Blob {
    const length = this.samples.length;
    const first = (this.next - this.filled + length) % length;
    const toEnd = Math.min(this.filled, length - first);
    return wavOf(
      [this.samples.subarray(first, first + toEnd), this.samples.subarray(0, this.filled - toEnd)],
      this.rate,
    );
  }
}

const HEAD = 44;
const FLOAT = 3;

/** A WAV file of these samples, one part after the other. */
function wavOf(parts: readonly Float32Array[], rate: number): Blob {
  const samples = parts.reduce((sum, part) => sum + part.length, 0);
  const file = new ArrayBuffer(HEAD + samples * 4);
  const view = new DataView(file);
  const text = (at: number, word: string) =>
    Array.from(word, (letter, i) => view.setUint8(at + i, letter.charCodeAt(0)));
  text(0, "RIFF");
  view.setUint32(4, HEAD - 8 + samples * 4, true);
  text(8, "WAVEfmt ");
  view.setUint32(16, 16, true);
  view.setUint16(20, FLOAT, true);
  view.setUint16(22, 1, true);
  view.setUint32(24, rate, true);
  view.setUint32(28, rate * 4, true);
  view.setUint16(32, 4, true);
  view.setUint16(34, 32, true);
  text(36, "data");
  view.setUint32(40, samples * 4, true);
  // little-endian, as the file and every machine with a browser
  const body = new Float32Array(file, HEAD);
  let at = 0;
  for (const part of parts) {
    body.set(part, at);
    at += part.length;
  }
  return new Blob([file], { type: "audio/wav" });
}
