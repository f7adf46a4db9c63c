import { describe, expect, it } from "vitest";
import { marksDrawn } from "../arrival/Marks";
import { svgFile } from "./svgFile";

function drawn(viewBox: string, inside: string): SVGSVGElement {
  const holder = document.createElement("div");
  holder.innerHTML = `<svg viewBox="${viewBox}">${inside}</svg>`;
  const svg = holder.querySelector("svg");
  if (svg === null) throw new Error("no svg");
  const [x = 0, y = 0, width = 0, height = 0] = viewBox.split(" ").map(Number);
  // the browser reads it from the attribute
  Object.defineProperty(svg, "viewBox", { value: { baseVal: { x, y, width, height } } });
  return svg;
}

describe("a drawing as a file", () => {
  it("stands below the one before it, with its words, as one whole picture", () => {
    const file = svgFile([
      { svg: drawn("0 0 100 40", '<rect width="3"></rect>'), label: "Relief < 0.2 & fine" },
      { svg: drawn("0 0 120 50", "<path></path>"), label: "Nut" },
    ]);
    const read = new DOMParser().parseFromString(file, "image/svg+xml").documentElement;
    expect(read.getAttribute("viewBox")).toBe("0 0 120 154");
    expect(file).toContain("Relief &lt; 0.2 &amp; fine");
    expect(file.match(/<svg /g)).toHaveLength(3);
    expect(file.indexOf('y="98"')).toBeGreaterThan(file.indexOf('y="26"'));
  });

  it("has the marks of its side, what stops the job as a triangle", () => {
    const mark = { event: 4, note: "", kind: "crack", text: 'crack, 4" long' } as const;
    const over = marksDrawn(
      [
        { ...mark, side: "front", x: 0.5, y: 0.5, stops: true },
        { ...mark, side: "back", x: 0.5, y: 0.5, stops: true, text: "behind" },
        { ...mark, side: "front", x: 0.25, y: 0.5, stops: false, text: "dent" },
      ],
      "front",
    );
    expect(over).toContain("crack, 4&quot; long");
    expect(over).not.toContain("behind");
    expect(over).toContain("M640,189 l11,20 h-22Z");
    expect(over).toContain("M320,190 l10,10");
  });
});
