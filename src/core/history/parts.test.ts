import { describe, expect, it } from "vitest";
import { asBuilt, openPoints } from ".";
import { contentSchema, describe as describeEntry, settle, type Content, type ContentOf, judgementOf } from "../kinds";
import { amend, atOf, entry, idOf, replace, SHEET, withdraw, work } from "../fixtures";

const NOW = atOf(1000);
const typed = (text: string, value: number) => ({ text, value });
const component = (change: Partial<ContentOf<"component-test">["payload"]> = {}): Content => ({
  kind: "component-test",
  payload: {
    v: 1,
    designator: "C14",
    where: "out",
    quantity: "capacitance",
    leakage: typed("8.5 µA", 8.5e-6),
    atVolts: typed("85 V", 85),
    against: {
      role: "coupling",
      nominal: 50e-9,
      low: -0.2,
      high: 0.2,
      electrolytic: false,
      next: { plateVolts: 85, gridOhms: 470e3, bias: 12.5, name: "V4" },
    },
    ...change,
  },
});
const tube = (change: Partial<ContentOf<"tube-test">["payload"]> = {}): Content => ({
  kind: "tube-test",
  payload: {
    v: 1,
    phase: "check",
    designator: "V4",
    shorts: "none",
    gas: "none",
    strength: { test: "gm", measured: typed("2200", 2200), nominal: typed("4100", 4100), unit: "µS" },
    tester: "bench tester",
    ...change,
  },
});
const refused = (content: unknown): string => {
  const read = contentSchema.safeParse(content);
  return read.success ? "taken" : (read.error.issues[0]?.message ?? "refused");
};

describe("a measured part as an entry", () => {
  it("keeps what it was judged against, so that its verdict stays whatever the sheet says later", () => {
    const line = describeEntry(component());
    expect(line).toMatchObject({ subject: "C14", verdict: "bad" });
    expect(line.text).toContain("leaks 8.5 µA at 85 V, out");
  });
  it("in circuit proves nothing of a capacitor", () => {
    const { payload } = component({ where: "in-circuit" }) as ContentOf<"component-test">;
    expect(judgementOf({ kind: "component-test", payload }).verdict).toBe("none");
    expect(describeEntry(component({ where: "in-circuit" })).verdict).toBeUndefined();
  });
  it("of a place that nobody knows is kept without a verdict", () => {
    const { payload } = component({ against: undefined }) as ContentOf<"component-test">;
    expect(judgementOf({ kind: "component-test", payload }).verdict).toBe("none");
  });
  it("of a resistor follows the school that was chosen then", () => {
    const drifted = (school: "nominal" | "twice" | "keep") =>
      component({
        designator: "R7",
        quantity: "resistance",
        where: "lifted",
        leakage: undefined,
        atVolts: undefined,
        value: typed("600k", 600e3),
        against: { role: "anode-load", nominal: 470e3, low: -0.2, high: 0.2, electrolytic: false, school },
      });
    expect(describeEntry(drifted("nominal")).verdict).toBe("bad");
    expect(describeEntry(drifted("twice")).verdict).toBe("watch");
    expect(describeEntry(drifted("keep")).verdict).toBe("watch");
  });
  it("is refused where it says nothing, or says what cannot be", () => {
    expect(refused(component({ leakage: undefined }))).toContain("Nothing was measured");
    expect(refused(component({ atVolts: undefined }))).toContain("At which voltage");
    expect(refused(component({ value: typed("0", 0) }))).toContain("above zero");
    expect(refused(component({ leakage: typed("-1", -1) }))).toContain("not below zero");
    expect(refused(component({ tan: 0 }))).toContain("above zero");
    expect(refused(component({ quantity: "resistance", designator: "R7" }))).toContain("belong to a capacitor");
  });
});

describe("a tube's test as an entry", () => {
  it("says its percent and its verdict", () => {
    expect(describeEntry(tube())).toMatchObject({ subject: "V4", verdict: "bad" });
    expect(describeEntry(tube()).text).toBe(
      "no shorts, no gas, gm 2200 / 4100 µS, on bench tester. 54 % of nominal: replace (below 60 %).",
    );
    expect(describeEntry(tube({ gas: "slight", type: "6V6GT" })).text).toContain("6V6GT, no shorts, a trace of gas");
  });
  it("with a short goes no further", () => {
    expect(refused(tube({ shorts: "found" }))).toContain("not tested further");
    expect(refused(tube({ shorts: "found", gas: undefined, strength: undefined }))).toBe("taken");
  });
  it("has a nominal above zero and a strength not below it", () => {
    const strength = (measured: number, nominal: number) =>
      tube({ strength: { test: "gm", measured: typed("x", measured), nominal: typed("x", nominal), unit: "" } });
    expect(refused(strength(1, 0))).toContain("above zero");
    expect(refused(strength(-1, 10))).toContain("not below zero");
  });
});

describe("what tests bad stays open", () => {
  const texts = (...contents: Content[]) =>
    openPoints(settle(contents.map((content, n) => entry(n + 1, content))).settled, NOW).map(({ text }) => text);
  it("until somebody has worked on its place, or it tests good", () => {
    expect(texts(component())).toEqual([expect.stringContaining("C14 tests bad")]);
    expect(texts(component(), replace("C14", "0.047/630"))).toEqual([]);
    expect(
      texts(
        tube(),
        tube({ strength: { test: "gm", measured: typed("4000", 4000), nominal: typed("4100", 4100), unit: "µS" } }),
      ),
    ).toEqual([]);
    expect(texts(tube())).toEqual([expect.stringContaining("V4 tests bad: 54 %")]);
  });
  it("and comes back when the work is withdrawn", () => {
    const entries = [entry(1, component()), entry(2, replace("C14", "0.047/630")), amend(3, idOf(2), withdraw())];
    expect(openPoints(settle(entries).settled, NOW)).toHaveLength(1);
  });
});

describe("a found substitution", () => {
  const found = work(["V4"], "left", {
    action: "substituted",
    was: "6V6",
    now: [{ designator: "V4", text: "6F6" }],
    why: "fit a 6V6 and 250 Ω at the cathode",
  });
  it("stands in the parts record as what it is, with the way back", () => {
    const { settled } = settle([entry(1, found)]);
    expect(asBuilt(settled, SHEET, NOW).find(({ designator }) => designator === "V4")).toMatchObject({
      state: "substituted",
      parts: [{ text: "6F6" }],
      why: "fit a 6V6 and 250 Ω at the cathode",
    });
  });
  it("is an open point that does not hold the set back, until the original is put back", () => {
    const open = openPoints(settle([entry(1, found)]).settled, NOW);
    expect(open).toMatchObject([{ blocks: false, text: expect.stringContaining("to put it back") as string }]);
    expect(openPoints(settle([entry(1, found), entry(2, replace("V4", "6V6"))]).settled, NOW)).toEqual([]);
    const { settled } = settle([entry(1, found), entry(2, replace("V4", "6V6"))]);
    expect(asBuilt(settled, SHEET, NOW).find(({ designator }) => designator === "V4")?.state).toBe("replaced");
  });
  it("says so on the tape, and needs its way back", () => {
    expect(describeEntry(found).text).toBe(
      "found substituted: 6F6 in place of 6V6. To put it back: fit a 6V6 and 250 Ω at the cathode",
    );
    expect(
      refused(work(["V4"], "left", { action: "substituted", now: [{ designator: "V4", text: "6F6" }] })),
    ).toContain("put the original back");
    expect(refused(work(["V4"], "left", { action: "substituted", why: "x" }))).toContain("what was put in");
  });
});

describe("a part out of stock", () => {
  const stock = {
    part: "0193e0a0-0000-7000-8000-000000000001",
    code: "JP00001A7",
    batch: "2411",
    price: { minor: 60, currency: "EUR" },
  };
  it("keeps what its label said", () => {
    const content = work(["C14"], "replaced", { now: [{ designator: "C14", text: "0.047/630", stock }] });
    expect(refused(content)).toBe("taken");
    const { settled } = settle([entry(1, content)]);
    expect(asBuilt(settled, SHEET, NOW).find(({ designator }) => designator === "C14")?.parts[0]?.stock).toEqual(stock);
  });
  it("with a label of another kind is refused", () => {
    const wrong = work(["C14"], "replaced", {
      now: [{ designator: "C14", text: "x", stock: { ...stock, code: "4006381333931" } }],
    });
    expect(refused(wrong)).toContain("begins with JP");
  });
});

describe("a decision on the plan", () => {
  it("is a line on the tape, and needs its reason", () => {
    const decision = (why: string): Content => ({
      kind: "plan-line",
      payload: { v: 1, designator: "C14", action: "keep", why },
    });
    expect(describeEntry(decision("new in 2019"))).toEqual({ subject: "Plan, C14", text: "keep: new in 2019" });
    expect(refused(decision(" "))).toContain("reason is empty");
  });
});
