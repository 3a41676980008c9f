import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { fillLetter, LANGUAGES, LETTERS, placesIn, TEMPLATES } from ".";

describe("letters", () => {
  it("say the same places in every language", () => {
    for (const kind of LETTERS) {
      const places = LANGUAGES.map((language) => placesIn(TEMPLATES[kind][language].text).sort());
      for (const one of places) expect(one).toEqual(places[0]);
    }
  });

  it("leave out lines that nothing is known for", () => {
    const { subject, text } = fillLetter(TEMPLATES.ready.en, {
      owner: "Noor Haddad",
      set: "Promenade 56",
      job: "1189",
      done: "DK96 replaced",
      shop: "Saltmarsh Wireless Repair",
    });
    expect(subject).toBe("Your Promenade 56 is ready");
    expect(text).toBe(
      "Dear Noor Haddad,\n\nyour Promenade 56 (job 1189) is ready and can be collected.\n\nWhat was done: DK96 replaced\n\nKind regards\nSaltmarsh Wireless Repair",
    );
  });

  it("never have a brace left, nor two empty lines, whatever is known", () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...LETTERS),
        fc.constantFrom(...LANGUAGES),
        fc.dictionary(
          fc.constantFrom("owner", "set", "job", "done", "price", "shop", "due", "told"),
          fc.string({ maxLength: 20 }).filter((one) => !/[{}\n]/.test(one)),
        ),
        (kind, language, places) => {
          const { subject, text } = fillLetter(TEMPLATES[kind][language], places);
          expect(subject + text).not.toMatch(/[{}]/);
          expect(text).not.toContain("\n\n\n");
        },
      ),
    );
  });
});
