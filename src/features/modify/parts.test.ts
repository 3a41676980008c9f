import { expect, it } from "vitest";
import { stockItem } from "@/core/fixtures";
import { fittedFrom, shelved } from "./parts";

const socket = { designator: "J901", text: "phono socket" };
const on = (...lines: Parameters<typeof stockItem>[0][]) => lines.map((line) => stockItem(line));

it("finds a part by what it is: value with at least the rating, type of tube under any name, or its words", () => {
  const stock = on(
    { id: "r", kind: "resistor", marking: "100k 1W", onHand: 5 },
    { id: "t", kind: "tube", marking: "6V6GT", onHand: 1 },
    { id: "j", kind: "hardware", marking: "Phono socket", onHand: 2 },
  );
  const from = (designator: string, text: string) => shelved([{ designator, text }], stock)[0]?.item?.id;
  expect(from("R901", "0.1 meg 0.5W")).toBe("r");
  expect(from("R901", "100k 2W")).toBeUndefined();
  expect(from("C901", "100k")).toBeUndefined();
  expect(from("V901", "6V6")).toBe("t");
  expect(from("J901", "phono socket")).toBe("j");
});

it("does not take a line without a rating for one that is asked with it", () => {
  const stock = on({ id: "c", kind: "film", marking: "0.1µ", onHand: 5 });
  expect(shelved([{ designator: "C901", text: "0.1/400" }], stock)[0]?.item).toBeUndefined();
  expect(shelved([{ designator: "C901", text: "0.1µ" }], stock)[0]?.item?.id).toBe("c");
});

it("gives every piece once: two parts alike need two, set aside ones first", () => {
  const parts = [socket, { ...socket, designator: "J902" }, { ...socket, designator: "J903" }];
  const stock = on({ id: "j", kind: "hardware", marking: "phono socket", onHand: 2, reserved: 1, reservedHere: 1 });
  expect(shelved(parts, stock).map(({ item, reserved }) => [item?.id, reserved])).toEqual([
    ["j", true],
    ["j", false],
    [undefined, false],
  ]);
  expect(fittedFrom(parts, stock).map((part) => part.stock?.part)).toEqual(["j", undefined, undefined]);
});
