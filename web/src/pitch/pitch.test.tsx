import { renderToStaticMarkup } from "react-dom/server";
import { describe, expect, it } from "vitest";
import { troubleOf } from "./ear";
import { Ruler } from "./Ruler";
import { LastSeconds } from "./wav";

const ramp = (from: number, count: number): Float32Array =>
  Float32Array.from({ length: count }, (_, i) => from + i);

const samplesOf = async (
  wav: Blob,
): Promise<{ rate: number; format: number; values: number[] }> => {
  const view = new DataView(await wav.arrayBuffer());
  const count = view.getUint32(40, true) / 4;
  return {
    rate: view.getUint32(24, true),
    format: view.getUint16(20, true),
    values: Array.from({ length: count }, (_, i) => view.getFloat32(44 + 4 * i, true)),
  };
};

describe("the last seconds of sound", () => {
  it("keep their order while blocks come in, and only the newest", async () => {
    const last = new LastSeconds(10, 1);
    last.add(ramp(0, 4));
    expect((await samplesOf(last.wav())).values).toEqual([0, 1, 2, 3]);
    last.add(ramp(4, 4));
    last.add(ramp(8, 4));
    expect((await samplesOf(last.wav())).values).toEqual([2, 3, 4, 5, 6, 7, 8, 9, 10, 11]);
    last.add(ramp(100, 25));
    expect((await samplesOf(last.wav())).values).toEqual([...ramp(115, 10)]);
    last.clear();
    for (let i = 0; i < 4; i++) last.add(ramp(3 * i, 3));
    expect((await samplesOf(last.wav())).values).toEqual([...ramp(2, 10)]);
  });
  it("are written as float samples at their own rate, and forgotten when cleared", async () => {
    const last = new LastSeconds(44_100, 1);
    last.add(ramp(0, 128));
    expect(await samplesOf(last.wav())).toMatchObject({ rate: 44_100, format: 3 });
    last.clear();
    expect(last.seconds).toBe(0);
    expect((await samplesOf(last.wav())).values).toEqual([]);
  });
});

const ruler = (cents: number | null, trace: { ago: number; cents: number }[] = []) =>
  renderToStaticMarkup(
    <Ruler
      cents={cents}
      tolerance={1.5}
      steady
      inTune={false}
      trace={trace}
      label="Ruler of cents"
    />,
  );

describe("the ruler of cents", () => {
  it("shows nothing where nothing is heard", () => {
    expect(ruler(null)).not.toContain("<path");
    expect(ruler(null)).toContain("flat to the left, sharp to the right");
  });
  it("says by words when the pitch is beyond its ends", () => {
    expect(ruler(120)).toContain("farther ▸");
    expect(ruler(-120)).toContain("◂ farther");
    expect(ruler(12)).not.toContain("farther");
  });
  it("draws the trace of the last seconds", () => {
    expect(
      ruler(2, [
        { ago: 1, cents: 8 },
        { ago: 0.2, cents: 2 },
      ]),
    ).toContain("<polyline");
  });
});

describe("an input that cannot be heard", () => {
  it.each([
    ["NotAllowedError", "was not allowed to listen"],
    ["NotFoundError", "No microphone or audio interface was found"],
    ["NotReadableError", "in use by something else"],
    ["AbortError", "cannot be opened"],
  ])("%s is explained, with what else can be done", (name, told) => {
    const error = new Error("");
    error.name = name;
    expect(troubleOf(error)).toContain(told);
  });
});
