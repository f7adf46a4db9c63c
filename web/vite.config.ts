import tailwindcss from "@tailwindcss/vite";
import react from "@vitejs/plugin-react";
import { defineConfig } from "vitest/config";

const api = `http://127.0.0.1:${process.env["BARYTONE_PORT"] ?? "8640"}`;

export default defineConfig({
  plugins: [react(), tailwindcss()],
  build: { outDir: "target/classes/static", emptyOutDir: true, assetsInlineLimit: 0 },
  server: { port: 5173, proxy: { "/api": api, "/v3": api } },
  test: {
    environment: "happy-dom",
    include: ["src/**/*.test.{ts,tsx}"],
    setupFiles: ["src/test/setup.ts"],
  },
});
