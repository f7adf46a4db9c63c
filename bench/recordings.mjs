// Sends recordings of single notes to a running Barytone, and counts what it hears. A recording lies in a folder that is named by how the note was played: clean, muted, buzz.
import { readdirSync, readFileSync } from "node:fs";
import { join } from "node:path";

const [, , base, folder] = process.argv;
if (base === undefined || folder === undefined)
  throw new Error("usage: node bench/recordings.mjs http://localhost:8640/ FOLDER");
for (const played of readdirSync(folder)) {
  const heard = { clean: 0, buzz: 0, choked: 0, unsure: 0 };
  const files = readdirSync(join(folder, played)).filter((file) => file.endsWith(".wav"));
  for (const file of files) {
    const answer = await fetch(new URL("/api/scratch/note", base), {
      method: "POST",
      headers: { "Content-Type": "audio/wav" },
      body: readFileSync(join(folder, played, file)),
    });
    const told = await answer.json();
    if (!answer.ok) throw new Error(`${file}: ${told.detail}`);
    heard[told.verdict]++;
    if (process.env.EACH) console.log(played, file, told.verdict, told.frequency?.toFixed(1) ?? "", told.ring.toFixed(2));
  }
  console.log(played, files.length, JSON.stringify(heard));
}
