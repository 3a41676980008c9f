import { expect, it } from "vitest";
import { afterSaving } from "./after-saving";

const written = { test: "output", measured: "62", bands: ["80 m"] };
const next = { ...written, measured: "" };

it("empties what was written", () => {
  expect(afterSaving({ ...written, bands: [...written.bands] }, written, next)).toEqual(next);
});

it("leaves what was typed in the meantime, field by field", () => {
  const now = { ...written, test: "hum", bands: ["40 m"] };
  expect(afterSaving(now, written, next)).toEqual({ test: "hum", measured: "", bands: ["40 m"] });
});
