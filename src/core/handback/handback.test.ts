import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { settle, type Content, type Entry } from "../kinds";
import { atOf, bareModification, entry, idOf, note, SHEET, VISIT, work } from "../fixtures";
import { finalLines, gates, ownersInstructions } from "./gates";
import { priceOf } from "./price";
import { USUAL_TERMS } from "./terms";

const eur = (minor: number) => ({ minor, currency: "EUR" });
const labour = (minutes: number, step: "fix" | "find" = "fix"): Content => ({
  kind: "labour",
  payload: { v: 1, step, minutes },
});
const part = (designator: string, minor?: number, currency = "EUR"): Content =>
  work([designator], "replaced", {
    now: [
      {
        designator,
        text: "47n/630",
        ...(minor === undefined ? {} : { stock: { part: idOf(99), code: "JP0000001", price: { minor, currency } } }),
      },
    ],
    oldPart: "bag",
  });
const settled = (contents: Content[]) => settle(contents.map((content, index) => entry(index + 1, content))).settled;
const price = (contents: Content[], terms = USUAL_TERMS) => priceOf(settled(contents), VISIT, terms, "EUR");

describe("what a visit comes to", () => {
  it("is labour by the hour, parts as they were priced, and tax on the sum", () => {
    // 2 h 30 min at 45.00 = 112.50; parts 1.20 + 0.80 = 2.00; net 114.50; 21 % = 24.045, rounded 24.05.
    const sum = price([labour(90), labour(60, "find"), part("C14", 120), part("C1", 80)]);
    expect(sum).toMatchObject({
      labourMinutes: 150,
      labourMinor: 11250,
      partsMinor: 200,
      netMinor: 11450,
      taxMinor: 2405,
      totalMinor: 13855,
      unpriced: [],
    });
    expect(sum.labour).toEqual([
      { step: "fix", minutes: 90 },
      { step: "find", minutes: 60 },
    ]);
  });

  it("keeps apart what has no price, or one in another currency", () => {
    const sum = price([part("C14"), part("C1", 500, "USD")]);
    expect(sum).toMatchObject({ partsMinor: 0, totalMinor: 0 });
    expect(sum.unpriced.map(({ designator }) => designator)).toEqual(["C14", "C1"]);
  });

  // By hand: 9.95 with a quarter on it are 12.4375, rounded 12.44; 2.00 are 2.50.
  it("sells parts for what they cost with the shop's mark-up, each rounded once, and keeps what they cost", () => {
    const contents = [part("C1", 995), part("C2", 200)].map((content, index) => entry(index + 1, content));
    const sum = priceOf(settle(contents).settled, VISIT, { ...USUAL_TERMS, partsMarkup: 0.25 }, "EUR");
    expect(sum.partsMinor).toBe(1244 + 250);
    expect(sum.parts.map(({ cost, price: sold }) => [cost?.minor, sold?.minor])).toEqual([
      [995, 1244],
      [200, 250],
    ]);
  });

  it("holds itself to what the owner agreed to last; without an answer, to the limit of the take-in", () => {
    const takeIn: Content = {
      kind: "take-in",
      payload: { v: 1, complaint: "x", policy: "original", received: [], missing: [], costLimit: eur(5000) },
    };
    const over = price([takeIn, labour(60)]);
    expect(over).toMatchObject({ totalMinor: 5445, overMinor: 445, limit: { sum: eur(5000) } });
    const agreed: Content = {
      kind: "approval",
      payload: { v: 1, limit: eur(6000), who: "Marguerite Osei", how: "phone" },
    };
    const fine = price([takeIn, labour(60), agreed]);
    expect(fine.overMinor).toBeUndefined();
    expect(fine.limit).toMatchObject({ sum: eur(6000), who: "Marguerite Osei", how: "phone" });
  });

  it("does not charge what an earlier hand had put in, nor another visit's work", () => {
    const found = work(["C14"], "disconnected", { why: "x" });
    expect(
      price([
        {
          ...found,
          payload: {
            ...found.payload,
            action: "substituted",
            now: [{ designator: "C14", text: "1n", stock: { part: idOf(9), code: "JP0000001", price: eur(900) } }],
          },
        } as Content,
      ]).partsMinor,
    ).toBe(0);
    const other: Entry = { ...entry(1, labour(60)), visitId: idOf(700) };
    expect(priceOf(settle([other]).settled, VISIT, USUAL_TERMS, "EUR").labourMinutes).toBe(0);
  });

  it("grows with every minute and every part, and is the sum of its lines", () => {
    fc.assert(
      fc.property(
        fc.array(fc.integer({ min: 1, max: 600 }), { maxLength: 6 }),
        fc.array(fc.integer({ min: 0, max: 9000 }), { maxLength: 6 }),
        (times, prices) => {
          const contents = [
            ...times.map((minutes) => labour(minutes)),
            ...prices.map((minor, index) => part(`C${index + 1}`, minor)),
          ];
          const sum = price(contents);
          expect(sum.totalMinor).toBe(sum.labourMinor + sum.partsMinor + sum.taxMinor);
          expect(sum.partsMinor).toBe(prices.reduce((a, b) => a + b, 0));
          expect(price([...contents, labour(30)]).totalMinor).toBeGreaterThan(sum.totalMinor);
        },
      ),
    );
  });
});

const view = (contents: Content[], sheet = {}) => ({
  sheet: { ...SHEET, ...sheet },
  year: 1937,
  settled: settled(contents),
  visitId: VISIT,
  now: atOf(900),
});
const gate = (key: string, contents: Content[], sheet = {}) =>
  gates(view(contents, sheet), USUAL_TERMS, "EUR").find((one) => one.key === key);

describe("before a set goes out", () => {
  const check = (key: string, state: "done" | "na" | "trouble" = "done"): Content => ({
    kind: "check",
    payload: { v: 1, list: "hand-back", key, text: key, state, ...(state === "done" ? {} : { remark: "why" }) },
  });

  it("asks a list of exactly this set, each line by itself", () => {
    const keys = (sheet: object) => finalLines(view([], sheet)).map(({ key }) => key);
    expect(keys({})).toEqual(["lead", "fuse", "isolation", "screws", "accessories"]);
    expect(keys({ supply: "live-chassis" })).toEqual([
      "lead",
      "fuse",
      "knobs",
      "back",
      "polarity",
      "screws",
      "accessories",
    ]);
    expect(keys({ supply: "low-voltage" })).toEqual(["screws", "accessories"]);
    expect(
      gate(
        "final",
        keys({}).map((key) => check(key)),
      ),
    ).toMatchObject({ state: "ok" });
    expect(gate("final", [...keys({}).map((key) => check(key)), check("lead", "trouble")])).toMatchObject({
      state: "open",
      text: "1 line found wrong",
    });
    expect(gate("final", [check("lead")])).toMatchObject({
      state: "open",
      text: "4 lines of the last look not ticked",
    });
  });

  it("keeps the list of make-safe and that of the hand-back apart", () => {
    const safe: Content = {
      kind: "check",
      payload: { v: 1, list: "make-safe", key: "lead", text: "x", state: "done" },
    };
    expect(finalLines(view([safe])).find(({ key }) => key === "lead")?.state).toBe("open");
  });

  it("names open points, loans, the bag, and a sum above what was agreed", () => {
    expect(gate("open", [note("renew the lead", { open: true })])).toMatchObject({
      state: "open",
      text: expect.stringContaining("1 open point"),
    });
    expect(gate("open", [])).toMatchObject({ state: "ok" });
    expect(gate("loans", [{ kind: "loan", payload: { v: 1, what: "spare board", state: "in" } }])).toMatchObject({
      state: "open",
      text: expect.stringContaining("spare board"),
    });
    expect(gate("bag", [part("C14")])).toMatchObject({ state: "note", text: "Old parts in the owner's bag: C14" });
    const agreed: Content = { kind: "approval", payload: { v: 1, limit: eur(1000), who: "X", how: "letter" } };
    expect(gate("price", [labour(60), agreed])).toMatchObject({
      state: "open",
      text: expect.stringContaining("44.45 EUR above"),
    });
    expect(gate("price", [])).toMatchObject({ state: "note" });
  });

  it("wants a soak ended and steady, and says when there was none", () => {
    const soak = (state: "start" | "end"): Content => ({
      kind: "soak",
      payload: { v: 1, state, ...(state === "start" ? { hours: 1 } : {}) },
    });
    const reads = (value: number): Content => ({
      kind: "reading",
      payload: { v: 1, phase: "soak", point: "B+", quantity: "voltage", measured: { text: String(value), value } },
    });
    expect(gate("soak", [])).toMatchObject({ state: "note" });
    expect(gate("soak", [soak("start")])).toMatchObject({ state: "open", text: "The soak is not ended" });
    expect(gate("soak", [soak("start"), reads(250), reads(251), soak("end")])).toMatchObject({ state: "ok" });
    expect(gate("soak", [soak("start"), reads(250), reads(230), soak("end")])).toMatchObject({
      state: "open",
      text: expect.stringContaining("B+"),
    });
  });

  it("gathers how to use what was fitted or kept in this visit", () => {
    const mod = (name: string, state: "fitted" | "kept" | "dropped") =>
      bareModification(name, { state, instructions: "turn it", ...(state === "dropped" ? { remark: "no" } : {}) });
    expect(ownersInstructions(view([mod("Outlet", "fitted"), mod("Mute", "kept"), mod("None", "dropped")]))).toBe(
      "Outlet: turn it\nMute: turn it",
    );
  });
});
