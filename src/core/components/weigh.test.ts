import { describe, expect, it } from "vitest";
import { choose, readStock, reshelved, sharesText, type Choice, type PlanNeed } from ".";
import { COUPLING_NEED, MAINS_NEED, stockItem } from "../fixtures";
import { SHELF_YEARS } from "./choose";

const YEAR = 2026;
const coupling = COUPLING_NEED;
const bypass: PlanNeed = {
  ...coupling,
  ...{ designator: "C15", value: 50e-6, window: [40e-6, 60e-6], volts: 50, kind: "electrolytic" },
};
const load: PlanNeed = {
  designator: "R7",
  quantity: "resistance",
  value: 470e3,
  window: [423e3, 517e3],
  watts: 0.25,
  kind: "resistor",
  orientation: "",
  mains: false,
};
const mains = MAINS_NEED;
type Change = Parameters<typeof stockItem>[0];
const offered = (need: PlanNeed, ...items: Change[]): Choice[] =>
  choose(need, readStock(items.map((item, at) => stockItem({ id: String(at), ...item }))), YEAR);
const only = (need: PlanNeed, ...items: Change[]): Choice => {
  const found = offered(need, ...items);
  expect(found).toHaveLength(1);
  return found[0]!;
};
const film = (marking: string, change: Change = {}): Change => ({ kind: "film", marking, ...change });
const ids = (choices: readonly Choice[]) => choices.map(({ items }) => items.map(({ id }) => id).join("+"));

describe("the weight of a choice, by hand", () => {
  it("is its distance in value: ln(47/50) is 0.0619, whichever side", () => {
    expect(only(coupling, film("0.047 µF 500 V")).score).toBeCloseTo(Math.log(50 / 47), 6);
    expect(only(coupling, film("0.053 µF 500 V")).score).toBeCloseTo(Math.log(53 / 50), 6);
  });

  it("takes 0.05 for each time that the rating is more than asked for", () => {
    expect(only(coupling, film("0.05 µF 1000 V")).score).toBeCloseTo(0.05, 6);
    expect(only(coupling, film("0.05 µF 2000 V")).score).toBeCloseTo(0.15, 6);
    expect(only(load, { kind: "resistor", marking: "470k 0.5W" }).score).toBeCloseTo(0.05, 6);
    // Nothing is asked for: nothing is too much.
    const { volts: _volts, ...any } = coupling;
    expect(only(any, film("0.05 µF 2000 V"))).toMatchObject({ score: expect.closeTo(0, 6) });
    expect(only(any, film("0.05 µF 2000 V"))).not.toHaveProperty("margin");
  });

  it("takes 0.15 for the second kind that serves", () => {
    const [x, y] = offered(
      mains,
      { kind: "Y", marking: "0.01 µF 300 V Y2" },
      { kind: "X", marking: "0.01 µF 275 V X2" },
    );
    expect([x?.items[0]?.kind, y?.items[0]?.kind]).toEqual(["X", "Y"]);
    expect((y?.score ?? 0) - (x?.score ?? 0)).toBeCloseTo(0.15, 6);
    const padding: PlanNeed = { ...coupling, value: 100e-12, window: [90e-12, 110e-12], volts: 500, kind: "low-loss" };
    expect(only(padding, { kind: "C0G", marking: "100 pF 500 V" }).score).toBeCloseTo(0.15, 6);
    expect(only(padding, { kind: "mica", marking: "100 pF 500 V" }).score).toBeCloseTo(0, 6);
  });

  it("takes 0.3 for an electrolytic that lay longer than five years, and for no other part", () => {
    const lay = (madeIn: number | null) => only(bypass, { kind: "electrolytic", marking: "50 µF 50 V", madeIn }).score;
    expect(lay(YEAR - SHELF_YEARS)).toBeCloseTo(0, 6);
    expect(lay(YEAR - SHELF_YEARS - 1)).toBeCloseTo(0.3, 6);
    expect(lay(null)).toBeCloseTo(0, 6);
    expect(only(coupling, film("0.05 µF 500 V", { madeIn: 1990 })).score).toBeCloseTo(0, 6);
  });

  it("takes 0.0004 a cent, nothing where the price is not known, and gives 0.5 for what was picked before", () => {
    expect(only(coupling, film("0.05 µF 500 V", { priceMinor: 250 }))).toMatchObject({
      price: 250,
      score: expect.closeTo(0.1, 6),
    });
    expect(only(coupling, film("0.05 µF 500 V"))).toMatchObject({ price: null, score: expect.closeTo(0, 6) });
    expect(only(coupling, film("0.05 µF 500 V", { reserved: 1, reservedHere: 1 })).score).toBeCloseTo(-0.5, 6);
  });

  it("takes 0.4 for a pair, and joins the prices of its two", () => {
    const pair = only(coupling, film("0.025 µF 500 V", { onHand: 2, priceMinor: 100 }));
    expect(pair).toMatchObject({ pair: { way: "parallel" }, price: 200, value: expect.closeTo(50e-9, 15) });
    expect(pair.score).toBeCloseTo(0.4 + 0.0004 * 200, 6);
    const unpriced = only(
      coupling,
      film("0.02 µF 500 V", { onHand: 1, priceMinor: 100 }),
      film("0.03 µF 500 V", { onHand: 1 }),
    );
    expect(unpriced.price).toBeNull();
    // One of the two was picked before, the other one was not.
    const half = only(
      coupling,
      film("0.02 µF 500 V", { onHand: 1, reserved: 1, reservedHere: 1 }),
      film("0.03 µF 500 V", { onHand: 1 }),
    );
    expect(half.score).toBeCloseTo(0.4, 6);
  });
});

describe("what is offered", () => {
  it("says how far off a choice is, and how much it bears over what is needed", () => {
    expect(only(coupling, film("0.045 µF 600 V"))).toMatchObject({
      off: expect.closeTo(-0.1, 6),
      margin: expect.closeTo(1.2, 6),
    });
    expect(only(load, { kind: "resistor", marking: "500k 1W" })).toMatchObject({
      off: expect.closeTo(0.0638, 4),
      margin: expect.closeTo(4, 6),
    });
    const pair = only(load, { kind: "resistor", marking: "235k 0.25W", onHand: 2 });
    expect(pair).toMatchObject({ pair: { way: "series" }, margin: expect.closeTo(2, 6), off: expect.closeTo(0, 6) });
    const { volts: _volts, ...any } = coupling;
    expect(only(any, film("0.025 µF 500 V", { onHand: 2 }))).not.toHaveProperty("margin");
  });

  it("is at most four single parts, the best first, each in its window to the edge", () => {
    const all = offered(
      coupling,
      ...["0.044 µF", "0.046 µF", "0.048 µF", "0.05 µF", "0.052 µF", "0.054 µF"].map((value) => film(`${value} 500 V`)),
    );
    expect(ids(all)).toEqual(["3", "4", "2", "5"]);
    const edges = offered(
      coupling,
      ...["0.0399 µF", "0.04 µF", "0.06 µF", "0.0601 µF"].map((value) => film(`${value} 500 V`)),
    );
    expect(ids(edges)).toEqual(["2", "1"]);
  });

  it("leaves out what is promised elsewhere, piece by piece", () => {
    const shelves = readStock([stockItem({ id: "a", marking: "0.05 µF 500 V", onHand: 2 })]);
    expect(choose(coupling, shelves, YEAR, new Map([["a", 1]]))).toHaveLength(1);
    expect(choose(coupling, shelves, YEAR, new Map([["a", 2]]))).toHaveLength(0);
  });

  it("is no pair where a single part does, in a mains role, or of electrolytics in series", () => {
    expect(ids(offered(coupling, film("0.05 µF 500 V"), film("0.025 µF 500 V")))).toEqual(["0"]);
    expect(offered(mains, { kind: "X", marking: "0.0022 µF 275 V X2", onHand: 4 })).toEqual([]);
    const series = offered(bypass, { kind: "electrolytic", marking: "100 µF 50 V", onHand: 2 });
    expect(series).toEqual([]);
    const beside = only(bypass, { kind: "electrolytic", marking: "25 µF 50 V", onHand: 2 });
    expect(beside.pair?.way).toBe("parallel");
    expect(only(coupling, film("0.1 µF 250 V", { onHand: 2 })).pair?.way).toBe("series");
  });
});

describe("what is said of a choice", () => {
  const remarks = (need: PlanNeed, item: Change) => only(need, item).remarks;

  it("is its age, in the year after five", () => {
    const made = (madeIn: number) => remarks(bypass, { kind: "electrolytic", marking: "50 µF 50 V", madeIn });
    expect(made(YEAR - SHELF_YEARS - 1)).toEqual(["Made 2020: reform it before use."]);
    expect(made(YEAR - SHELF_YEARS)).toEqual([]);
    expect(remarks(coupling, film("0.05 µF 500 V", { madeIn: 1980 }))).toEqual([]);
  });

  it("is its size from seven times the rating on, and its value where it is more than a tenth off", () => {
    expect(remarks(coupling, film("0.05 µF 3600 V"))).toEqual(["Rated far above what is needed: check that it fits."]);
    expect(remarks(coupling, film("0.05 µF 3500 V"))).toEqual([]);
    expect(remarks(coupling, film("0.056 µF 500 V"))).toEqual(["56 nF for 50 nF."]);
    expect(remarks(coupling, film("0.044 µF 500 V"))).toEqual(["44 nF for 50 nF."]);
    expect(remarks(coupling, film("0.0545 µF 500 V"))).toEqual([]);
    expect(remarks(coupling, film("0.055 µF 500 V"))).toEqual([]);
  });

  it("is that a Y part may sit in an X place, and nothing of it in its own", () => {
    const y: Change = { kind: "Y", marking: "0.01 µF 300 V Y2" };
    expect(remarks(mains, y)).toEqual(["A Y part in an X place: allowed."]);
    expect(remarks({ ...mains, kind: "Y" }, y)).toEqual([]);
  });

  it("is what each of a pair bears", () => {
    expect(only(coupling, film("0.025 µF 500 V", { onHand: 2 })).remarks[0]).toBe(
      "25 nF beside 25 nF; each bears the whole voltage.",
    );
    const pair = (way: "series" | "parallel", shares: [number, number]) => ({ way, value: 1, shares });
    expect(sharesText(coupling, pair("series", [0.25, 0.75]), 200e-9, 66.7e-9)).toBe(
      "200 nF in series with 66.7 nF: they bear 125 V and 375 V.",
    );
    expect(sharesText(load, pair("series", [0.4, 0.6]), 200e3, 300e3)).toBe(
      "200 kΩ in series with 300 kΩ: they bear 0.1 W and 0.15 W.",
    );
    const { watts: _watts, ...free } = load;
    expect(sharesText(free, pair("parallel", [0.25, 0.75]), 3e6, 1e6)).toBe(
      "3 MΩ beside 1 MΩ: they bear 25 % and 75 %.",
    );
  });
});

describe("the shelves", () => {
  it("hold what has one value, by value, under every kind that it serves", () => {
    const shelves = readStock([
      stockItem({ id: "big", marking: "0.1 µF 400 V" }),
      stockItem({ id: "small", marking: "0.01 µF 400 V" }),
      stockItem({ id: "can", kind: "electrolytic", marking: "32+32 µF 450 V" }),
      stockItem({ id: "odd", marking: "as found" }),
      stockItem({ id: "y", kind: "Y", marking: "0.0022 µF 300 V Y2" }),
    ]);
    const on = (kind: keyof typeof shelves) => shelves[kind].map(({ item }) => item.id);
    expect(on("film")).toEqual(["small", "big"]);
    expect([on("X"), on("Y"), on("electrolytic")]).toEqual([["y"], ["y"], []]);
  });

  it("are the same for a visit, but for what is set aside for it", () => {
    const shelves = readStock([stockItem({ id: "a" }), stockItem({ id: "b", marking: "0.1 µF 400 V" })]);
    expect(reshelved(shelves, new Map())).toBe(shelves);
    const mine = reshelved(shelves, new Map([["b", 2]]));
    expect(mine.film.map(({ item }) => item.reservedHere)).toEqual([0, 2]);
    expect(mine.film[0]).toBe(shelves.film[0]);
  });
});
