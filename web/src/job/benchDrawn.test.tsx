import { renderToStaticMarkup } from "react-dom/server";
import { describe, expect, it } from "vitest";
import { StationRail } from "./StationRail";
import { CrossSection } from "../section/CrossSection";

const stations = [
  { key: "nut", number: 3, label: "Nut", note: "4 of 6 out", state: "open" },
  { key: "relief", number: 2, label: "Relief", note: "in band", state: "done" },
  { key: "action", number: 4, label: "Action", note: "6 of 6 out", state: "now" },
  { key: "frets", number: 5, label: "Frets", note: "2 notes sound wrong", state: "waiting" },
];

describe("the stations", () => {
  const html = renderToStaticMarkup(
    <StationRail stations={stations} open="action" waiting={() => 0} onOpen={() => undefined} />,
  );
  it("tell without colour which is done, which is next and how each stands", () => {
    expect(html).toContain("✓");
    expect(html).toContain("4 of 6 out");
    expect(html).toContain("2 notes sound wrong");
  });
  it("open by button", () => {
    const buttons = html.match(/<button/g) ?? [];
    expect(buttons.length).toBe(4);
  });
});

describe("the strings across the bridge", () => {
  const across = [1, 2].map((string) => ({
    string,
    name: string === 1 ? "e" : "B",
    z: string === 1 ? 10 : -10,
    board: 0,
    now: 3,
    low: 2.2,
    high: 2.6,
    after: 2.4,
    verdict: "high" as const,
  }));
  it("are read out with their verdicts and what each screw is asked for", () => {
    const html = renderToStaticMarkup(
      <CrossSection
        strings={across}
        leftHanded={false}
        chosen={1}
        blank={false}
        supports={[
          { name: "bass post", net: "as found", turned: false, z: -20, move: "1/4 turn down" },
        ]}
      />,
    );
    expect(html).toContain("1 e high");
    expect(html).toContain("bass post 1/4 turn down");
  });
});
