import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { plain } from "./clean";
import { corrected } from "./typos";

describe("slips of the pen", () => {
  it.each([
    ["recieves", "receives"],
    ["distored", "distorted"],
    ["intermitent", "intermittent"],
    ["recption", "reception"],
    ["volumne", "volume"],
    ["wistle", "whistle"],
    ["speeker", "speeker"],
    ["freqency", "frequency"],
    ["trasmit", "transmit"],
    ["singal", "signal"],
  ])("“%s” is “%s”", (typed, meant) => expect(corrected(typed)).toBe(meant));

  it.each(["basis", "chips", "quite", "sells", "tremble", "valve", "chirp", "rattle", "channels", "smoked"])(
    "“%s” is right as it is",
    (word) => expect(corrected(word)).toBe(word),
  );

  it("leaves what it has corrected as it is", () =>
    fc.assert(
      fc.property(fc.stringMatching(/^[a-z]{1,14}$/), (word) => {
        expect(corrected(corrected(word))).toBe(corrected(word));
      }),
    ));

  it("is put right in a whole sentence", () =>
    expect(plain("Recieves nothing, crakles on medum wave")).toBe("receives nothing, crackles on medium wave"));
});
