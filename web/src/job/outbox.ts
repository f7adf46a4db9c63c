import { api } from "../app/api";
import { HAS } from "./changes";

/** An addition to a job on its way: what it says is fixed when it is made, its place when it is first sent. */
export interface Letter {
  key: string;
  url: string;
  body: Record<string, unknown>;
  /** The place of the last entry that its window had seen when it was first sent. */
  after?: number;
}

/** How long to wait before a letter that nobody answered is sent again, ms. */
const PATIENCE = 2_000;

const NOBODY = "Barytone does not answer.";

/** Stands for a place that is not known yet: such a request is written down and not sent. */
const UNSENT = -1;

const written = new Map<string, Letter>();

function isRecord(value: unknown): value is Record<string, unknown> {
  return typeof value === "object" && value !== null;
}

api.use({
  async onRequest({ request }) {
    if (request.method !== "POST" || !request.url.includes("/api/jobs/")) return undefined;
    // a question at every frame, which adds nothing
    if (new URL(request.url).pathname.endsWith("/what-if")) return undefined;
    const sent: unknown = await request
      .clone()
      .json()
      .catch(() => null);
    if (!isRecord(sent) || sent["after"] !== UNSENT) return undefined;
    const { after: _, key, ...body } = sent;
    const url = new URL(request.url);
    written.set(String(key), { key: String(key), url: url.pathname + url.search, body });
    return new Response("{}", { headers: { "Content-Type": "application/json" } });
  },
});

/** Writes down what a request would send. */
export async function letterOf(
  key: string,
  request: (stamp: { after: number; key: string }) => Promise<unknown>,
): Promise<Letter> {
  await request({ after: UNSENT, key });
  const letter = written.get(key);
  if (letter === undefined) throw new Error("a request to a job without a body");
  written.delete(key);
  return letter;
}

/** The letters of one job that are not answered yet. They outlive the page's being loaded again, each window has its own. */
export class Outbox {
  private static readonly underWay = new Set<string>();
  private readonly name: string;
  private letters: Letter[];
  private wake: (() => void) | null = null;
  private readonly unwanted = new Set<string>();

  constructor(job: number) {
    this.name = `barytone-outbox-${String(job)}`;
    this.letters = Outbox.stored(this.name);
  }

  private static stored(name: string): Letter[] {
    try {
      const kept: unknown = JSON.parse(sessionStorage.getItem(name) ?? "[]");
      if (!Array.isArray(kept)) return [];
      return kept.filter(
        (l): l is Letter =>
          isRecord(l) && typeof l["key"] === "string" && typeof l["url"] === "string",
      );
    } catch {
      return [];
    }
  }

  /** What an earlier page left unanswered, and nobody is sending. */
  left(): Letter[] {
    return this.letters.filter((l) => !Outbox.underWay.has(l.key));
  }

  get waiting(): number {
    return this.letters.length;
  }

  keep(letter: Letter) {
    const known = this.letters.some((l) => l.key === letter.key);
    this.letters = known
      ? this.letters.map((l) => (l.key === letter.key ? letter : l))
      : [...this.letters, letter];
    Outbox.underWay.add(letter.key);
    this.store();
  }

  private drop(key: string) {
    this.letters = this.letters.filter((l) => l.key !== key);
    Outbox.underWay.delete(key);
    this.store();
  }

  private store() {
    try {
      if (this.letters.length === 0) sessionStorage.removeItem(this.name);
      else sessionStorage.setItem(this.name, JSON.stringify(this.letters));
    } catch {
      // a full or forbidden store: the letters are kept as long as the page
    }
  }

  /** Sends what waits at once. */
  hurry() {
    this.wake?.();
  }

  /** Sends nothing of all that waits now. */
  giveUp() {
    for (const letter of this.letters) this.unwanted.add(letter.key);
    this.wake?.();
  }

  /**
   * Sends a letter until it is answered, each time just as it was: the server keeps it once.
   *
   * @param place of the last entry seen, for its first sending
   * @param mark of the page that this window has, so that only what changed comes back
   * @param onSilence told why it waits, and with null when it does not any more
   * @returns the answer; null when it was given up
   */
  async deliver(
    letter: Letter,
    place: () => number,
    onSilence: (why: string | null) => void,
    mark?: string,
  ): Promise<Response | null> {
    const placed = { ...letter, after: letter.after ?? place() };
    this.keep(placed);
    let silent: string | null = null;
    while (!this.unwanted.has(letter.key)) {
      const answer = await this.sent(placed, mark);
      if (typeof answer !== "string") {
        this.drop(letter.key);
        if (silent !== null) onSilence(null);
        return answer;
      }
      silent = answer;
      onSilence(silent);
      await this.pause();
    }
    this.unwanted.delete(letter.key);
    this.drop(letter.key);
    onSilence(this.letters.length > 0 ? silent : null);
    return null;
  }

  /** The answer, or why there is none yet. */
  private async sent(
    { url, body, key, after }: Letter,
    mark: string | undefined,
  ): Promise<Response | string> {
    try {
      const answer = await fetch(url, {
        method: "POST",
        headers: {
          "Content-Type": "application/json",
          ...(mark === undefined ? {} : { [HAS]: mark }),
        },
        body: JSON.stringify({ ...body, after, key }),
      });
      // a disk that is full or locked for a while is as good as away
      if (answer.status !== 503 && answer.status !== 507) return answer;
      const problem: unknown = await answer.json().catch(() => null);
      return isRecord(problem) && typeof problem["detail"] === "string"
        ? problem["detail"]
        : NOBODY;
    } catch {
      return NOBODY;
    }
  }

  private pause(): Promise<void> {
    return new Promise((resolve) => {
      const timer = setTimeout(resolve, PATIENCE);
      this.wake = () => {
        clearTimeout(timer);
        resolve();
      };
    });
  }
}
