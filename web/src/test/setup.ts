import { cleanup, configure } from "@testing-library/react";
import * as React from "react";
import { afterAll, afterEach, beforeEach, vi } from "vitest";
import { theServer } from "./server";

// React notes for an inspector where each element was made, ten thousand of them for each drawing: a tenth of all work
// here, where nobody inspects. It is told that it has noted them already.
const notes: unknown = Reflect.get(
  React,
  "__CLIENT_INTERNALS_DO_NOT_USE_OR_WARN_USERS_THEY_CANNOT_UPGRADE",
);
if (typeof notes === "object" && notes !== null)
  Object.defineProperty(notes, "recentlyCreatedOwnerStacks", {
    get: () => 1e4,
    set() {
      // what is counted stays counted
    },
  });

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

// how an element is styled is worked out through every style above it, for each name that is looked for; no style sheet is loaded
// here, so that only what an element says of itself could hide it
const unstyled = document.createElement("p").style;
if (document.defaultView !== null)
  document.defaultView.getComputedStyle = (element) =>
    element instanceof HTMLElement ? element.style : unstyled;

// files follow each other in one process: each finds the world as the first did
vi.stubGlobal("IS_REACT_ACT_ENVIRONMENT", true);
beforeEach(() => {
  localStorage.clear();
  sessionStorage.clear();
  history.replaceState(null, "", "/");
  theServer.forget();
});
afterEach(() => {
  cleanup();
  vi.useRealTimers();
  vi.restoreAllMocks();
});
afterAll(() => vi.unstubAllGlobals());
