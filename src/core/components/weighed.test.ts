import { describe, expect, it } from "vitest";
import { choose, readStock, reshelved, sharesText, type Choice, type PlanNeed } from ".";
import { COUPLING_NEED, MAINS_NEED, stockItem } from "../fixtures";
import type { StockItem } from "../stock";

/** What speaks for and against a part of the stock, in the figures that put the choices in order. */

const YEAR = 2026;
const film = (id: string, marking: string, change: Partial<StockItem> = {}) => stockItem({ id, marking, ...change });
const coupling: PlanNeed = { ...COUPLING_NEED, value: 50e-9, window: [40e-9, 60e-9], volts: 400 };
const bypass: PlanNeed = { ...coupling, value: 50e-6, window: [40e-6, 125e-6], volts: 25, kind: "electrolytic" };
const resistor: PlanNeed = {
  designator: "R7",
  quantity: "resistance",
  value: 100e3,
  window: [90e3, 110e3],
  watts: 0.5,
  kind: "resistor",
  orientation: "",
  mains: false,
};
const offered = (need: PlanNeed, items: StockItem[], taken?: Map<string, number>) =>
  choose(need, readStock(items), YEAR, taken);
const only = (need: PlanNeed, item: StockItem): Choice => offered(need, [item])[0]!;
const ids = (choices: readonly Choice[]) => choices.map(({ items }) => items.map(({ id }) => id).join("+"));

describe("what a single part weighs", () => {
  it("nothing, where it is just what is asked for", () => {
    expect(only(coupling, film("a", "50 nF 400 V"))).toMatchObject({ off: 0, margin: 1, price: null, remarks: [] });
    expect(only(coupling, film("a", "50 nF 400 V")).score).toBeCloseTo(0, 9);
  });
  it("its distance in value, the same above and below", () => {
    const above = only(coupling, film("a", "55 nF 400 V"));
    expect(above.off).toBeCloseTo(0.1, 9);
    expect(above.score).toBeCloseTo(Math.log(1.1), 9);
    expect(only(coupling, film("a", "45 nF 400 V")).score).toBeCloseTo(-Math.log(0.9), 9);
  });
  it("a twentieth for each time that its rating is more than is needed", () => {
    expect(only(coupling, film("a", "50 nF 800 V")).score).toBeCloseTo(0.05, 9);
    expect(only(coupling, film("a", "50 nF 1200 V")).score).toBeCloseTo(0.1, 9);
    const watts = only(resistor, stockItem({ kind: "resistor", marking: "100 kΩ 2 W" }));
    expect(watts).toMatchObject({ margin: 4 });
    expect(watts.score).toBeCloseTo(0.15, 9);
  });
  it("nothing for a rating where none is needed", () => {
    const { volts: _volts, ...unrated } = coupling;
    const choice = only(unrated, film("a", "50 nF 1000 V"));
    expect(choice).not.toHaveProperty("margin");
    expect(choice.score).toBeCloseTo(0, 9);
  });
  it("its kind, where another would be better: Y in an X place, C0G for mica", () => {
    const x = stockItem({ id: "x", kind: "X", marking: "10 nF 275 V X2" });
    const y = stockItem({ id: "y", kind: "Y", marking: "10 nF 275 V Y2" });
    expect(only(MAINS_NEED, y).score - only(MAINS_NEED, x).score).toBeCloseTo(0.15, 9);
    expect(only(MAINS_NEED, y).remarks).toContain("A Y part in an X place: allowed.");
    expect(only(MAINS_NEED, x).remarks).toEqual([]);
    const tuned: PlanNeed = { ...coupling, value: 100e-12, window: [95e-12, 105e-12], volts: 300, kind: "low-loss" };
    const mica = stockItem({ id: "m", kind: "mica", marking: "100 pF 300 V" });
    const ceramic = stockItem({ id: "c", kind: "C0G", marking: "100 pF 300 V" });
    expect(ids(offered(tuned, [ceramic, mica]))).toEqual(["m", "c"]);
    expect(only(tuned, ceramic).score).toBeCloseTo(0.15, 9);
  });
  it("an electrolytic that lay longer than five years: three tenths, and a word", () => {
    const made = (madeIn: number | null) =>
      only(bypass, stockItem({ kind: "electrolytic", marking: "50 µF 25 V", madeIn }));
    expect(made(YEAR - 5)).toMatchObject({ remarks: [] });
    expect(made(YEAR - 5).score).toBeCloseTo(0, 9);
    expect(made(null).score).toBeCloseTo(0, 9);
    expect(made(YEAR - 6)).toMatchObject({ remarks: ["Made 2020: reform it before use."] });
    expect(made(YEAR - 6).score).toBeCloseTo(0.3, 9);
    // Film keeps.
    expect(only(coupling, film("a", "50 nF 400 V", { madeIn: 1990 }))).toMatchObject({ score: 0, remarks: [] });
  });
  it("its price: 1.00 in the shop's currency is 0.04", () => {
    const choice = only(coupling, film("a", "50 nF 400 V", { priceMinor: 100 }));
    expect(choice.price).toBe(100);
    expect(choice.score).toBeCloseTo(0.04, 9);
  });
  it("half less where it is set aside for this set", () => {
    const shelves = readStock([film("a", "50 nF 400 V"), film("b", "55 nF 400 V")]);
    const mine = reshelved(shelves, new Map([["b", 1]]));
    expect(ids(choose(coupling, mine, YEAR))).toEqual(["b", "a"]);
    expect(choose(coupling, mine, YEAR)[0]?.score).toBeCloseTo(Math.log(1.1) - 0.5, 9);
    expect(choose(coupling, mine, YEAR)[1]?.items[0]?.reservedHere).toBe(0);
    // The shelves that were read stay as they were, and nothing set aside changes nothing.
    expect(ids(choose(coupling, shelves, YEAR))).toEqual(["a", "b"]);
    expect(reshelved(shelves, new Map())).toBe(shelves);
  });
});

describe("what is said of it", () => {
  const { volts: _volts, ...unrated } = coupling;
  it("that it is rated far above, from more than seven times", () => {
    const far = "Rated far above what is needed: check that it fits.";
    const needs = { ...coupling, volts: 100 };
    expect(only(needs, film("a", "50 nF 700 V")).remarks).toEqual([]);
    expect(only(needs, film("a", "50 nF 701 V")).remarks).toEqual([far]);
    expect(only(unrated, film("a", "50 nF 2000 V")).remarks).toEqual([]);
  });
  it("its value, where it is more than a tenth off", () => {
    expect(only(coupling, film("a", "55 nF 400 V")).remarks).toEqual([]);
    expect(only(coupling, film("a", "56 nF 400 V")).remarks).toEqual(["56 nF for 50 nF."]);
    expect(only(coupling, film("a", "44 nF 400 V")).remarks).toEqual(["44 nF for 50 nF."]);
  });
});

describe("what is offered", () => {
  it("lies in the window, its ends included", () => {
    const drawer = ["39.9", "40", "41", "59", "60", "60.1"].map((nano) => film(nano, `${nano} nF 400 V`));
    const wide = { ...coupling, value: 49e-9 };
    expect(ids(offered(wide, drawer)).sort()).toEqual(["40", "41", "59", "60"]);
  });
  it("are four at most, the best", () => {
    const drawer = [50, 51, 52, 53, 54, 55].map((nano) => film(String(nano), `${nano} nF 400 V`));
    expect(ids(offered(coupling, drawer))).toEqual(["50", "51", "52", "53"]);
  });
  it("is what nobody else was promised", () => {
    const two = film("a", "50 nF 400 V", { onHand: 2 });
    expect(ids(offered(coupling, [two], new Map([["a", 1]])))).toEqual(["a"]);
    expect(offered(coupling, [two], new Map([["a", 2]]))).toEqual([]);
    expect(ids(offered(coupling, [two], new Map([["other", 2]])))).toEqual(["a"]);
  });
  it("is no can of several sections, and nothing whose marking does not read", () => {
    const can = stockItem({ id: "can", kind: "electrolytic", marking: "50+50 µF 25 V" });
    expect(offered(bypass, [can])).toEqual([]);
    expect(offered(coupling, [film("a", "no marking")])).toEqual([]);
  });
});

describe("pairs", () => {
  const half = (id: string, marking: string, change: Partial<StockItem> = {}) => film(id, marking, change);
  it("stand in where no single part does: four tenths more, both prices, the rating of the pair", () => {
    const [pair] = offered(coupling, [
      half("a", "20 nF 400 V", { priceMinor: 100 }),
      half("b", "30 nF 800 V", { priceMinor: 150 }),
    ]);
    expect(pair).toMatchObject({ value: 50e-9, margin: 1, price: 250, pair: { way: "parallel" } });
    expect(pair?.off).toBeCloseTo(0, 9);
    expect(pair?.score).toBeCloseTo(0.4 + 0.1, 9);
    expect(pair?.remarks).toEqual(["20 nF beside 30 nF; each bears the whole voltage."]);
    const [unpriced] = offered(coupling, [half("a", "20 nF 400 V", { priceMinor: 100 }), half("b", "30 nF 400 V")]);
    expect(unpriced?.price).toBeNull();
  });
  it("are in the order of their weight, and no single part that fits gives way to them", () => {
    const drawer = [half("a", "20 nF 400 V"), half("b", "30 nF 400 V"), half("c", "33 nF 400 V")];
    const found = offered(coupling, drawer);
    expect(found.map(({ score }) => score)).toEqual(found.map(({ score }) => score).sort((x, y) => x - y));
    expect(ids(found)[0]).toBe("a+b");
    expect(ids(offered(coupling, [...drawer, half("whole", "59 nF 400 V")]))).toEqual(["whole"]);
  });
  it("of resistors have the watts of both", () => {
    const [pair] = offered(resistor, [
      stockItem({ id: "a", kind: "resistor", marking: "47 kΩ 0.5 W" }),
      stockItem({ id: "b", kind: "resistor", marking: "53 kΩ 0.5 W" }),
    ]);
    // 53 kΩ is at its 0.5 W when the pair bears 0.5 × 100 / 53 = 0.943 W.
    expect(pair?.margin).toBeCloseTo(0.5 / 0.53 / 0.5, 6);
    expect(pair?.remarks[0]).toBe("47 kΩ in series with 53 kΩ: they bear 0.23 W and 0.27 W.");
  });
  it("of electrolytics are never in series, and in a mains role there are none", () => {
    const big = (id: string) => stockItem({ id, kind: "electrolytic", marking: "100 µF 25 V", onHand: 2 });
    const need: PlanNeed = { ...bypass, window: [45e-6, 55e-6] };
    expect(offered(need, [big("a"), big("b")])).toEqual([]);
    const small = (id: string) => stockItem({ id, kind: "electrolytic", marking: "25 µF 25 V" });
    expect(offered(need, [small("a"), small("b")])[0]?.pair?.way).toBe("parallel");
    const halves = ["a", "b"].map((id) => stockItem({ id, kind: "X", marking: "5 nF 275 V X2" }));
    expect(offered({ ...MAINS_NEED, value: 10e-9, window: [9e-9, 10e-9] }, halves).every(({ pair }) => !pair)).toBe(
      true,
    );
  });
  it("without a rating that is needed have no margin", () => {
    const { volts: _volts, ...unrated } = coupling;
    const [pair] = offered(unrated, [half("a", "20 nF"), half("b", "30 nF")]);
    expect(pair).toMatchObject({ value: 50e-9 });
    expect(pair).not.toHaveProperty("margin");
  });
});

describe("what the two of a pair bear", () => {
  const shares: [number, number] = [0.25, 0.75];
  const pair = (way: "series" | "parallel") => ({ way, value: 1, shares });
  it.each([
    ["series", { quantity: "capacitance", volts: 400 }, "30 nF in series with 10 nF: they bear 100 V and 300 V."],
    ["series", { quantity: "capacitance" }, "30 nF in series with 10 nF: they bear 25 % and 75 %."],
    ["parallel", { quantity: "capacitance", volts: 400 }, "30 nF beside 10 nF; each bears the whole voltage."],
  ] as const)("capacitors in %s", (way, need, text) => expect(sharesText(need, pair(way), 30e-9, 10e-9)).toBe(text));
  it.each([
    ["series", { quantity: "resistance", watts: 2 }, "10 kΩ in series with 30 kΩ: they bear 0.5 W and 1.5 W."],
    ["parallel", { quantity: "resistance", watts: 2 }, "10 kΩ beside 30 kΩ: they bear 0.5 W and 1.5 W."],
    ["parallel", { quantity: "resistance" }, "10 kΩ beside 30 kΩ: they bear 25 % and 75 %."],
    ["series", { quantity: "resistance", volts: 100 }, "10 kΩ in series with 30 kΩ: they bear 25 % and 75 %."],
  ] as const)("resistors in %s", (way, need, text) => expect(sharesText(need, pair(way), 10e3, 30e3)).toBe(text));
});
