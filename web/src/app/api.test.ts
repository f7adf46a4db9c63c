import { describe, expect, it } from "vitest";
import { answer, Problem, requestKey } from "./api";

const response = (status: number) => new Response(null, { status });

describe("an answer of the server", () => {
  it("is its data when all is well", async () => {
    expect(await answer(Promise.resolve({ data: { id: 3 }, response: response(200) }))).toEqual({
      id: 3,
    });
  });

  it("is the problem in the server's own words when it refuses", async () => {
    const refused = answer(
      Promise.resolve({
        error: { detail: "fret: given 0; allowed is 1 to 36.", code: "sure" },
        response: response(422),
      }),
    );
    await expect(refused).rejects.toMatchObject({
      message: "fret: given 0; allowed is 1 to 36.",
      status: 422,
      code: "sure",
    });
    await expect(refused).rejects.toBeInstanceOf(Problem);
  });

  it("says that nothing was saved when nobody answers", async () => {
    const silent = answer(Promise.reject(new TypeError("failed to fetch")));
    await expect(silent).rejects.toThrow("is not saved yet");
  });

  it("copes with an error that is no problem document", async () => {
    await expect(answer(Promise.resolve({ error: "oh", response: response(502) }))).rejects.toThrow(
      "502",
    );
  });

  it("names every request anew", () => {
    expect(requestKey()).not.toBe(requestKey());
  });
});
