import { describe, expect, it } from "vitest";
import {
  modificationsOf,
  settle,
  type Content,
  type Entry,
  type ModBody,
  readNeed,
  readPart,
  readStep,
  readTap,
  writeNeed,
  writeStep,
  writeTap,
} from "../kinds";
import type { VisitInput } from "../visit";
import { entry, idOf, note, SHEET, symptom, VISIT } from "../fixtures";
import { hardware, prerequisites, readyToOrder, suitability, together } from "./suitability";

const BODY: ModBody = {
  what: "a converter ahead of the set",
  needs: [],
  parts: [{ designator: "V901", text: "6BE6" }],
  taps: [],
  chassis: "none",
  steps: [{ text: "front panel off", opens: "front panel", screws: 6 }],
  verify: [],
  recalibrate: [],
  reversible: true,
  undo: "take it out",
};
const takeIn = (policy: "reliability" | "original" | "museum", modify?: "none" | "reversible" | "free"): Content => ({
  kind: "take-in",
  payload: { v: 1, complaint: "x", policy, received: [], missing: [], ...(modify ? { switches: { modify } } : {}) },
});
const at = (entries: Entry[], sheet = {}): VisitInput => ({
  sheet: { ...SHEET, ...sheet },
  year: 1937,
  settled: settle(entries).settled,
  visitId: VISIT,
  now: "2026-12-01T00:00:00.000Z",
});
const line = (body: Partial<ModBody>, key: string, entries: Entry[] = [], sheet = {}) =>
  suitability({ ...BODY, ...body }, "Converter", at(entries, sheet)).find((one) => one.key === key);

describe("whether a modification suits a set", () => {
  it("adds its heaters to what the winding carries already (6V6: 0.45 A; 6BE6: 0.3 A)", () => {
    expect(line({}, "heater", [], { heaterAmps: 1 })).toMatchObject({
      verdict: "fits",
      reason: expect.stringContaining("450 mA now, 750 mA with 300 mA"),
    });
    expect(line({}, "heater", [], { heaterAmps: 0.7 })).toMatchObject({
      verdict: "does-not",
      reason: expect.stringContaining("50 mA above"),
    });
    expect(line({}, "heater")).toMatchObject({ verdict: "look", reason: expect.stringContaining("not in the sheet") });
    expect(line({ parts: [] }, "heater")).toBeUndefined();
    const tap = { kind: "heater", at: "6.3 V winding", low: 6.3, draws: 0.6 } as const;
    expect(line({ taps: [tap] }, "heater", [], { heaterAmps: 1 })).toMatchObject({ verdict: "does-not" });
    expect(line({ taps: [{ ...tap, low: 2.5 }] }, "heater", [], { heaterAmps: 9 })).toMatchObject({
      reason: expect.stringContaining("No winding of 2.5 V"),
    });
  });

  it("never adds a tube to a series string", () => {
    const string = {
      supply: "live-chassis",
      tubes: [
        { position: "V1", type: "UCH42", work: "mixer" },
        { position: "V2", type: "UL41", work: "output" },
      ],
    };
    expect(line({}, "heater", [], string)).toMatchObject({
      verdict: "does-not",
      reason: expect.stringContaining("series string"),
    });
  });

  it("looks the tap's voltage up: what was read last before what the chart has", () => {
    const tap = { kind: "rail", at: "B+", low: 200, high: 255, draws: 0.005 } as const;
    expect(line({ taps: [tap] }, "tap-1")).toMatchObject({
      verdict: "fits",
      reason: "B+ has 250 V by the chart; 5 mA is drawn there.",
    });
    const read = entry(1, {
      kind: "reading",
      payload: { v: 1, phase: "baseline", point: "b+", quantity: "voltage", measured: { text: "268", value: 268 } },
    });
    expect(line({ taps: [tap] }, "tap-1", [read])).toMatchObject({
      verdict: "does-not",
      reason: expect.stringContaining("268 V as it was read last: outside"),
    });
    expect(line({ taps: [{ ...tap, at: "screen of V9" }] }, "tap-1")).toMatchObject({ verdict: "look" });
    expect(line({ taps: [{ kind: "ground", at: "chassis", low: 0 }] }, "tap-1")).toBeUndefined();
  });

  it("asks the visit's policy, which a choice of the visit goes before", () => {
    const policy = (chosen: Content, body: Partial<ModBody> = {}) => line(body, "policy", [entry(1, chosen)])?.verdict;
    expect(policy(takeIn("museum"))).toBe("does-not");
    expect(policy(takeIn("museum", "free"))).toBe("fits");
    expect(policy(takeIn("original"))).toBe("fits");
    expect(policy(takeIn("original"), { reversible: false })).toBe("does-not");
    expect(line({ chassis: "drilled", reversible: false }, "policy", [entry(1, takeIn("original"))])).toMatchObject({
      verdict: "does-not",
      reason: expect.stringContaining("a drilled hole stays"),
    });
    expect(policy(takeIn("reliability"), { chassis: "drilled", reversible: false })).toBe("fits");
  });

  it("wants stages, a supply, and a set that works already", () => {
    const needs: ModBody["needs"] = [
      { kind: "stages", stages: ["output"], text: "an output stage" },
      { kind: "stages", stages: ["vfo"], text: "a VFO" },
      { kind: "supply", supplies: ["battery"], text: "batteries" },
      { kind: "works", text: "plays" },
      { kind: "board", board: "AF-4", level: "rev C", text: "printed on it" },
    ];
    const all = suitability({ ...BODY, needs }, "X", at([entry(1, symptom("hum"))]));
    expect(["1", "2", "3", "4", "5"].map((key) => all.find((one) => one.key === key)?.verdict)).toEqual([
      "fits",
      "does-not",
      "does-not",
      "does-not",
      "look",
    ]);
    expect(line({ needs }, "4", [])).toMatchObject({ verdict: "look" });
  });

  it("catches that it is fitted already, by its name or by its places", () => {
    const fitted = (name: string): Entry =>
      entry(1, { kind: "modification", payload: { v: 1, name, state: "fitted", ...BODY } });
    expect(line({}, "fitted", [fitted("converter")])).toMatchObject({
      verdict: "does-not",
      reason: expect.stringContaining("since 2026-01-01"),
    });
    expect(line({}, "fitted", [fitted("Something else")])).toMatchObject({
      verdict: "does-not",
      reason: expect.stringContaining("V901 belongs to"),
    });
    expect(line({}, "fitted")).toMatchObject({ verdict: "fits" });
  });
});

describe("prerequisites", () => {
  const planned = (needs: ModBody["needs"]) =>
    entry(1, {
      kind: "modification",
      payload: { v: 1, name: "Converter", state: "planned", ...BODY, parts: [], needs },
    });
  const look: ModBody["needs"] = [{ kind: "look", text: "a spare hole" }];
  const tick = (n: number, state: "done" | "na" | "unmet", key = "1"): Entry =>
    entry(n, {
      kind: "tick",
      payload: {
        v: 1,
        about: idOf(1),
        list: "prerequisite",
        key,
        text: "x",
        state,
        ...(state === "done" ? { saw: "7 mm" } : { why: "no" }),
      },
    });
  const lines = (...entries: Entry[]) => {
    const input = at([planned(look), entry(9, takeIn("reliability")), ...entries]);
    const [one] = modificationsOf(input.settled);
    return one ? prerequisites(one, input) : [];
  };

  it("are met by looking or by not applying; what fits by reckoning stands, what needs eyes does not", () => {
    expect(readyToOrder(lines())).toBe(false);
    expect(lines().map(({ key, state }) => [key, state])).toEqual([
      ["fitted", "met"],
      ["policy", "met"],
      ["1", "open"],
    ]);
    expect(readyToOrder(lines(tick(2, "done")))).toBe(true);
    expect(readyToOrder(lines(tick(2, "na")))).toBe(true);
    expect(readyToOrder(lines(tick(2, "done"), tick(3, "unmet")))).toBe(false);
  });

  it("can be found unmet although the reckoning says that it fits", () => {
    expect(lines(tick(2, "done"), tick(3, "unmet", "policy")).find(({ key }) => key === "policy")?.state).toBe("unmet");
  });
});

describe("while it is open", () => {
  it("names open points and other modifications that need the same panel off", () => {
    const input = at([
      entry(1, note("new front panel waits: change it while the Front Panel is off", { open: true })),
      entry(2, note("clean the dial", { open: true })),
      entry(3, { kind: "modification", payload: { v: 1, name: "Gain control", state: "planned", ...BODY, parts: [] } }),
    ]);
    expect(together("front panel", input.settled, input.now)).toEqual([
      "new front panel waits: change it while the Front Panel is off",
      "Gain control needs it off too",
    ]);
    expect(together("front panel", input.settled, input.now, idOf(3))).toHaveLength(1);
    expect(together("", input.settled, input.now)).toEqual([]);
  });

  it("counts hardware out and in over the last word on every step", () => {
    const { settled } = at([
      entry(1, { kind: "modification", payload: { v: 1, name: "X", state: "planned", ...BODY } }),
      entry(2, {
        kind: "tick",
        payload: { v: 1, about: idOf(1), list: "step", key: "1", text: "x", state: "done", out: 6 },
      }),
      entry(3, {
        kind: "tick",
        payload: { v: 1, about: idOf(1), list: "step", key: "2", text: "x", state: "done", back: 5 },
      }),
    ]);
    const [one] = modificationsOf(settled);
    expect(one && hardware(one)).toEqual({ out: 6, back: 5 });
  });
});

describe("lines of a recipe", () => {
  it.each([
    "rail B+ 200 V to 300 V draws 5 mA",
    "signal VR1 top",
    "heater 6.3 V winding 6.3 V draws 300 mA",
    "ground chassis at the socket",
  ])("tap: %s", (text) => {
    const read = readTap(text);
    expect(read.ok && writeTap(read.value)).toBe(text);
  });
  it.each([
    "stages mixer, oscillator: a superhet",
    "supply transformer: no live chassis",
    "works: it plays",
    "board AF-4 from rev C: printed",
    "firmware 2.1: on the label",
    "look: a spare hole",
  ])("need: %s", (text) => {
    const read = readNeed(text);
    expect(read.ok && writeNeed(read.value)).toBe(text);
  });
  it("step: what is opened, its caution and its screws", () => {
    const text = "Take the panel off | caution the pads tear | opens front panel | screws 6";
    const read = readStep(text);
    expect(read.ok && writeStep(read.value)).toBe(text);
    expect(readStep("x | glue it")).toMatchObject({ ok: false });
    expect(readStep("| screws 3")).toMatchObject({ ok: false });
  });
  it("refuses what does not read, with a sentence", () => {
    expect(readTap("B+")).toMatchObject({ ok: false, message: expect.stringContaining("begins with its kind") });
    expect(readTap("rail B+ 300 V to 200 V")).toMatchObject({
      ok: false,
      message: expect.stringContaining("the least"),
    });
    expect(readTap("rail B+ draws much")).toMatchObject({
      ok: false,
      message: expect.stringContaining("not a current"),
    });
    expect(readNeed("a superhet")).toMatchObject({ ok: false });
    expect(readNeed("firmware: x")).toMatchObject({ ok: false, message: expect.stringContaining("Name the level") });
    expect(readPart("socket")).toMatchObject({ ok: false });
    expect(readPart("r1 10k")).toEqual({ ok: true, value: { designator: "R1", text: "10k" } });
  });
});
