import Papa from "papaparse";
import { describe, expect, it } from "vitest";
import { SHEET } from "@/core/fixtures";
import { rowsOf, writeTable } from "@/core/tables";
import { previewCsv, type PreviewInput } from "./preview";

const preview = (text: string, extra: Partial<PreviewInput> = {}) =>
  previewCsv({
    name: "parts",
    text,
    context: { dialect: "m-is-million" },
    before: SHEET.components,
    replace: false,
    ...extra,
  });

describe("the preview of a file", () => {
  it.each([
    ["commas", "designator,role,value\nC99,coupling,.1/400"],
    ["semicolons and decimal commas", "designator;role;value\nC99;coupling;0,1µ"],
    ["tabs, as a spreadsheet pastes them", "designator\trole\tvalue\nC99\tcoupling\t.1/400"],
    ["a byte order mark and the line ends of another system", "\ufeffdesignator;role;value\r\nC99;coupling;.1/400\r\n"],
    ["quotes", '"designator","role","value"\n"C99","coupling",".1/400"'],
  ])("reads %s", (_what, text) => {
    const { good, bad, rows, states } = preview(text);
    expect([good, bad, states]).toEqual([1, 0, ["new"]]);
    expect(rows[0]?.cells.value?.shown).toMatch(/^100 nF/);
  });

  it("says of each row what it does to the sheet", () => {
    const text =
      "designator,role,value,stage\nC14,coupling,.05/400,output\nR7,anode-load,220k,first audio\nC99,avc,.1/200,AVC\nx,y,z,";
    expect(preview(text).states).toEqual(["same", "changed", "new", "left-out"]);
    expect(preview(text).going).toBe(0);
    expect(preview(text, { replace: true }).going).toBe(2);
  });

  it("takes what the export writes, to the last cell", () => {
    const csv = Papa.unparse(writeTable("parts", rowsOf(SHEET, "parts")));
    const again = preview(csv, { replace: true });
    expect(again.states).toEqual(SHEET.components.map(() => "same"));
    expect(again.going).toBe(0);
  });

  it("counts a file that is far too long, and shows its beginning", () => {
    const lines = Array.from(
      { length: 20_000 },
      (_, n) => `C${(n % 999) + 1}${"ABCDEFGHIJKLMNOPQRSTU"[Math.floor(n / 999)]},coupling,.1/400`,
    );
    const long = preview(["designator,role,value", ...lines].join("\n"), { before: [] });
    expect(long.good).toBe(20_000);
    expect(long.rows).toHaveLength(2000);
    expect(long.trouble).toContain("holds 2000 rows");
  });

  it("is a sentence, not an exception, for what is no table", () => {
    expect(preview("").trouble).toBeDefined();
    expect(preview("just some words").trouble).toContain("first row names the columns");
    expect(preview("designator,value\n").trouble).toContain("no row below");
    expect(preview('designator,value\n"C1,16').rows).toHaveLength(1);
  });
});
