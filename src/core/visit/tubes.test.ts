import { describe, expect, it } from "vitest";
import { entry, SHEET, VISIT, stockItem } from "../fixtures";
import { settle, type Content, type Entry } from "../kinds";
import { tubeType } from "../tubes";
import {
  dropperOhms,
  fittedHeaters,
  inSeries,
  lastShare,
  stockedTubes,
  substitutePlace,
  tubePlaces,
  typeIn,
  type VisitInput,
} from ".";

const FJORD: typeof SHEET = {
  ...SHEET,
  supply: "live-chassis",
  lineVolts: 220,
  taps: [110, 220],
  tubes: [
    { position: "V1", type: "UCH42", work: "mixer" },
    { position: "V2", type: "UF41", work: "IF" },
    { position: "V3", type: "UBC41", work: "first audio" },
    { position: "V4", type: "UL41", work: "output" },
    { position: "V5", type: "UY41", work: "rectifier" },
  ],
  components: [
    { designator: "R1", role: "dropper", drawn: "1030 20W" },
    { designator: "R6", role: "dropper", drawn: "1.2k 2W" },
    { designator: "C1", role: "reservoir", drawn: "50/350" },
    { designator: "R5", role: "bias", drawn: "140 1W", stage: "output" },
  ],
  points: [{ point: "V4 plate", quantity: "voltage", expected: 170 }],
};
const input = (entries: Entry[], sheet = FJORD): VisitInput => ({
  sheet,
  year: 1949,
  settled: settle(entries).settled,
  visitId: VISIT,
  now: "2026-11-24T00:00:00.000Z",
});
const test = (designator: string, measured: number): Content => ({
  kind: "tube-test",
  payload: {
    v: 1,
    phase: "check",
    designator,
    shorts: "none",
    gas: "none",
    strength: {
      test: "gm",
      measured: { text: String(measured), value: measured },
      nominal: { text: "2200", value: 2200 },
      unit: "µS",
    },
  },
});
const fit = (designator: string, text: string, action: "replaced" | "substituted" = "replaced"): Content => ({
  kind: "part-work",
  payload: {
    v: 1,
    designators: [designator],
    action,
    now: [{ designator, text }],
    ...(action === "substituted" ? { why: "put the UF41 back" } : {}),
  },
});

describe("the tubes of a set", () => {
  it("are what sits there now; a test before the present tube is told apart", () => {
    const entries = [entry(1, test("V2", 900)), entry(2, fit("V2", "UF41")), entry(3, test("V2", 2150))];
    const place = tubePlaces(input(entries)).find(({ position }) => position === "V2")!;
    expect(place.records.map(({ current, ratio }) => [current, Math.round((ratio ?? 0) * 100)])).toEqual([
      [false, 41],
      [true, 98],
    ]);
  });
  it("found substituted keep their way back, and their own heater", () => {
    const entries = [entry(1, fit("V2", "26A6 on an adapter", "substituted"))];
    const places = tubePlaces(input(entries));
    expect(places[1]).toMatchObject({ state: "substituted", why: "put the UF41 back", drawn: "UF41" });
    expect(fittedHeaters(places, FJORD)[1]).toMatchObject({ heater: { volts: 26.5, amps: 0.07 } });
    // One wrong tube does not make another set of it.
    expect(inSeries(FJORD)).toBe(true);
  });
  it("have the dropper that stands the most watts", () => {
    expect(dropperOhms(FJORD)).toBe(1030);
    expect(dropperOhms({ ...FJORD, components: [] })).toBeCloseTo(1034, 6);
  });
});

describe("a place to find a substitute for", () => {
  it("is read from the sheet: the string around it, its volts, its cathode resistor", () => {
    expect(substitutePlace(input([]), "V4")).toMatchObject({
      plateVolts: 170,
      cathodeOhms: 140,
      feed: { wiring: "series", line: 220, dropperOhms: 1030 },
      firstFarads: expect.closeTo(50e-6, 9) as number,
    });
    expect(substitutePlace(input([]), "V9")).toBeUndefined();
  });
  it("knows what was fitted on B+ since, and what was drawn", () => {
    const entries = [entry(1, fit("C1", "47 µF 450 V"))];
    expect(substitutePlace(input(entries), "V5")?.capacitors).toEqual([{ designator: "C1", volts: 450 }]);
    expect(substitutePlace(input([]), "V5")?.capacitors).toEqual([{ designator: "C1", volts: 350 }]);
  });
  it("shares its winding with the tubes of its voltage, a double triode too", () => {
    const sheet = {
      ...FJORD,
      supply: "transformer" as const,
      tubes: [
        { position: "V1", type: "6V6", work: "output" },
        { position: "V2", type: "12AX7", work: "audio" },
        { position: "V3", type: "5Y3", work: "rectifier" },
      ],
    };
    expect(substitutePlace(input([], sheet), "V1")?.feed).toEqual({ wiring: "parallel", volts: 6.3, loadAmps: 0.75 });
  });
});

describe("tubes in stock", () => {
  const box = (marking: string, change = {}) => stockItem({ kind: "tube", marking, onHand: 1, ...change });
  it("are found under any name, while they are free", () => {
    const stock = [box("ECC83"), box("12AX7WA"), box("12AU7"), box("12AX7", { reserved: 1 })];
    expect(stockedTubes(stock, tubeType("12AX7")!)).toHaveLength(2);
  });
  it("are as good as their last test", () => {
    const tests = [
      { at: "2025-01-01", test: "gm", measured: 4000, nominal: 4100, unit: "µS", setup: "" },
      { at: "2026-01-01", test: "gm", measured: 3280, nominal: 4100, unit: "µS", setup: "" },
    ];
    expect(lastShare(box("6V6", { tests }))).toBeCloseTo(0.8, 9);
    expect(lastShare(box("6V6"))).toBeUndefined();
  });
  it("are read from a text that says more than the type", () => {
    expect(typeIn("26A6 on an adapter")?.type).toBe("26A6");
    expect(typeIn("6V6GT, matched")?.type).toBe("6V6");
    expect(typeIn("something else")).toBeUndefined();
  });
});
