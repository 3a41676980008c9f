import { describe, expect, it } from "vitest";
import { atOf, bareModification, entry, idOf, note, SHEET, VISIT, work } from "../fixtures";
import { settle, type Content, type Entry } from "../kinds";
import { finalLines, gates, ownersInstructions } from "./gates";
import { priceOf } from "./price";
import { handBackRules } from "./rules";
import { USUAL_TERMS } from "./terms";

/** What bars a hand-back, what it asks to explain, and what it proposes. */

const OTHER = idOf(700);
const settled = (contents: (Content | Entry)[]) =>
  settle(contents.map((one, index) => ("visitId" in one ? one : entry(index + 1, one)))).settled;
const inOther = (n: number, content: Content): Entry => ({ ...entry(n, content), visitId: OTHER });
const input = (contents: (Content | Entry)[], sheet = {}) => ({
  sheet: { ...SHEET, ...sheet },
  year: 1937,
  settled: settled(contents),
  visitId: VISIT,
  now: atOf(900),
});
const rules = (contents: (Content | Entry)[], terms = USUAL_TERMS) => handBackRules(input(contents), terms, "EUR");
const gate = (key: string, contents: (Content | Entry)[]) =>
  gates(input(contents), USUAL_TERMS, "EUR").find((one) => one.key === key);

const labour = (minutes: number): Content => ({ kind: "labour", payload: { v: 1, step: "fix", minutes } });
const bagged = (designator: string, oldPart: "bag" | "discarded" = "bag"): Content =>
  work([designator], "replaced", { now: [{ designator, text: "47n/630" }], oldPart });
const lookedAt = (key: string, state: "done" | "trouble" = "done"): Content => ({
  kind: "check",
  payload: { v: 1, list: "hand-back", key, text: key, state, ...(state === "done" ? {} : { remark: "worn" }) },
});
const passed: Content[] = (["make-safe", "first-power", "baseline", "find", "fix", "prove"] as const).map((step) => ({
  kind: "step",
  payload: { v: 1, step, state: "overridden", reason: "for this test" },
}));
const takeIn: Content = {
  kind: "take-in",
  payload: { v: 1, complaint: "hum", policy: "original", received: [], missing: [] },
};
const looked = finalLines(input([])).map(({ key }) => lookedAt(key));
const ready = [takeIn, ...passed, ...looked];

describe("a hand-back is barred", () => {
  it("by nothing once the steps are passed and the last look is through", () => {
    expect(rules(ready).bars).toEqual([]);
  });
  it("by steps that are not done, and by every line of the last look, by the names that the line takes", () => {
    const { bars } = rules([takeIn]);
    expect(bars.filter((text) => text.endsWith("is not done: do it, or pass it with a reason")).length).toBeGreaterThan(
      0,
    );
    expect(bars.at(-1)).toBe(
      "the last look is not through (final lead, final fuse, final isolation, final screws, final accessories)",
    );
    expect(rules([...ready, lookedAt("lead", "trouble")]).bars).toEqual(["the last look is not through (final lead)"]);
  });
  it("by a modification that is begun, or not verified; not by one that was found", () => {
    const mod = (state: "planned" | "fitted" | "found") =>
      rules([...ready, bareModification("Outlet", { state, verify: state === "fitted" ? ["no hum"] : [] })]).bars;
    expect(mod("planned")).toEqual(["Outlet is begun: fit it, or say why not"]);
    expect(mod("fitted")).toEqual(["Outlet: no hum"]);
    expect(mod("found")).toEqual([]);
  });
  it("by a loan, a soak that runs, and a sum above what was agreed", () => {
    const loan: Content = { kind: "loan", payload: { v: 1, what: "spare board", state: "in" } };
    const soak: Content = { kind: "soak", payload: { v: 1, state: "start", hours: 4 } };
    const agreed: Content = {
      kind: "approval",
      payload: { v: 1, limit: { minor: 1000, currency: "EUR" }, who: "X", how: "letter" },
    };
    expect(rules([...ready, loan]).bars).toEqual(["On loan in the set: spare board"]);
    expect(rules([...ready, soak]).bars).toEqual(["The soak is not ended"]);
    expect(rules([...ready, labour(60), agreed]).bars[0]).toMatch(/^The total is 54\.45 EUR, 44\.45 EUR above/);
  });
});

describe("a hand-back asks to explain", () => {
  it("open points, and a soak that drifted; it does not bar them", () => {
    const open = note("renew the lead", { open: true });
    expect(rules([...ready, open])).toMatchObject({
      bars: [],
      explain: ["1 open point to settle, waive or explain"],
    });
    expect(rules([...ready, open, note("look at the dial", { open: true })]).explain).toEqual([
      "2 open points to settle, waive or explain",
    ]);
    expect(rules(ready).explain).toEqual([]);
    const soak = (state: "start" | "end"): Content => ({
      kind: "soak",
      payload: { v: 1, state, ...(state === "start" ? { hours: 1 } : {}) },
    });
    const reads = (value: number): Content => ({
      kind: "reading",
      payload: { v: 1, phase: "soak", point: "B+", quantity: "voltage", measured: { text: String(value), value } },
    });
    expect(rules([...ready, soak("start"), reads(250), reads(200), soak("end")])).toMatchObject({
      bars: [],
      explain: ["Drifted while it soaked: B+"],
    });
  });
  it("no loan and no soak as open points: they are asked for by themselves", () => {
    const loan: Content = { kind: "loan", payload: { v: 1, what: "spare board", state: "in" } };
    const soak: Content = { kind: "soak", payload: { v: 1, state: "start", hours: 4 } };
    expect(gate("open", [loan, soak])).toEqual({ key: "open", state: "ok", text: "No open points" });
    expect(gate("open", [work(["C1"], "left", { why: "good" })])).toMatchObject({ state: "ok" });
  });
});

describe("a hand-back proposes", () => {
  it("the shop's warranty and next service; none where the shop has none", () => {
    expect(rules([]).proposal).toEqual({ oldParts: "none", warrantyMonths: 6, nextService: expect.any(String) });
    expect(rules([], { ...USUAL_TERMS, serviceMonths: 0 }).proposal).not.toHaveProperty("nextService");
    const [now, next] = [new Date(atOf(900)), new Date(`${rules([]).proposal.nextService as string}T00:00:00Z`)];
    const months = (next.getUTCFullYear() - now.getUTCFullYear()) * 12 + next.getUTCMonth() - now.getUTCMonth();
    expect(months).toBe(USUAL_TERMS.serviceMonths);
  });
  it("the bag where old parts of this visit are in one", () => {
    expect(rules([bagged("C1", "discarded"), bagged("C14")]).proposal.oldParts).toBe("returned");
    expect(rules([bagged("C1", "discarded")]).proposal.oldParts).toBe("none");
    expect(rules([inOther(1, bagged("C14"))]).proposal.oldParts).toBe("none");
    expect(gate("bag", [inOther(1, bagged("C14")), bagged("C1"), bagged("C2", "discarded")])).toEqual({
      key: "bag",
      state: "note",
      text: "Old parts in the owner's bag: C1",
    });
    expect(gate("bag", [])).toEqual({ key: "bag", state: "ok", text: "No old parts in a bag" });
  });
  it("what it came to, and how to use what was fitted here", () => {
    expect(rules([labour(60)]).proposal.price).toEqual({
      labourMinutes: 60,
      total: { minor: 5445, currency: "EUR" },
    });
    expect(rules([]).proposal).not.toHaveProperty("price");
    const outlet = bareModification("Outlet", { state: "fitted", instructions: "turn it" });
    expect(rules([outlet]).proposal.instructions).toBe("Outlet: turn it");
    expect(rules([inOther(1, outlet)]).proposal).not.toHaveProperty("instructions");
    expect(ownersInstructions(input([bareModification("Mute", { state: "fitted" }), outlet]))).toBe("Outlet: turn it");
  });
});

describe("the last look and the price belong to this visit", () => {
  it("not to another one of the set", () => {
    expect(finalLines(input([inOther(1, lookedAt("lead"))])).find(({ key }) => key === "lead")?.state).toBe("open");
    expect(finalLines(input([lookedAt("lead", "trouble")])).find(({ key }) => key === "lead")).toMatchObject({
      state: "trouble",
      remark: "worn",
    });
  });
  const eur = (minor: number, currency = "EUR") => ({ minor, currency });
  const price = (contents: (Content | Entry)[]) => priceOf(settled(contents), VISIT, USUAL_TERMS, "EUR");
  const estimate: Content = {
    kind: "estimate",
    payload: { v: 2, labourMinutes: 60, parts: eur(0), total: eur(9000) },
  };
  const agreed = (minor: number, currency = "EUR"): Content => ({
    kind: "approval",
    payload: { v: 1, limit: eur(minor, currency), who: "X", how: "phone" },
  });
  const limited: Content = { ...takeIn, payload: { ...takeIn.payload, costLimit: eur(100) } } as Content;
  it("nor its estimate, the owner's answer, the limit or the parts", () => {
    expect(price([inOther(1, estimate)])).not.toHaveProperty("estimate");
    expect(price([estimate]).estimate?.total).toEqual(eur(9000));
    expect(price([inOther(1, agreed(100)), labour(60)])).not.toHaveProperty("limit");
    expect(price([inOther(1, limited), labour(60)])).not.toHaveProperty("limit");
    const sold = work(["C1"], "replaced", {
      now: [{ designator: "C1", text: "1n", stock: { part: idOf(9), code: "JP0000001", price: eur(900) } }],
    });
    expect(price([inOther(1, sold)]).partsMinor).toBe(0);
    expect(price([sold]).partsMinor).toBe(900);
    const owners = work(["C1"], "replaced", {
      now: [
        { designator: "C1", text: "1n", source: "owner", stock: { part: idOf(9), code: "JP0000001", price: eur(900) } },
      ],
    });
    expect(price([owners])).toMatchObject({ partsMinor: 0, unpriced: [] });
  });
  it("is above what was agreed by more than nothing, in the shop's own currency", () => {
    expect(price([labour(60), agreed(5445)])).not.toHaveProperty("overMinor");
    expect(price([labour(60), agreed(5444)]).overMinor).toBe(1);
    expect(price([labour(60), agreed(100, "USD")])).not.toHaveProperty("overMinor");
  });
  it("cannot be held against a sum in another currency, and that bars the hand-back", () => {
    expect(price([labour(60), agreed(5445)])).not.toHaveProperty("limitElsewhere");
    expect(price([labour(60), agreed(9000, "USD")])).toHaveProperty("limitElsewhere", true);
    expect(gate("price", [labour(60), agreed(9000, "USD")])).toMatchObject({
      state: "open",
      text: "The total is 54.45 EUR; what was agreed is in another currency (90 USD): ask the owner for a sum in EUR, and write down the answer",
    });
    expect(gate("price", [agreed(9000, "USD")])).toMatchObject({ state: "note" });
    expect(gate("price", [labour(60), agreed(9000)])).toMatchObject({ state: "ok" });
  });
  it("is said in one sentence", () => {
    expect(gate("price", [])).toEqual({
      key: "price",
      state: "note",
      text: "No labour and no priced parts are written down",
    });
    expect(gate("price", [labour(60), estimate])).toEqual({
      key: "price",
      state: "ok",
      text: "The total is 54.45 EUR; the estimate was 90 EUR",
    });
    expect(gate("price", [labour(60)])?.text).toBe("The total is 54.45 EUR");
  });
  it("a soak counts to the minute", () => {
    const at = (minutes: number) => new Date(Date.parse(atOf(1)) + minutes * 60_000).toISOString();
    const soaked = (minutes: number) =>
      gates(
        {
          ...input([]),
          settled: settle([
            {
              ...entry(1, { kind: "soak", payload: { v: 1, state: "start", hours: 2 } }),
              at: at(0),
              recordedAt: at(0),
            },
            {
              ...entry(2, { kind: "soak", payload: { v: 1, state: "end" } }),
              at: at(minutes),
              recordedAt: at(minutes),
            },
          ] as Entry[]).settled,
          now: at(1000),
        },
        USUAL_TERMS,
        "EUR",
      ).find(({ key }) => key === "soak");
    expect(soaked(120)).toMatchObject({ state: "ok", text: "Soaked 2.0 h", step: "prove" });
    expect(soaked(119)).toMatchObject({ state: "ok" });
    expect(soaked(118)).toMatchObject({ state: "note", text: "Soaked 1.9 h of 2 h" });
    expect(soaked(60)).toMatchObject({ state: "note", text: "Soaked 1.0 h of 2 h" });
  });
});
