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
    // files apart from each other in one process: half the work of a process for each
    pool: "vmThreads",
    maxWorkers: 2,
    include: ["src/**/*.test.{ts,tsx}"],
    setupFiles: ["src/test/setup.ts"],
    testTimeout: 60_000,
  },
});
