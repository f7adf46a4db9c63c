import type { ClientRequest } from "node:http";
import tailwindcss from "@tailwindcss/vite";
import react from "@vitejs/plugin-react";
import { defineConfig } from "vitest/config";

const api = `http://127.0.0.1:${process.env["BARYTONE_PORT"] ?? "8640"}`;

// the page comes from here and the answers from there: the server lets only its own page in, and is told of no other
const proxied = {
  target: api,
  configure: (proxy: { on: (event: "proxyReq", then: (request: ClientRequest) => void) => void }) =>
    proxy.on("proxyReq", (request) => request.removeHeader("origin")),
};

export default defineConfig({
  plugins: [react(), tailwindcss()],
  build: { outDir: "target/classes/static", emptyOutDir: true, assetsInlineLimit: 0 },
  server: { port: 5173, proxy: { "/api": proxied, "/v3": proxied } },
  test: {
    environment: "happy-dom",
    // one after the other in one world, which is put in order after each (src/test/setup.ts): what is loaded and compiled for
    // one is there for all, a third less work
    pool: "forks",
    isolate: false,
    // most of what is made is gone with its drawing: room for it makes collecting rare
    execArgv: ["--max-semi-space-size=64"],
    maxWorkers: 2,
    include: ["src/**/*.test.{ts,tsx}"],
    setupFiles: ["src/test/setup.ts"],
    testTimeout: 60_000,
  },
});
