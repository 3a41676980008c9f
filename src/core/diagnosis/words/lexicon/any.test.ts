import { describe, expect, it } from "vitest";
import { any } from "./any";

const whole = (pattern: RegExp, text: string) => pattern.exec(text)?.[0];

describe("a list of phrases", () => {
  const words = any`
    drift~ | fade~ | vary~
    (volume|tone) control | moves away
  `;
  it.each([
    ["it drifts", "drifts"],
    ["it drifted", "drifted"],
    ["drifting", "drifting"],
    ["fading out", "fading"],
    ["it faded", "faded"],
    ["it fades", "fades"],
    ["varies", "varies"],
    ["varying", "varying"],
    ["the tone control", "tone control"],
    ["it moves away", "moves away"],
  ])("finds in “%s” “%s”", (text, found) => expect(whole(words, text)).toBe(found));

  it.each(["driftwood", "facade", "variety", "volume", "away"])("finds nothing in “%s”", (text) =>
    expect(whole(words, text)).toBeUndefined(),
  );
});
