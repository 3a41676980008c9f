import { expect, it } from "vitest";
import { hazards, hazardsAt } from ".";
import { SUPPLIES } from "../model";

const shorts = (supply: (typeof SUPPLIES)[number], highestVolts: number, year: number | null = 1950) =>
  hazards({ supply, highestVolts, lineVolts: 230 }, year).map((h) => h.short);

it("puts the live chassis first, before the charge that stays", () => {
  expect(shorts("live-chassis", 240)).toEqual([
    "Live chassis at 230 V",
    "240 V stays after unplugging",
    "Mains",
    "Old materials",
  ]);
});

it("warns of stored charge wherever more than 60 V can stand, battery sets included", () => {
  for (const supply of SUPPLIES) expect(shorts(supply, 90).join()).toMatch(/90 V/);
  expect(shorts("battery", 90)).toContain("90 V while its batteries are in");
});

it("shows a low-voltage set as such, without a danger", () => {
  const list = hazards({ supply: "low-voltage", highestVolts: 9, lineVolts: 9 }, 1961);
  expect(list.map((h) => h.level)).toEqual(["caution"]);
  expect(list[0]?.short).toBe("Low voltage, 9 V at most");
});

it("keeps every hazard where hands go inside", () => {
  const list = hazards({ supply: "high-voltage", highestVolts: 1500, lineVolts: 230 }, 1972);
  expect(hazardsAt("fix", list)).toEqual(list);
  expect(hazardsAt("hand-back", list)).toEqual([list[0]]);
  expect(list[0]?.short).toBe("1.5 kV and RF");
});
