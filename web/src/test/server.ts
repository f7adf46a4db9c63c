const samples = import.meta.glob<string>("../../samples/*.json", {
  query: "?raw",
  import: "default",
  eager: true,
});

/** What the real server answers in the demo; a test of the server holds the samples to it. */
export function sample(name: string): string {
  const text = samples[`../../samples/${name}.json`];
  if (text === undefined) throw new Error(`no sample ${name}`);
  return text;
}

/** A request as the page sent it. */
export interface Sent {
  method: string;
  path: string;
  query: URLSearchParams;
  body: unknown;
}

/** What the server answers. */
export type Answer = { status?: number; json: string };
type Route = Answer | ((sent: Sent) => Answer | Promise<Answer>);

/** Stands in for the server: answers with samples and keeps what it was sent. */
class Server {
  private routes = new Map<string, Route>();
  sent: Sent[] = [];

  forget() {
    this.routes = new Map();
    this.sent = [];
  }

  /** Answers a method and path, `*` standing for the rest of it. */
  on(route: string, answer: Route) {
    this.routes.set(route, answer);
  }

  /** A job of the demo: its page, and every addition to it, which changes nothing but its sequence. */
  job(id: number, name: string, accepting = true) {
    const json = sample(name);
    this.on(`GET /api/jobs/${String(id)}`, { json });
    if (accepting)
      this.on(`POST /api/jobs/${String(id)}/*`, {
        json: json.replace(/"seq":(\d+),"now"/, '"seq":999,"now"'),
      });
    // no news from other windows
    this.on(`GET /api/jobs/${String(id)}/seq`, { json: '{"seq":0}' });
    this.on("GET /api/kinds", { json: sample("kinds") });
    this.on("GET /api/bridges", { json: sample("bridges") });
  }

  /** The problem that every refused request is answered with. */
  problem(status: number, detail: string, code?: string): Answer {
    return { status, json: JSON.stringify({ status, detail, code }) };
  }

  /** What was sent to a path that ends like this. */
  to(ending: string): Sent[] {
    return this.sent.filter((s) => s.method !== "GET" && s.path.endsWith(ending));
  }

  async answer(request: Request): Promise<Response> {
    const url = new URL(request.url, "http://bench/");
    const type = request.headers.get("Content-Type") ?? "";
    const sent: Sent = {
      method: request.method,
      path: url.pathname,
      query: url.searchParams,
      body: type.includes("json") && request.method !== "GET" ? await request.json() : null,
    };
    this.sent.push(sent);
    const key = `${sent.method} ${sent.path}`;
    const route =
      this.routes.get(key) ??
      [...this.routes].find(([r]) => r.endsWith("*") && key.startsWith(r.slice(0, -1)))?.[1];
    if (route === undefined) throw new Error(`nobody answers ${key}`);
    const answer = typeof route === "function" ? await route(sent) : route;
    return new Response(answer.json, {
      status: answer.status ?? 200,
      headers: { "Content-Type": "application/json" },
    });
  }
}

export const theServer = new Server();
