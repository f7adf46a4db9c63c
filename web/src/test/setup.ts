import { cleanup, configure } from "@testing-library/react";
import { afterEach, beforeEach, vi } from "vitest";
import { theServer } from "./server";

// whether something is hidden is worked out from every style above it, which takes most of the time
configure({
  defaultHidden: true,
  // what is waited for comes much sooner, unless the machine has other work
  asyncUtilTimeout: 20_000,
  getElementError: (message) => new Error(message ?? "not found"),
});

// in place before anything of the page is loaded: its client keeps the fetch that it finds
vi.stubGlobal("fetch", (request: Request | string, init?: RequestInit) =>
  theServer.answer(
    typeof request === "string" ? new Request(new URL(request, "http://bench/"), init) : request,
  ),
);

beforeEach(() => {
  localStorage.clear();
  theServer.forget();
});
afterEach(cleanup);
