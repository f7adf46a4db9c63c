/** Keeps the last seconds of sound and writes them as a WAV file: 32-bit float, mono. */
export class LastSeconds {
  private readonly samples: Float32Array;
  private filled = 0;
  readonly rate: number;

  constructor(rate: number, seconds: number) {
    this.rate = rate;
    this.samples = new Float32Array(Math.round(rate * seconds));
  }

  add(block: Float32Array) {
    const keep = this.samples.length - block.length;
    if (keep <= 0) {
      this.samples.set(block.subarray(block.length - this.samples.length));
    } else {
      this.samples.copyWithin(0, block.length);
      this.samples.set(block, keep);
    }
    this.filled = Math.min(this.samples.length, this.filled + block.length);
  }

  get seconds(): number {
    return this.filled / this.rate;
  }

  clear() {
    this.filled = 0;
  }

  wav(): Blob {
    return wavOf(this.samples.subarray(this.samples.length - this.filled), this.rate);
  }
}

const HEAD = 44;
const FLOAT = 3;

/** A WAV file of these samples. */
export function wavOf(samples: Float32Array, rate: number): Blob {
  const bytes = samples.length * 4;
  const view = new DataView(new ArrayBuffer(HEAD + bytes));
  const text = (at: number, word: string) =>
    Array.from(word, (letter, i) => view.setUint8(at + i, letter.charCodeAt(0)));
  text(0, "RIFF");
  view.setUint32(4, HEAD - 8 + bytes, true);
  text(8, "WAVEfmt ");
  view.setUint32(16, 16, true);
  view.setUint16(20, FLOAT, true);
  view.setUint16(22, 1, true);
  view.setUint32(24, rate, true);
  view.setUint32(28, rate * 4, true);
  view.setUint16(32, 4, true);
  view.setUint16(34, 32, true);
  text(36, "data");
  view.setUint32(40, bytes, true);
  samples.forEach((s, i) => view.setFloat32(HEAD + i * 4, s, true));
  return new Blob([view], { type: "audio/wav" });
}
