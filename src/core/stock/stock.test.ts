import fc from "fast-check";
import { describe, expect, it } from "vitest";
import {
  balanceOf,
  counted,
  issue,
  labelCode,
  labelNumber,
  priceListTable,
  readScan,
  reserve,
  STOCK_TABLE,
  stockFieldsSchema,
  type Move,
} from ".";
import { readRows, writeRows } from "../tables";

const HEAD = ["kind", "marking", "bin", "on hand", "price"];
const read = (...row: string[]) => readRows(STOCK_TABLE, [HEAD, row], { currency: "EUR" }).rows[0]!;

describe("a stock list", () => {
  it("is read with what each value was understood as", () => {
    const row = read("film", ".047/630", "B-14", "12", "0,45");
    expect(row.row).toMatchObject({ kind: "film", bin: "B-14", onHand: 12, priceMinor: 45, currency: "EUR" });
    expect(row.cells.marking?.shown).toBe("47 nF 630 V");
  });
  it("says what is wrong, where", () => {
    expect(read("film", ".047", "", "", "").cells.marking?.problem).toContain("voltage rating");
    expect(read("film", "0 µF 630 V", "", "", "").cells.marking?.problem).toContain("above zero");
    expect(read("film", "-5 µF 630 V", "", "", "").row).toBeUndefined();
    expect(read("X", "0.01 µF 275 V", "", "", "").cells.marking?.problem).toContain("class");
    expect(read("film", ".047/630", "", "-3", "").cells.onHand?.problem).toContain("whole number");
    expect(read("film", ".047/630", "", "1", "cheap").cells.price?.problem).toContain("not a price");
    expect(read("gadget", "x", "", "", "").cells.kind?.problem).toContain("none of");
    expect(read("resistor", "50M", "", "", "").cells.marking?.problem).toBeTruthy();
  });
  it("comes back as it was written", () => {
    const rows = [read("film", ".047/630", "B-14", "12", "0.45").row!, read("tube", "6V6", "T-2", "1", "").row!];
    const again = readRows(STOCK_TABLE, writeRows(STOCK_TABLE, rows), { currency: "EUR" });
    expect(again.rows.map(({ row }) => row)).toEqual(rows);
  });
  it("holds a zener's worth of odd parts too: kinds without a value keep their words", () => {
    expect(stockFieldsSchema.parse({ kind: "hardware", marking: "M3 × 8 screw" }).marking).toBe("M3 × 8 screw");
  });
});

describe("a price list", () => {
  const table = priceListTable("Tern Components", "EUR");
  const cells = (price: string) => [
    ["order number", "kind", "marking", "price"],
    ["T-1", "film", "0.047 µF 630 V", price],
  ];
  it("is read in the shop's currency", () => {
    expect(readRows(table, cells("0.60"), {}).rows[0]?.row).toMatchObject({
      supplier: "Tern Components",
      priceMinor: 60,
    });
  });
  it("in another one is refused, not converted", () => {
    const row = readRows(table, cells("$0.60"), {}).rows[0]!;
    expect(row.row).toBeUndefined();
    expect(row.cells.price?.problem).toContain("USD");
  });
});

describe("moves", () => {
  it("use up a visit's own reservation first", () => {
    const planned = issue({ onHand: 5, reserved: 3 }, 2, 2, "job", "0.047");
    expect(planned).toEqual({ ok: true, moves: [{ kind: "issued", quantity: -2, reserved: -2, visitId: "job" }] });
  });
  it("refuse what is not there, and say why", () => {
    expect(issue({ onHand: 0, reserved: 0 }, 0, 1, "job", "6V6")).toMatchObject({
      ok: false,
      message: expect.stringContaining("last one is gone"),
    });
    expect(issue({ onHand: 2, reserved: 2 }, 0, 1, "job", "6V6")).toMatchObject({
      message: expect.stringContaining("reserved for another"),
    });
    expect(issue({ onHand: 2, reserved: 0 }, 0, 3, "job", "6V6")).toMatchObject({
      message: "6V6: 2 left, 3 asked for.",
    });
    expect(reserve({ onHand: 2, reserved: 2 }, 1, "job", "6V6").ok).toBe(false);
    expect(counted({ onHand: 5, reserved: 3 }, 2, "6V6").ok).toBe(false);
    expect(counted({ onHand: 5, reserved: 3 }, 2.5, "6V6").ok).toBe(false);
    expect(counted({ onHand: 5, reserved: 3 }, 4, "6V6")).toEqual({
      ok: true,
      moves: [{ kind: "counted", quantity: -1, reserved: 0 }],
    });
  });
  it("never bring a balance below zero, in any order of asking", () => {
    const ask = fc.record({
      what: fc.constantFrom("issue", "reserve", "count"),
      count: fc.integer({ min: 0, max: 6 }),
      visit: fc.constantFrom("a", "b"),
    });
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 10 }), fc.array(ask, { maxLength: 30 }), (start, asked) => {
        const moves: Move[] = [{ kind: "received", quantity: start, reserved: 0 }];
        for (const { what, count, visit } of asked) {
          const balance = balanceOf(moves);
          const here = moves
            .filter(({ visitId }) => visitId === visit)
            .reduce((sum, { reserved }) => sum + reserved, 0);
          const planned =
            what === "issue"
              ? issue(balance, here, Math.max(count, 1), visit, "x")
              : what === "reserve"
                ? reserve(balance, Math.max(count, 1), visit, "x")
                : counted(balance, count, "x");
          if (planned.ok) moves.push(...planned.moves);
          const { onHand, reserved } = balanceOf(moves);
          expect(reserved).toBeGreaterThanOrEqual(0);
          expect(onHand).toBeGreaterThanOrEqual(reserved);
        }
      }),
    );
  });
});

describe("labels", () => {
  it("are read as they are written, through a reader that adds an address, and by a person who confuses O and 0", () => {
    const code = labelCode(1234);
    expect(readScan(code)).toEqual({ kind: "part", code });
    expect(readScan(` ${code.toLowerCase()}\n`)).toEqual({ kind: "part", code });
    expect(readScan(`http://bench.local/parts/${code}`)).toEqual({ kind: "part", code });
    expect(readScan(code.replaceAll("0", "O"))).toEqual({ kind: "part", code });
  });
  it("with a letter wrong are damaged; anything else is told from them", () => {
    const code = labelCode(77);
    const wrong = `${code.slice(0, 7)}${code[7] === "5" ? "6" : "5"}${code.slice(8)}`;
    expect(readScan(wrong).kind).toBe("damaged");
    expect(readScan("4006381333931")).toMatchObject({
      kind: "other",
      message: expect.stringContaining("maker’s barcode"),
    });
    expect(readScan("hello")).toMatchObject({ kind: "other" });
    expect(readScan("JT1187")).toEqual({ kind: "job", job: 1187 });
  });
  it("differ from number to number", () => {
    fc.assert(
      fc.property(fc.nat(1e9), fc.nat(1e9), (a, b) => {
        if (a !== b) expect(labelCode(a)).not.toBe(labelCode(b));
        expect(readScan(labelCode(a))).toEqual({ kind: "part", code: labelCode(a) });
        expect(labelNumber(labelCode(a))).toBe(a);
      }),
    );
    expect(() => labelCode(-1)).toThrow(RangeError);
  });
});
