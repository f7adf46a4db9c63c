import createClient from "openapi-fetch";
import type { components, paths } from "../generated/api";

export type Schemas = components["schemas"];
export type JobView = Schemas["JobView"];
export type Unit = "mm" | "thou" | "in64";

export const api = createClient<paths>({ baseUrl: "" });

/** What the server answers when it does not do what was asked. */
export class Problem extends Error {
  readonly status: number;
  readonly code: string | undefined;

  constructor(status: number, detail: string, code?: string) {
    super(detail);
    this.status = status;
    this.code = code;
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
  throw new Problem(
    response.status,
    detail,
    typeof problem["code"] === "string" ? problem["code"] : undefined,
  );
}

/** Names a request, so that sent twice it is kept once. */
export function requestKey(): string {
  return crypto.randomUUID();
}
