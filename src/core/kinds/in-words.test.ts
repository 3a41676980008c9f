import { describe, expect, it } from "vitest";
import { FULL } from "../fixtures";
import type { Content, ContentKind } from "./entries";
import { inWords } from "./in-words";

/** Each filled field of an entry by its name, as it is shown before Enter and when it is corrected. */

const words = (kind: ContentKind, at = 0) => {
  const payload = FULL[kind][at];
  return Object.fromEntries(inWords({ kind, payload } as Content).map(({ field, text }) => [field, text]));
};

describe("an entry, field by field", () => {
  it("says what a step of a power-up is held against in words and units", () =>
    expect(words("power-step").expected).toBe(
      "full supply 232 V, full current 310 mA, B+ 240 V, highest inside 410 V, a tube rectifies, heaters 6.3 V",
    ));

  it("says what a part is judged against, how far it may be off, and its volts", () =>
    expect(words("component-test").against).toBe(
      "role coupling, nominal 50 nF, low −30 %, high 30 %, rated 400 V, in the set 150 V, next V4, school keep",
    ));

  it("gives a bare figure the unit of what is measured", () => {
    expect(words("reading").range).toBe("250 V");
    expect(words("aligned").loudest).toBe("1.502 MHz");
    expect(words("aligned").eighths).toBe("3/8 of a turn");
    expect(words("modification").taps).toBe("kind rail, at B+, low 200 V, high 300 V, draws 5 mA");
  });

  it("shows no name of the program's own, and no figure of more digits than anybody reads", () => {
    for (const kind of Object.keys(FULL) as ContentKind[])
      FULL[kind].forEach((_payload, at) => {
        for (const [field, text] of Object.entries(words(kind, at))) {
          // A fault is called by its id, which is no word of anybody's.
          if (kind === "finding" && field === "fault") continue;
          expect(text, `${kind} ${field}`).not.toMatch(/\b[a-z]{3,}[A-Z][a-z]{2,}/);
          expect(text, `${kind} ${field}`).not.toMatch(/\d[.,]\d{6,}|\de-?\d/);
        }
      });
  });
});
