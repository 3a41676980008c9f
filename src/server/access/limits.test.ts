import { expect, it } from "vitest";
import { count, giveBack, waitWords } from "./limits";

it("counts tries that come all at once: no more of them pass than one after the other", async () => {
  const answers = await Promise.all(Array.from({ length: 50 }, () => count("sign-in", "10.0.0.1")));
  expect(answers.filter((wait) => wait === undefined)).toHaveLength(10);
  expect(answers.every((wait) => wait === undefined || (wait > 0 && wait <= 900))).toBe(true);
});

it("counts each address by itself, and each limit", async () => {
  for (let n = 0; n < 10; n += 1) await count("sign-in", "10.0.0.2");
  expect(await count("sign-in", "10.0.0.2")).toBeDefined();
  expect(await count("sign-in", "10.0.0.3")).toBeUndefined();
  expect(await count("sign-in-name", "10.0.0.2")).toBeUndefined();
});

it("does not count a right one, and does not forget the wrong ones before it", async () => {
  for (let n = 0; n < 9; n += 1) await count("sign-in", "10.0.0.4");
  for (let n = 0; n < 5; n += 1) {
    expect(await count("sign-in", "10.0.0.4")).toBeUndefined();
    await giveBack("sign-in", "10.0.0.4");
  }
  expect(await count("sign-in", "10.0.0.4")).toBeUndefined();
  expect(await count("sign-in", "10.0.0.4")).toBeDefined();
});

it("says how long to wait in seconds or minutes", () => {
  expect([waitWords(30), waitWords(90), waitWords(91), waitWords(900)]).toEqual([
    "30 seconds",
    "90 seconds",
    "2 minutes",
    "15 minutes",
  ]);
});
