// Takes hold of the saddle on the section of a job and moves it for some seconds: frames, drawings that followed the hand, and how long an answer takes.
import { browser } from "./browser.mjs";

const [, , base] = process.argv;
const SECONDS = 5;
const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
await page.goto(new URL("/jobs/31/what-if", base).href);
await page.locator("[data-handle=saddle]").waitFor();
await page.waitForTimeout(500);
const told = await page.evaluate(async (seconds) => {
  const handle = document.querySelector("[data-handle=saddle]");
  performance.setResourceTimingBufferSize(5000);
  const box = handle.getBoundingClientRect();
  const at = { x: box.x + box.width / 2, y: box.y + box.height / 2 };
  const send = (type, y) =>
    handle.dispatchEvent(
      new PointerEvent(type, {
        bubbles: true,
        button: 0,
        buttons: 1,
        pointerId: 1,
        isPrimary: true,
        clientX: at.x,
        clientY: y,
      }),
    );
  handle.setPointerCapture = () => undefined;
  send("pointerdown", at.y);
  let frames = 0;
  let drawings = 0;
  let longest = 0;
  let last = performance.now();
  let before = handle.getAttribute("transform");
  const begin = last;
  while (performance.now() - begin < seconds * 1000) {
    await new Promise((done) => requestAnimationFrame(done));
    const now = performance.now();
    longest = Math.max(longest, now - last);
    last = now;
    frames++;
    const place = handle.getAttribute("transform");
    if (place !== before) drawings++;
    before = place;
    // up and down at an even pace, for at rest there is nothing to follow
    const way = ((now - begin) / 1000) % 2;
    send("pointermove", at.y + 50 * (way < 1 ? way : 2 - way));
  }
  send("pointerup", at.y);
  const took = (performance.now() - begin) / 1000;
  const answers = performance
    .getEntriesByType("resource")
    .filter(
      (entry) => entry.name.includes("/what-if") && entry.startTime >= begin,
    )
    .map((entry) => entry.duration)
    .sort((a, b) => a - b);
  return {
    frames: frames / took,
    drawings: drawings / took,
    longest,
    answers: answers.length / took,
    median: answers[Math.floor(answers.length / 2)],
    late: answers[Math.floor(answers.length * 0.95)],
  };
}, SECONDS);
const figure = (n) => n.toFixed(1);
console.log(
  `${figure(told.frames)} frames a second, the longest ${figure(told.longest)} ms; the drawing followed ${figure(told.drawings)} times a second; ` +
    `${figure(told.answers)} answers a second, median ${figure(told.median)} ms, 95 % ${figure(told.late)} ms`,
);
await browser.close();
