// Takes in instruments by keyboard in the real page: how many keys are pressed, and how long the page keeps the technician waiting.
import { browser } from "./browser.mjs";

const [, , base] = process.argv;
/** Keys a practised two-finger typist presses in a second, and what it takes to look where one is before each field. */
const KEYS_A_SECOND = 3;
const LOOK_SECONDS = 1;

async function taken(title, fields, { until, said }) {
  const page = await browser.newPage({ reducedMotion: "reduce", viewport: { width: 1280, height: 800 } });
  await page.goto(base);
  await page.getByText("Eider").first().waitFor();
  let keys = 0;
  const begin = performance.now();
  for (const field of fields) {
    if (field.type !== undefined) {
      keys += [...field.type].length;
      await page.keyboard.type(field.type);
    }
    for (const key of field.press ?? []) {
      keys += 1;
      await page.keyboard.press(key);
    }
    if (field.see !== undefined) await page.locator(field.see).first().waitFor();
  }
  await page.locator(until).first().waitFor();
  const program = (performance.now() - begin) / 1000;
  const hands = keys / KEYS_A_SECOND + fields.length * LOOK_SECONDS;
  console.log(
    `${title}: ${keys} keys, ${program.toFixed(1)} s of program time; about ${Math.round(hands + program)} s with the hands of a two-finger typist (${said})`,
  );
  await page.close();
}

const JOB = "[data-testid=headline]:not(:empty)";
await taken(
  "a new player with a new flat-top, on the bench",
  [
    { press: ["n"], see: "input[role=combobox]:focus" },
    { press: ["Tab"] },
    { type: "fl", press: ["Tab"] },
    { type: "Flat-top Whimbrel", press: ["Tab"] },
    { type: "Quayside Quartet", press: ["Enter"] },
  ],
  { until: JOB, said: "name of 17 letters, player of 16" },
);
await taken(
  "the same with a complaint and a quick mark, up to the air",
  [
    { press: ["n"], see: "input[role=combobox]:focus" },
    { press: ["Tab"] },
    { type: "fl", press: ["Tab"] },
    { type: "Flat-top Dunlin", press: ["Tab"] },
    // past the touch and the five stations to the button that takes it in and looks it over
    { type: "Pier Trio", press: ["Tab", "Tab", "Tab", "Tab", "Tab", "Tab", "Tab", "Enter"], see: "textarea:focus" },
    { type: "Buzzes since the heating", press: ["Tab", "Tab", "Space"] },
    { press: ["Escape", "4"], see: "form[aria-label='Read the hygrometer']" },
    { press: ["Tab", "Tab"], type: "" },
  ],
  { until: "form[aria-label='Read the hygrometer']", said: "complaint of 24 letters" },
);
await taken(
  "a returning instrument, found by part of its name",
  [
    { press: ["n"], see: "input[role=combobox]:focus" },
    { type: "lapw", see: "[role=option]" },
    { press: ["ArrowDown", "Enter"], see: "section[aria-label='Last time']" },
    { press: [] },
  ],
  { until: "section[aria-label='Last time']", said: "up to last year's figures" },
);
await browser.close();
