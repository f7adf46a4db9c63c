// Works through a plain setup by keyboard in the real page, as an honest instrument answers, and counts what is pressed. The figure is one of use: how
// many keys lie between taking an instrument in and its card.
import { browser } from "./browser.mjs";

const [, , base] = process.argv;
const MOST_STEPS = 120;
/** A usual electric that has stood for a year: too much relief, three slots high, the action high. */
const FOUND = {
  relief: { 6: "0.36", 1: "0.32" },
  nut: { 6: "0.22", 5: "0.20", 4: "0.16", 3: "0.14", 2: "0.13", 1: "0.12" },
  action: { 6: "2.6", 5: "2.5", 4: "2.4", 3: "2.3", 2: "2.2", 1: "2.1" },
};

const page = await browser.newPage({ reducedMotion: "reduce", viewport: { width: 1280, height: 800 } });
const pressed = new Map();
let part = "intake";
const count = (n) => pressed.set(part, (pressed.get(part) ?? 0) + n);

async function press(key) {
  count(1);
  await page.keyboard.press(key);
}

async function type(text) {
  count([...text].length);
  await page.keyboard.type(text);
}

/** The job as the server has it, once the page shows it and the next move can be meant by a key. */
async function job() {
  const id = page.url().split("/").at(-1);
  for (;;) {
    const now = await (await fetch(`${base}api/jobs/${id}`)).json();
    const shown = await page.evaluate(() => ({ ...document.querySelector("main")?.dataset }));
    if (Number(shown.seq) === now.seq && shown.armed === shown.move) return now;
    await page.waitForTimeout(20);
  }
}

/** As a hand types it: neither the nought before the point nor those at the end. */
const asTyped = (text) => text.replace(/^0(?=\.)/, "").replace(/(\.\d*?)0+$/, "$1").replace(/\.$/, "") || "0";
const row = (now, station, string) =>
  asTyped(now[station].rows.find((one) => one.string === string)?.now ?? FOUND[station][string]);

/** To the reading that is asked for, unless the cursor stands there already. */
async function toReading(now) {
  const [string] = now.advice.strings;
  const label = await page.evaluate(() => document.activeElement?.getAttribute("aria-label") ?? "");
  if (!new RegExp(`string ${string}\\b`, "i").test(label) || !label.toLowerCase().includes(now.advice.station))
    await press("d");
}

/** One step of the work. @return whether the job is done */
async function step(now) {
  const { advice } = now;
  if (advice.kind === "done") return true;
  if (advice.kind === "settle") {
    await press("f");
    await press("Enter");
  } else if (advice.kind === "measure" && advice.station === "intonation") {
    await toReading(now);
    for (let i = 0; i < 2 * advice.strings.length; i++) {
      await type("0");
      await press("Enter");
    }
  } else if (advice.kind === "measure" && FOUND[advice.station] !== undefined) {
    await toReading(now);
    for (const string of advice.strings) {
      await type(row(now, advice.station, string));
      await press("Enter");
    }
  } else if (advice.kind === "measure" || advice.kind === "play") {
    await press("l");
  } else if (advice.kind === "measure-again") {
    await press("k");
  } else {
    await press("d");
  }
  return false;
}

await page.goto(base);
await page.getByText("Eider").first().waitFor();
await press("n");
await page.locator("input[role=combobox]:focus").waitFor();
await press("Tab");
await press("Tab");
await type("Electric Fulmar");
await press("Tab");
await type("Ferry Band");
await press("Enter");
await page.locator("[data-testid=headline]:not(:empty)").waitFor();

for (let steps = 0; steps < MOST_STEPS; steps++) {
  const now = await job();
  part = now.advice.kind === "measure" && now.advice.headline.startsWith("Read") ? "readings" : "moves and answers";
  if (process.env.KEYS_TOLD) console.log(now.advice.station, now.advice.kind, now.advice.headline);
  if (await step(now)) break;
  await page
    .waitForFunction((seq) => Number(document.querySelector("main")?.dataset.seq ?? 0) > seq, now.seq, { timeout: 5000 })
    .catch(() => console.log(`nothing recorded for: ${now.advice.headline}`));
}
part = "the end";
await job();
await press("c");
await page.getByRole("heading", { name: "Close the job" }).waitFor();
await press("Control+Enter");
await page.getByTestId("headline").filter({ hasText: /closed/i }).waitFor();

const all = [...pressed.values()].reduce((sum, n) => sum + n, 0);
console.log(`A plain setup of six saddles, as found to closed: ${all} keys`);
for (const [what, n] of pressed) console.log(`  ${what}: ${n}`);
await browser.close();
