import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { placeIn, tidied } from "./tidy";

describe("a line as it would be typed with care", () => {
  it.each([
    ["C14  leaky   ->  47n/630", "C14 leaky -> 47n/630"],
    ["\tV4 plate\t232 ", "V4 plate 232"],
    ["C14 leaky→47n/630", "C14 leaky -> 47n/630"],
    ["C14 leaky=>47n/630", "C14 leaky -> 47n/630"],
    ["C14 leaky --> 47n/630", "C14 leaky -> 47n/630"],
    ["B+ 248 V.", "B+ 248 V"],
    ["C14 10 \u03bcF", "C14 10 µF"],
    ["R7 470 \u2126", "R7 470 Ω"],
    ["V4\u00a0plate 232", "V4 plate 232"],
  ])("“%s” is “%s”", (typed, careful) => expect(tidied(typed)).toBe(careful));

  it.each(["T2 primary O.L.", "note washers, nuts, etc.", "note It was wet. It is dry now.", "B+ …", ".", "B- 0"])(
    "“%s” stays",
    (line) => expect(tidied(line)).toBe(line),
  );

  it("is tidy once it is tidied", () =>
    fc.assert(
      fc.property(fc.stringMatching(/^[-a-z0-9 .>=→]{0,30}$/), (line) => {
        const once = tidied(line);
        expect(tidied(once)).toBe(once);
      }),
    ));
});

describe("a place in the line as it was typed", () => {
  it.each([
    ["C14   xyz", "xyz"],
    ["C14  leaky→zzz", "zzz"],
    ["  B+ 2x", "2x"],
  ])("in “%s” is found again at “%s”", (line, word) =>
    expect(line.slice(placeIn(line, tidied(line).indexOf(word)))).toBe(word),
  );

  it("is never outside of it", () =>
    fc.assert(
      fc.property(fc.string(), fc.nat(60), (line, at) => {
        const place = placeIn(line, at);
        expect(place).toBeGreaterThanOrEqual(0);
        expect(place).toBeLessThanOrEqual(line.length);
      }),
    ));
});
