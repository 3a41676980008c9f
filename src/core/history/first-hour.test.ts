import { describe, expect, it } from "vitest";
import { answerOf, SWITCH_NAMES, SWITCHES, switchesOf } from "../policy";
import { atOf, entry } from "../fixtures";
import { bodySchema, settle } from "../kinds";
import { openPoints } from ".";

const check = (extra: object) =>
  bodySchema.safeParse({
    kind: "check",
    payload: { v: 1, list: "make-safe", key: "lead", text: "Mains lead sound", state: "done", ...extra },
  });
const message = (result: ReturnType<typeof check>) => result.error?.issues[0]?.message ?? "taken";

describe("a line of the make-safe list", () => {
  it("is ticked; wrong and not-here say why", () => {
    expect(message(check({}))).toBe("taken");
    expect(message(check({ state: "trouble" }))).toBe("Say what is wrong.");
    expect(message(check({ state: "na" }))).toContain("Say why it does not apply");
    expect(message(check({ state: "na", remark: "no lead on this set" }))).toBe("taken");
    expect(message(check({ key: "Two Words" }))).toContain("short word");
  });
  it("is measured where it is the reservoir: entered, below the limit, of either sign", () => {
    const residual = (volts: number) => check({ key: "residual", measured: { text: `${volts}`, value: volts } });
    expect(message(check({ key: "residual" }))).toContain("no calculated time is permission to touch");
    expect(message(residual(60))).toBe("taken");
    expect(message(residual(-0.4))).toBe("taken");
    expect(message(residual(61))).toContain("61 V is still there");
    expect(message(residual(-300))).toContain("still there");
    expect(message(check({ key: "residual", state: "na", remark: "small set" }))).toContain("whatever the set");
    expect(message(check({ key: "residual", state: "trouble", remark: "no way to reach it" }))).toBe("taken");
  });
});

describe("a take-in", () => {
  const takeIn = (extra: object) =>
    bodySchema.safeParse({ kind: "take-in", payload: { v: 1, complaint: "hum", policy: "original", ...extra } });
  it("of the first days still reads", () => {
    expect(takeIn({}).success).toBe(true);
  });
  it("takes grades, a limit and choices, and none that it does not know", () => {
    expect(takeIn({ grades: [{ part: "dial", grade: "worn" }], switches: { power: "lamp" } }).success).toBe(true);
    expect(takeIn({ costLimit: { minor: 25_000, currency: "EUR" } }).success).toBe(true);
    expect(takeIn({ grades: [{ part: "dial", grade: "lovely" }] }).success).toBe(false);
    expect(takeIn({ switches: { power: "magic" } }).success).toBe(false);
    expect(takeIn({ costLimit: { minor: -1, currency: "EUR" } }).success).toBe(false);
    expect(takeIn({ costLimit: { minor: 100, currency: "euro" } }).success).toBe(false);
  });
});

describe("the choices of a visit", () => {
  it("each have answers in words", () => {
    for (const name of SWITCH_NAMES)
      for (const answer of Object.keys(SWITCHES[name].answers)) {
        expect(switchesOf({ [name]: answer })).toEqual({ [name]: answer });
        expect(answerOf(name, answer).length).toBeGreaterThan(3);
      }
  });
  it("forget what is empty or unknown", () => {
    expect(switchesOf({ power: "", resistors: "all of them", colour: "red" })).toEqual({});
  });
});

describe("what a set still asks for", () => {
  const kinds = (...entries: Parameters<typeof settle>[0]) =>
    openPoints(settle(entries).settled, atOf(999)).map((point) => point.kind);
  const cold = (n: number, value: number) =>
    entry(n, {
      kind: "reading",
      payload: {
        v: 1,
        phase: "cold",
        point: "L1 field coil, a to b",
        quantity: "resistance",
        measured: { text: "x", value },
        expected: { text: "1800", value: 1800, tolerance: 0.15, rule: "winding" },
      },
    });
  it("is an open winding, until it reads right again", () => {
    expect(kinds(cold(1, 1e12))).toEqual(["reading"]);
    expect(kinds(cold(1, 1e12), cold(2, 1790))).toEqual([]);
  });
  it("is a power-up that was stopped, one for each visit, until it goes on", () => {
    const step = (n: number, seen: "smoke"[]) =>
      entry(n, {
        kind: "power-step",
        payload: { v: 1, method: "variac", stage: "all-in", fraction: 0.5, seen, expected: { fullVolts: 220 } },
      });
    expect(kinds(step(1, ["smoke"]), step(2, ["smoke"]))).toEqual(["stop"]);
    expect(kinds(step(1, ["smoke"]), step(2, []))).toEqual([]);
  });
});
