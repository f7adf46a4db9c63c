import type { JobView } from "../app/api";

/** The request header that says which page a window has, by its mark. */
export const HAS = "Barytone-Has";

/** The response header that says that the answer is what changed, and not the whole page. */
const CHANGES = "Barytone-Changes";

/** One change: a place, and what stands there now, what was put before what stands there, or that it is gone. */
interface Change {
  at: (string | number)[];
  to?: unknown;
  first?: unknown[];
  gone?: boolean;
}

type Branch = Record<string | number, unknown>;

function isBranch(value: unknown): value is Branch {
  return typeof value === "object" && value !== null;
}

function isChange(value: unknown): value is Change {
  return isBranch(value) && Array.isArray(value["at"]) && value["at"].length > 0;
}

/** A page with what changed since; the page itself stays as it is. */
export function changed(page: JobView, changes: unknown): JobView {
  if (!Array.isArray(changes) || !changes.every(isChange)) throw new Error("changes that are none");
  const now = structuredClone(page);
  for (const { at, to, first, gone } of changes) {
    let within: unknown = now;
    for (const step of at.slice(0, -1)) within = isBranch(within) ? within[step] : undefined;
    const last = at.at(-1);
    if (!isBranch(within) || last === undefined)
      throw new Error(`nothing stands at ${at.join(" ")}`);
    const old = within[last];
    if (gone === true) delete within[last];
    else if (first !== undefined)
      within[last] = [...first, ...(Array.isArray(old) ? (old as unknown[]) : [])];
    else within[last] = to;
  }
  return now;
}

/** The page of an answer, be it the whole or what changed of the page that was had. */
export async function pageOf(response: Response, had: JobView | undefined): Promise<JobView> {
  if (!response.headers.has(CHANGES)) {
    const whole: JobView = await response.json();
    return whole;
  }
  if (had === undefined) throw new Error("changes of a page that this window never had");
  return changed(had, await response.json());
}
