import { describe, expect, it } from "vitest";
import { entry, replace, SHEET, VISIT } from "../fixtures";
import { settle, type Entry } from "../kinds";
import { heaterBudget, tubePlaces } from ".";

const sheet: typeof SHEET = {
  ...SHEET,
  supply: "transformer",
  tubes: [
    { position: "V1", type: "12AX7", work: "audio" },
    { position: "V2", type: "6V6", work: "output" },
    { position: "V3", type: "6V6", work: "output" },
    { position: "V4", type: "5Y3", work: "rectifier" },
    { position: "V5", type: "OA2", work: "regulator" },
  ],
};
const budget = (...entries: Entry[]) =>
  heaterBudget(
    tubePlaces({ sheet, year: 1950, settled: settle(entries).settled, visitId: VISIT, now: "2026-11-01T00:00:00Z" }),
    sheet,
  ).map(({ volts, drawn, now, members }) => ({
    volts,
    drawn: Number(drawn.toFixed(3)),
    now: Number(now.toFixed(3)),
    places: members.map(({ position }) => position),
  }));

describe("the budget of the heater windings", () => {
  it("sums the tubes of a voltage; a tapped heater is wired to where the others are: 2 × 0.45 + 0.3 A", () => {
    expect(budget()).toEqual([
      { volts: 5, drawn: 2, now: 2, places: ["V4"] },
      { volts: 6.3, drawn: 1.2, now: 1.2, places: ["V1", "V2", "V3"] },
    ]);
  });
  it("says what another tube takes more than the drawn one", () => {
    expect(budget(entry(1, replace("V2", "6L6GC")))[1]).toMatchObject({ drawn: 1.2, now: 1.65 });
  });
  it("gives a tube of another voltage a line of its own, where it shows", () => {
    expect(budget(entry(1, replace("V2", "12V6GT"))).map(({ volts }) => volts)).toEqual([5, 6.3, 12.6]);
  });
});
