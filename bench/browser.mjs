// The headless browser of the scripts beside this file.
import { createRequire } from "node:module";
import { pathToFileURL } from "node:url";

const { chromium } = await import(
  pathToFileURL(createRequire(process.env.PLAYWRIGHT_HOME + "/").resolve("playwright-core")).href
).then((m) => m.default ?? m);
export const browser = await chromium.launch({
  executablePath: "/usr/bin/chromium",
  args: ["--no-sandbox", "--disable-gpu", "--disable-background-networking", "--disable-sync"],
});
