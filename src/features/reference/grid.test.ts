import { describe, expect, it } from "vitest";
import { tableOf } from "@/core/tables";
import { cellsOfGrid, freshRow, pasteInto, readGrid } from "./grid";

const parts = tableOf("parts");
const row = (designator: string, value: string) => freshRow({ designator, value });

describe("a grid while it is typed", () => {
  it("reads its rows, leaves empty ones, and points at a designator that stands there twice", () => {
    const reads = readGrid(parts, [row("C1", "16"), freshRow(), row("c1", "8"), row("R1", "50M")], {});
    expect(reads.map(({ problems }) => problems[0])).toEqual([
      undefined,
      undefined,
      "The same part stands in row 1 already.",
      expect.stringContaining("Which is it?"),
    ]);
  });
  it("sends its titles and what is typed, without empty rows", () => {
    const cells = cellsOfGrid(parts.columns, [row("C1", "16"), freshRow({ note: " " })]);
    expect(cells).toHaveLength(2);
    expect(cells[0]?.slice(0, 3)).toEqual(["designator", "role", "value"]);
    expect(cells[1]?.slice(0, 3)).toEqual(["C1", "", "16"]);
  });
  it("takes a block from a spreadsheet at the place where it is pasted, and grows", () => {
    const rows = [row("C1", "16"), row("C2", "8")];
    const pasted = pasteInto(parts.columns, rows, { row: 1, column: 0 }, [
      ["C7", "coupling", ".1/400"],
      ["C8", " avc ", ".05/200"],
    ]);
    expect(pasted.map(({ raw }) => [raw.designator, raw.role ?? "", raw.value])).toEqual([
      ["C1", "", "16"],
      ["C7", "coupling", ".1/400"],
      ["C8", "avc", ".05/200"],
    ]);
    expect(pasted[1]?.id).toBe(rows[1]?.id);
    expect(rows[1]?.raw.designator).toBe("C2");
  });
});
