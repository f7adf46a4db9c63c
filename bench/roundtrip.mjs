// Measures a reading's round trip in the real page: from pressing Enter to the picture drawn anew.
// Usage: bench/roundtrip [runs]   (the script beside this file starts Barytone and hands over the address)
import { browser } from "./browser.mjs";

const [, , base, runsText = "40"] = process.argv;
const page = await browser.newPage({ reducedMotion: "reduce", viewport: { width: 1280, height: 800 } });
await page.goto(base);
await page.getByText("Eider").click();
await page.getByTestId("headline").waitFor();
const times = [];
for (let i = 0; i < Number(runsText); i++) {
  const text = (0.2 + (i % 2) * 0.02).toFixed(2);
  times.push(
    await page.evaluate(async (value) => {
      const field = document.querySelector("input[data-length-field]");
      const setter = Object.getOwnPropertyDescriptor(HTMLInputElement.prototype, "value").set;
      field.focus();
      setter.call(field, value);
      field.dispatchEvent(new Event("input", { bubbles: true }));
      await new Promise((r) => requestAnimationFrame(r));
      const lines = () => document.querySelectorAll("ol li time").length;
      const before = lines();
      const begin = performance.now();
      field.dispatchEvent(new KeyboardEvent("keydown", { key: "Enter", bubbles: true }));
      while (lines() === before && performance.now() - begin < 5000) await new Promise((r) => setTimeout(r, 1));
      await new Promise((r) => requestAnimationFrame(r));
      return performance.now() - begin;
    }, text),
  );
}
await browser.close();
times.splice(0, 5);
times.sort((a, b) => a - b);
const at = (share) => times[Math.min(times.length - 1, Math.floor(times.length * share))].toFixed(0);
console.log(`reading's round trip over ${times.length} readings: median ${at(0.5)} ms, nine in ten under ${at(0.9)} ms`);
