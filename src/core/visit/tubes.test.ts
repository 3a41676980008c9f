import { describe, expect, it } from "vitest";
import { entry, SHEET, VISIT, stockItem } from "../fixtures";
import { settle, type Content, type Entry } from "../kinds";
import { lastShare } from "../stock";
import { tubeType, judgeStored } from "../tubes";
import {
  dropperOhms,
  fittedHeaters,
  inSeries,
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

describe("what is known of each tube", () => {
  const share = (designator: string, value: number, more: object = {}): Content => ({
    kind: "test-result",
    payload: {
      v: 1,
      phase: "check",
      designator,
      test: "emission",
      measured: { text: String(value), value },
      nominal: { text: "100", value: 100 },
      sense: "share",
      ...more,
    },
  });
  const records = (position: string, entries: Entry[]) =>
    tubePlaces(input(entries)).find((place) => place.position === position)?.records;
  it("are its own tests, on whatever tester, in order of time", () => {
    const late = { ...entry(1, test("V2", 2150)), at: "2026-03-01T00:00:00.000Z" };
    const early = { ...entry(2, share("V2", 70, { setup: "bench tester" })), at: "2026-02-01T00:00:00.000Z" };
    const others = [
      entry(3, test("V1", 900)),
      entry(4, share("V1", 10)),
      entry(5, share("V2", 5, { sense: "at-least" })),
    ];
    expect(records("V2", [late, early, ...others])).toEqual([
      expect.objectContaining({
        what: "emission",
        ratio: 0.7,
        verdict: "watch",
        tester: "bench tester",
        current: true,
      }),
      expect.objectContaining({ what: "gm", verdict: "good" }),
    ]);
  });
  it("a test for shorts has no share; one without a nominal neither", () => {
    const shorted: Content = {
      kind: "tube-test",
      payload: { v: 1, phase: "check", designator: "V2", shorts: "found" },
    };
    const [found] = records("V2", [entry(1, shorted)]) ?? [];
    expect(found).toMatchObject({ what: "shorts", verdict: "bad" });
    expect(found).not.toHaveProperty("ratio");
    const { nominal: _nominal, ...bare } = share("V2", 70).payload as Record<string, unknown>;
    const [unknown] = records("V2", [entry(1, { kind: "test-result", payload: bare } as never)]) ?? [];
    expect(unknown).not.toHaveProperty("ratio");
  });
  it("a test at the very moment of the work is of the tube that sits there now; a place emptied has no other", () => {
    const fitted = entry(2, fit("V2", "UF41"));
    const same = { ...entry(3, test("V2", 2150)), at: fitted.at };
    expect(records("V2", [fitted, same])?.map(({ current }) => current)).toEqual([true]);
  });
  it("transistors are none", () => {
    const sheet = {
      ...FJORD,
      tubes: [
        { position: "Q1", type: "AC128", work: "output" },
        { position: "X1", type: "6V6", work: "output" },
        { position: "V9", type: "unheard of", work: "" },
      ],
    };
    expect(tubePlaces(input([], sheet)).map(({ position }) => position)).toEqual(["X1", "V9"]);
  });
});

describe("the feed of a place", () => {
  const MAINS = {
    ...FJORD,
    supply: "transformer" as const,
    heaterAmps: 3,
    components: [],
    tubes: [
      { position: "V1", type: "6V6", work: "output" },
      { position: "V2", type: "6K7", work: "IF amplifier" },
      { position: "V3", type: "5Y3", work: "rectifier" },
    ],
    points: [
      { point: "V1 plate", quantity: "voltage" as const, expected: 240 },
      { point: "V1 screen", quantity: "voltage" as const, expected: 250 },
    ],
  };
  it("is the heater winding with what hangs on it; the rating is that of the 6.3 V winding alone", () => {
    expect(substitutePlace(input([], MAINS), "V1")?.feed).toEqual({
      wiring: "parallel",
      volts: 6.3,
      loadAmps: expect.closeTo(0.75, 9),
      ratedAmps: 3,
    });
    expect(substitutePlace(input([], MAINS), "V3")?.feed).toEqual({ wiring: "parallel", volts: 5, loadAmps: 2 });
  });
  it("is the string without the tube itself", () => {
    const feed = substitutePlace(input([]), "V4")?.feed;
    expect(feed).toMatchObject({ wiring: "series" });
    expect(feed?.wiring === "series" ? feed.others.map(({ position }) => position) : []).toEqual([
      "V1",
      "V2",
      "V3",
      "V5",
    ]);
  });
  it("comes with its volts, its cathode resistor and what it works at", () => {
    expect(substitutePlace(input([], MAINS), "V1")).toMatchObject({ plateVolts: 240, screenVolts: 250, rf: false });
    expect(substitutePlace(input([], MAINS), "V2")).toMatchObject({ rf: true });
    expect(substitutePlace(input([], MAINS), "V2")).not.toHaveProperty("plateVolts");
    expect(substitutePlace(input([], MAINS), "V2")).not.toHaveProperty("screenVolts");
    expect(substitutePlace(input([], MAINS), "V1")).not.toHaveProperty("firstFarads");
    const bias = { designator: "R5", role: "bias" as const, drawn: "240 2W", stage: "Output" };
    const other = { ...bias, designator: "R6", drawn: "300 1W", stage: "IF amplifier" };
    const unplaced = { designator: "R7", role: "bias" as const, drawn: "470" };
    expect(substitutePlace(input([], { ...MAINS, components: [unplaced, other, bias] }), "V1")?.cathodeOhms).toBe(240);
    expect(substitutePlace(input([], { ...MAINS, components: [other] }), "V1")).not.toHaveProperty("cathodeOhms");
  });
  it("counts the least of several ratings, and the drawn one where none is written", () => {
    const pair: Content = {
      kind: "part-work",
      payload: {
        v: 1,
        designators: ["C1"],
        action: "replaced",
        now: [
          { designator: "C1", text: "22 µF 450 V" },
          { designator: "C1B", text: "22 µF 400 V" },
        ],
      },
    };
    const volts = (content: Content) => substitutePlace(input([entry(1, content)]), "V5")?.capacitors?.[0]?.volts;
    expect(volts(pair)).toBe(400);
    expect(volts(fit("C1", "47 µF"))).toBe(350);
    expect(substitutePlace(input([entry(1, fit("C1", "100 µF 450 V"))]), "V5")?.firstFarads).toBeCloseTo(100e-6, 9);
  });
  it("has the dropper of the most watts, whatever its place in the list", () => {
    const droppers = FJORD.components.filter(({ role }) => role === "dropper");
    expect(dropperOhms({ ...FJORD, components: droppers.toReversed() })).toBe(1030);
    expect(dropperOhms({ ...FJORD, components: [{ designator: "R1", role: "dropper", drawn: "?" }] })).toBeCloseTo(
      1034,
      6,
    );
    expect(dropperOhms({ ...MAINS, components: [] })).toBe(0);
    expect(
      dropperOhms({ ...FJORD, components: [{ designator: "R9", role: "screen", drawn: "22k 30W" }, ...droppers] }),
    ).toBe(1030);
  });
});

it("a stocked tube is as good as its last test with a nominal, and no other part is a tube", () => {
  const test = (measured: number | null, nominal: number | null, shorts: "none" | "found" | null = null) => ({
    at: "2025-01-01",
    test: "gm",
    measured,
    nominal,
    shorts,
    between: shorts === "found" ? "g1-k" : "",
    gas: null,
    unit: "µS",
    setup: "",
  });
  expect(lastShare(stockItem({ tests: [test(3000, 4000), test(9, null)] }))).toBe(0.75);
  // Shorted on its last test: it goes into no set, whatever it was before.
  const shorted = stockItem({
    kind: "tube",
    marking: "12AX7",
    onHand: 1,
    tests: [test(3000, 4000), test(null, null, "found")],
  });
  expect(judgeStored(shorted.tests.at(-1)!)).toMatchObject({ verdict: "bad" });
  expect(stockedTubes([shorted, { ...shorted, id: "b", tests: [] }], tubeType("12AX7")!)).toHaveLength(1);
  expect(stockedTubes([stockItem({ kind: "film", marking: "12AX7", onHand: 1 })], tubeType("12AX7")!)).toEqual([]);
});
