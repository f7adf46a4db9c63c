import { renderToStaticMarkup } from "react-dom/server";
import { describe, expect, it } from "vitest";
import { Dial } from "../job/Dial";
import { Section } from "../section/Section";
import { SumPicture } from "../scratch/Pictures";
import { section } from "../test/section";
import { Countdown } from "./Countdown";
import { Fractions } from "./Fractions";

const turn = (clockwise: boolean) => ({
  sixteenths: 2,
  amount: "1/8",
  clockwise,
  seenFrom: "seen from the heel end",
  finishTightening: false,
});

const at = (until: string) =>
  renderToStaticMarkup(
    <Countdown until={until} now="2031-02-03T09:00:00Z" label="Neck settling" />,
  );

const relief = {
  kind: "relief",
  fret: 8,
  y0: -0.3,
  y1: 0,
  text: "0.30",
  label: "relief at 8",
  suffix: "mm",
  verdict: "high" as const,
};

const read = { ...section(0.3), stringKnown: false, dimensions: [relief] };

describe("what is drawn says what it shows", () => {
  it("sets fractions as fractions and leaves other numbers alone", () => {
    // the number stays on one line with its unit
    expect(renderToStaticMarkup(<Fractions text="Tighten 1/8 turn, 0.08 mm per 1/8" />)).toBe(
      'Tighten <span class="frac">1/8</span>\u00a0turn, 0.08\u00a0mm per <span class="frac">1/8</span>',
    );
  });

  it("turns the wrench the way it is told", () => {
    const clockwise = renderToStaticMarkup(<Dial turn={turn(true)} />);
    expect(clockwise).toContain("1/8 turn clockwise, seen from the heel end");
    // an eighth clockwise ends up right of the top, anticlockwise left of it
    expect(clockwise).toContain("0 0 1 29.6");
    expect(renderToStaticMarkup(<Dial turn={turn(false)} />)).toContain("0 0 0 -29.6");
  });

  it("reads the section out, with string, value and unit", () => {
    const drawn = renderToStaticMarkup(<Section section={read} />);
    expect(drawn).toContain(
      "Side view of the neck under string 6 E: relief 0.30 mm at fret 8, ▲ over.",
    );
    // the verdict is said with a sign and words, not by colour alone
    expect(drawn).toContain("▲ over");
    const unread = { ...read, dimensions: [], reliefKnown: false };
    expect(renderToStaticMarkup(<Section section={unread} />)).toContain("relief not read yet");
    // under an inner string the relief of the outer ones is drawn, and nothing is missing
    const inner = { ...read, string: 3, dimensions: [] };
    expect(renderToStaticMarkup(<Section section={inner} />)).not.toContain("relief not read yet");
  });

  it("counts down by the difference of two server times", () => {
    expect(at("2031-02-03T09:06:40Z")).toContain("Neck settling 6:40");
    expect(at("2031-02-03T08:59:00Z")).toContain("Neck settling 0:00");
  });

  it("names the thick end of a shim and marks notes that touch", () => {
    const shim = renderToStaticMarkup(
      <SumPicture
        picture={{ is: "shim", thickEnd: "body-edge", thickness: 0.4, length: 76 }}
        suffix="mm"
        readingText=""
      />,
    );
    expect(shim).toContain("thick at the body edge");
    const margins = renderToStaticMarkup(
      <SumPicture
        picture={{
          is: "margins",
          notes: [
            { fret: 0, margin: 0.2, hits: 1 },
            { fret: 1, margin: -0.1, hits: 4 },
          ],
        }}
        suffix="mm"
        readingText=""
      />,
    );
    expect(margins.match(/▼/g)).toHaveLength(1);
  });
});
