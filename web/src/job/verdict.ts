/** Sign and tone of a verdict; never the tone alone. */
export const VERDICT: Record<string, { sign: string; tone: string }> = {
  in: { sign: "✓", tone: "text-verdigris" },
  high: { sign: "▲", tone: "text-rust" },
  low: { sign: "▼", tone: "text-rust" },
  "cannot-tell": { sign: "?", tone: "text-ink" },
  stale: { sign: "…", tone: "text-mute" },
  unread: { sign: "", tone: "text-mute" },
};
