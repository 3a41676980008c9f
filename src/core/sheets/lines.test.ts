import { describe, expect, it } from "vitest";
import { readSheet, readSheetCsv, sheetCsv, SHIPPED, textsOf, type TestSheet } from ".";

const sheet = (key: string) => SHIPPED.find((one) => one.key === key) as TestSheet;
const read = (key: string, change: (texts: ReturnType<typeof textsOf>) => void) => {
  const texts = textsOf(sheet(key));
  texts.name = "Ours";
  change(texts);
  return readSheet(sheet(key), "ours", texts);
};

describe("a shop's own sheet", () => {
  it.each(SHIPPED.map((one) => [one.key]))("is a copy of %s that says the same, by the grid and by CSV", (key) => {
    const same = read(key, () => {});
    const { key: _k, name: _n, ...rest } = sheet(key);
    expect(same).toEqual({ ok: true, sheet: { ...rest, key: "ours", name: "Ours" }, gone: [] });
    const texts = textsOf(sheet(key));
    expect(readSheetCsv(sheetCsv(texts))).toEqual({ texts, strange: [] });
  });
  it("has rows, columns and limits of its own", () => {
    const changed = read("transmitter", (texts) => {
      texts.rows = [
        ["160 m", "AM"],
        ["", ""],
        ["80 m", "AM"],
      ];
      texts.columns.push({ name: "Heater volts", quantity: "ac-voltage", unit: "V", word: "vf", choices: "" });
      texts.limits.push({ column: "Output", sense: "at least", value: "50", row: "80 m, AM" });
      texts.limits.push({ column: "Efficiency", sense: "at least", value: "45 %", row: "" });
    });
    if (!changed.ok) throw new Error(changed.problems.join());
    expect(changed.sheet.rows).toEqual([
      ["160 m", "AM"],
      ["80 m", "AM"],
    ]);
    expect(changed.sheet.columns.at(-1)).toMatchObject({ key: "heater-volts", word: "vf" });
    expect(changed.sheet.limits).toEqual([
      { column: "output", sense: "at-least", text: "50", value: 50, row: "80 m, AM" },
      { column: "efficiency", sense: "at-least", text: "45 %", value: 0.45 },
    ]);
  });
  it("loses what is worked out from a column that was taken away, and says so", () => {
    const changed = read("transmitter", (texts) => {
      texts.columns = texts.columns.filter(({ name }) => name !== "Drive");
    });
    expect(changed).toMatchObject({ ok: true, gone: ["Gain", "Heat a plate"] });
    const flat = read("response", (texts) => {
      texts.columns = [{ name: "Loudness", quantity: "number", unit: "", word: "l", choices: "" }];
    });
    expect(flat.ok && flat.sheet.curve).toBeUndefined();
  });
  it.each([
    [(texts: ReturnType<typeof textsOf>) => (texts.name = " "), "needs a name"],
    [(texts) => (texts.columns[0]!.quantity = "loudness"), "is none of"],
    [(texts) => (texts.columns[1]!.word = "drive"), "the word “drive”"],
    [(texts) => (texts.columns[1]!.word = "two words"), "has no spaces|no spaces"],
    [(texts) => (texts.columns = []), "one measured column at least"],
    [
      (texts) => texts.limits.push({ column: "Colour", sense: "at least", value: "5", row: "" }),
      "The limit of “Colour”",
    ],
    [
      (texts) => texts.limits.push({ column: "Output", sense: "at least", value: "much", row: "" }),
      "The limit of Output",
    ],
  ] as [(texts: ReturnType<typeof textsOf>) => unknown, string][])(
    "is refused with a sentence (%#)",
    (change, said) => {
      const changed = read("transmitter", (texts) => void change(texts));
      expect(changed.ok ? "" : changed.problems.join()).toMatch(new RegExp(said));
    },
  );
  it("names lines of a list that are of no kind it knows", () => {
    expect(readSheetCsv([["sheet", "Ours"], ["colour", "red"], [""]]).strange).toEqual(["colour"]);
  });
});
