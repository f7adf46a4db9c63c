import { cleanup, screen, waitFor } from "@testing-library/react";
import { beforeEach, describe, expect, it } from "vitest";
import { field, openJob, press } from "../test/job";
import { sample, theServer } from "../test/server";

/** Answers nothing until it is told to. */
function silence(ending: string) {
  let silent = true;
  theServer.on(`POST /api/jobs/2/${ending}`, () =>
    silent ? Promise.reject(new TypeError("gone")) : { json: sample("turnstone") },
  );
  return () => {
    silent = false;
  };
}

const texts = () =>
  theServer.to("/readings").map((s) => /"text":"([^"]*)"/.exec(JSON.stringify(s.body))?.[1]);

beforeEach(() => sessionStorage.clear());

describe("an addition that nobody answers", () => {
  it("is sent again just as it was, however often it is pressed", async () => {
    const user = await openJob(2, "turnstone");
    const speak = silence("followed");
    await user.click(press(/^Turned/));
    await screen.findByText(/Barytone does not answer. One entry waits here/);
    await user.click(press(/^Turned/));
    await user.click(press("Send now"));
    await waitFor(() => expect(theServer.to("/followed")).toHaveLength(2));
    speak();
    await user.click(press("Send now"));
    await waitFor(() => expect(screen.queryByText(/does not answer/)).toBeNull());
    const sent = theServer.to("/followed").map((s) => s.body);
    expect(sent.length).toBeGreaterThan(2);
    expect(new Set(sent.map((body) => JSON.stringify(body))).size).toBe(1);
  });

  it("lets readings be typed on, and sends them in order", async () => {
    const user = await openJob(2, "turnstone");
    const speak = silence("readings");
    await user.keyboard("1.7{Enter}1.6{Enter}1.5{Enter}");
    await screen.findByText(/3 entries wait here/);
    expect(document.activeElement).toBe(field(/under string 3 G/));
    speak();
    await user.click(press("Send now"));
    await waitFor(() => expect(new Set(texts())).toEqual(new Set(["1.7", "1.6", "1.5"])));
    expect(texts().filter((t, i, all) => all.indexOf(t) === i)).toEqual(["1.7", "1.6", "1.5"]);
    await waitFor(() => expect(sessionStorage.length).toBe(0));
  });

  it("goes after the last entry that this window has seen, whatever is drawn", async () => {
    const user = await openJob(2, "turnstone");
    await user.keyboard("1.7{Enter}");
    await waitFor(() => expect(theServer.to("/readings")).toHaveLength(1));
    // an answer from before that entry
    await user.keyboard("{Escape}");
    await user.click(screen.getByRole("radio", { name: "thou" }));
    await user.click(field(/under string 5 A/));
    await user.keyboard("66{Enter}");
    await waitFor(() => expect(theServer.to("/readings")).toHaveLength(2));
    expect(theServer.to("/readings")[1]?.body).toMatchObject({ after: 999 });
  });

  it("waits, with the reason, while the disk takes nothing", async () => {
    const user = await openJob(2, "turnstone");
    let full = true;
    theServer.on("POST /api/jobs/2/readings", () =>
      full
        ? theServer.problem(507, "The disk is full. Make room.", "storage")
        : { json: sample("turnstone") },
    );
    await user.keyboard("1.7{Enter}");
    await screen.findByText(/^The disk is full. Make room. One entry waits here/);
    full = false;
    await user.click(press("Send now"));
    await waitFor(() => expect(screen.queryByText(/waits here/)).toBeNull());
    expect(new Set(texts())).toEqual(new Set(["1.7"]));
  });

  it("is kept where the next page finds it, which sends it as it was", async () => {
    const user = await openJob(2, "turnstone");
    silence("readings");
    await user.keyboard("1.7{Enter}");
    await screen.findByText(/does not answer/);
    const kept = sessionStorage.getItem("barytone-outbox-2") ?? "";
    const before = theServer.to("/readings")[0]?.body;
    await user.click(press("Do not send"));
    cleanup();
    theServer.forget();
    // another page, with what the first one left
    sessionStorage.setItem("barytone-outbox-2", kept);
    await openJob(2, "turnstone");
    await screen.findByText(/One entry made before this page was loaded again is on the tape/);
    expect(theServer.to("/readings").map((s) => s.body)).toEqual([before]);
    expect(sessionStorage.getItem("barytone-outbox-2")).toBeNull();
  });

  it("of an earlier page is said to be lost when it is refused", async () => {
    const letter = {
      key: "k",
      url: "/api/jobs/2/readings?unit=mm",
      body: { text: "1.7" },
      after: 3,
    };
    sessionStorage.setItem("barytone-outbox-2", JSON.stringify([letter]));
    theServer.on(
      "POST /api/jobs/2/readings",
      theServer.problem(409, "Another window was faster.", "changed-meanwhile"),
    );
    await openJob(2, "turnstone", false);
    await screen.findByText(/“1.7”, made before the page was loaded again, was not kept/);
    expect(sessionStorage.getItem("barytone-outbox-2")).toBeNull();
  });

  it("is given up on demand with all that waits behind it, and what was typed is back in its row", async () => {
    const user = await openJob(2, "turnstone");
    silence("readings");
    await user.keyboard("1.7{Enter}1.6{Enter}");
    await screen.findByText(/2 entries wait here/);
    await user.click(press("Do not send"));
    await waitFor(() =>
      expect(screen.getAllByText(/It may be on the tape: look there first/)).toHaveLength(2),
    );
    expect(field(/under string 6 E/).value).toBe("1.7");
    expect(field(/under string 5 A/).value).toBe("1.6");
    expect(screen.queryByText(/wait here|waits here/)).toBeNull();
    expect(sessionStorage.getItem("barytone-outbox-2")).toBeNull();
    // the second was never sent
    expect(texts()).not.toContain("1.6");
  });
});
