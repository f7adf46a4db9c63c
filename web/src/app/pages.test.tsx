import { QueryClient, QueryClientProvider } from "@tanstack/react-query";
import { createRoot } from "react-dom/client";
import { expect, it, vi } from "vitest";
import { sample, theServer } from "../test/server";
import { Pages } from "./Pages";
import { UnitProvider } from "./unit";

it("hears a key on the page that the key before it leads to", async () => {
  theServer.on("GET /api/bench", { json: sample("bench") });
  window.history.pushState({}, "", "/shop");
  // as in a browser: nothing is hurried on behind a key
  vi.stubGlobal("IS_REACT_ACT_ENVIRONMENT", false);
  const page = document.body.appendChild(document.createElement("div"));
  const root = createRoot(page);
  root.render(
    <QueryClientProvider client={new QueryClient()}>
      <UnitProvider>
        <Pages />
      </UnitProvider>
    </QueryClientProvider>,
  );
  await vi.waitFor(() => expect(page.textContent).not.toBe(""));
  for (const key of ["b", "r"]) {
    const event = new KeyboardEvent("keydown", { key });
    // what every browser tells while a key is being answered, and jsdom does not
    vi.stubGlobal("event", event);
    window.dispatchEvent(event);
    vi.stubGlobal("event", undefined);
    await Promise.resolve();
  }
  expect(window.location.pathname).toBe("/records");
  root.unmount();
  page.remove();
  vi.stubGlobal("IS_REACT_ACT_ENVIRONMENT", true);
});
