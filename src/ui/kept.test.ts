import { expect, it } from "vitest";
import { shapeOf } from "./kept";

const fits = shapeOf({ name: "", tick: false, group: { volts: "" }, list: [] as string[] });
const kept = { name: "a ", tick: true, group: { volts: "6" }, list: ["x"], later: 1 };

it("takes what has the fields of the example, and leaves it as it was typed", () => {
  expect(fits.safeParse(kept)).toEqual({ success: true, data: kept });
});

it.each([
  ["a field is missing", { ...kept, group: {} }],
  ["a field has another type", { ...kept, tick: "yes" }],
  ["a list is none", { ...kept, list: { 0: "x" } }],
  ["it is a text", "name"],
  ["it is nothing", null],
])("forgets what was kept by another form: %s", (_why, value) => {
  expect(fits.safeParse(value).success).toBe(false);
});
