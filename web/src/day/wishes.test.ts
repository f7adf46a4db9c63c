import { afterEach, describe, expect, it, vi } from "vitest";
import { api } from "../app/api";
import { keepHands, keepNotice, wantsNotice } from "./wishes";

afterEach(() => {
  localStorage.clear();
  vi.unstubAllGlobals();
});

function browser(permission: NotificationPermission) {
  const asked = vi.fn(() => permission);
  vi.stubGlobal("Notification", {
    get permission() {
      return asked();
    },
    requestPermission: () => Promise.resolve(permission),
  });
  return asked;
}

describe("notices of the browser", () => {
  it("are not asked for while nobody wants them: the answer comes from another process", () => {
    const asked = browser("granted");
    expect(wantsNotice()).toBe(false);
    expect(asked).not.toHaveBeenCalled();
  });

  it("are given where they were wanted and are still allowed", async () => {
    browser("granted");
    expect(await keepNotice(true)).toBe(true);
    expect(wantsNotice()).toBe(true);
    browser("denied");
    expect(wantsNotice()).toBe(false);
  });

  it("stay off where the browser says no", async () => {
    browser("denied");
    expect(await keepNotice(true)).toBe(false);
    expect(wantsNotice()).toBe(false);
  });
});

describe("whose hands work here", () => {
  it("is said with what is sent, whatever letters a name has, and not with what is asked", async () => {
    const sent: Request[] = [];
    vi.stubGlobal("fetch", (request: Request) => {
      sent.push(request);
      return Promise.resolve(Response.json({}));
    });
    keepHands(" Ødd ");
    await api.GET("/api/day", { baseUrl: "http://bench", fetch });
    await api.POST("/api/jobs/{id}/notes", {
      baseUrl: "http://bench",
      fetch,
      params: { path: { id: 1 } },
      body: { after: 1, key: "k", text: "looked at" },
    });
    expect(sent.map((one) => one.headers.get("Barytone-Hands"))).toEqual([null, "%C3%98dd"]);
  });
});
