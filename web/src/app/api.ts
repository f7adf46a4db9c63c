import createClient from "openapi-fetch";
import { hands } from "../day/wishes";
import type { components, paths } from "../generated/api";

export type Schemas = components["schemas"];
export type JobView = Schemas["JobView"];
export type Unit = "mm" | "thou" | "in64";

export const api = createClient<paths>({ baseUrl: "" });

// whose hands sent it: where several work, their times are learned apart
api.use({
  onRequest({ request }) {
    const name = hands();
    if (name !== "" && request.method !== "GET")
      request.headers.set("Barytone-Hands", encodeURIComponent(name));
    return request;
  },
});

/** What the server answers when it does not do what was asked. */
export class Problem extends Error {
  readonly status: number;
  readonly code: string | undefined;
  /** The station that it is about. */
  readonly station: string | undefined;
  /** What was probably meant, to be sent instead, and how that is spoken. */
  readonly meant: { text: string; spoken: string } | undefined;
  /** The field that it is about, by its name in the request. */
  readonly field: string | undefined;

  constructor(
    status: number,
    detail: string,
    code?: string,
    meant?: { text: string; spoken: string },
    station?: string,
    field?: string,
  ) {
    super(detail);
    this.status = status;
    this.code = code;
    this.meant = meant;
    this.station = station;
    this.field = field;
  }
}

function isRecord(value: unknown): value is Record<string, unknown> {
  return typeof value === "object" && value !== null;
}

/** Turns an answer into its data, or throws the problem in the server's own words. */
export async function answer<T>(
  request: Promise<{ data?: T; error?: unknown; response: Response }>,
): Promise<T> {
  let result;
  try {
    result = await request;
  } catch {
    throw new Problem(
      0,
      "Barytone does not answer. What was confirmed is safe; what stands here is not saved yet. Start Barytone again and press once more.",
    );
  }
  const { data, error, response } = result;
  if (response.ok && data !== undefined) return data;
  const problem = isRecord(error) ? error : {};
  const detail =
    typeof problem["detail"] === "string"
      ? problem["detail"]
      : `The server said ${response.status}.`;
  const { suggestion, suggested } = problem;
  throw new Problem(
    response.status,
    detail,
    typeof problem["code"] === "string" ? problem["code"] : undefined,
    typeof suggestion === "string" && typeof suggested === "string"
      ? { text: suggestion, spoken: suggested }
      : undefined,
    typeof problem["station"] === "string" ? problem["station"] : undefined,
    typeof problem["field"] === "string" ? problem["field"] : undefined,
  );
}

/** Names a request, so that sent twice it is kept once. */
export function requestKey(): string {
  return crypto.randomUUID();
}

/** What a failed request is told as, whatever failed. */
export function asProblem(error: unknown): Problem {
  return error instanceof Problem
    ? error
    : new Problem(0, error instanceof Error ? error.message : String(error));
}
