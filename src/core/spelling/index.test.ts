import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { corrector } from ".";

const KNOWN = new Set([
  "receives",
  "resistor",
  "transformer",
  "screen",
  "screens",
  "plate",
  "plates",
  "volume",
  "weak",
]);
const correct = corrector(KNOWN, (word) => word === "palate");

describe("a slip of the pen", () => {
  it.each([
    ["recieves", "receives", "two letters in the wrong order"],
    ["receivess", "receives", "one letter too many"],
    ["volme", "volume", "one letter forgotten"],
    ["tramsformer", "transformer", "a wrong letter in a long word"],
    ["transofrmer", "transformer", "two letters of a long word in the wrong order"],
  ])("“%s” is “%s”: %s", (typed, meant) => expect(correct(typed)).toBe(meant));

  it.each([
    ["palate", "is right, though one letter from a known word"],
    ["volime", "has a wrong letter, and is too short for that to be sure"],
    ["wek", "is too short"],
    ["screem", "may be another word altogether"],
    ["amplifier", "is nobody's neighbour"],
  ])("“%s” stays: it %s", (typed) => expect(correct(typed)).toBe(typed));

  it("stays where two known words would fit", () => {
    const two = corrector(new Set(["stations", "statics"]), () => false);
    expect(corrector(new Set(["heater", "healer"]), () => false)("heaer")).toBe("heaer");
    expect(two("statoins")).toBe("stations");
  });

  const any = fc.stringMatching(/^[a-z]{1,14}$/);
  it("is put right once and for all", () =>
    fc.assert(
      fc.property(any, (word) => {
        expect(correct(correct(word))).toBe(correct(word));
      }),
    ));
  it("never changes a word that is known", () => {
    for (const word of KNOWN) expect(correct(word)).toBe(word);
  });
  it("leads to a known word, or nowhere", () =>
    fc.assert(
      fc.property(any, (word) => {
        const meant = correct(word);
        expect(meant === word || KNOWN.has(meant)).toBe(true);
      }),
    ));
  it("of two letters that changed places in the middle of a word is undone", () =>
    fc.assert(
      fc.property(fc.constantFrom("receives", "resistor", "transformer"), fc.nat(8), (word, nth) => {
        const at = 1 + (nth % (word.length - 3));
        const typed = word.slice(0, at) + word.charAt(at + 1) + word.charAt(at) + word.slice(at + 2);
        expect(correct(typed)).toBe(word);
      }),
    ));
});
