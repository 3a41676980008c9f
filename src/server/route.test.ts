import { expect, it } from "vitest";
import { Stalled } from "./body";
import { route } from "./route";

it("answers a sender who stopped with a sentence; any other failure goes on to the log", async () => {
  const given = { params: Promise.resolve({}) };
  const asked = new Request("http://127.0.0.1/api/health");
  const stopped = route("GET /api/health", () => Promise.reject(new Stalled()));
  const answer = await stopped(asked, given);
  expect([answer.status, await answer.json()]).toEqual([
    408,
    { problems: [{ path: "", message: "What was sent stopped coming: nothing was changed. Try again." }] },
  ]);
  const broken = route("GET /api/health", () => {
    throw new Error("broken");
  });
  await expect(broken(asked, given)).rejects.toThrow("broken");
});
