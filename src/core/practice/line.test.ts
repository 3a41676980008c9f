import { describe, expect, it } from "vitest";
import { readAct } from "./line";
import { partChecked } from "./part-checked";
import { practiceSet } from "./set";
import { MADE_UP_SETS } from "./sets";
import { probePoints } from "./world";

const made = Object.values(MADE_UP_SETS).flatMap(({ sheet, year }) => {
  const set = practiceSet(sheet, year, "2026-11-27T10:00:00Z");
  return set ? [set] : [];
});
const words = made.map((set) => ({
  points: probePoints(set),
  tests: set.system.tests.map(({ id, name, stage, act }) => ({
    ...{ id, name, stage: stage?.name ?? "The whole set" },
    check: act === "check",
  })),
}));
const [lantern = { points: [], tests: [] }] = words;
const said = (line: string) => readAct(line, lantern);

describe("the line of the practice bench", () => {
  it("switches, reads volts and ohms, and says when the probe is clipped on", () => {
    expect(said("on")).toEqual({ kind: "act", act: { do: "on", through: "line" } });
    expect(said("on the lamp")).toEqual({ kind: "act", act: { do: "on", through: "lamp" } });
    expect(said("On, isolated")).toEqual({ kind: "act", act: { do: "on", through: "isolated" } });
    expect(said("off")).toEqual({ kind: "act", act: { do: "off" } });
    expect(said("v4 g1")).toEqual({ kind: "act", act: { do: "volts", point: "V4 grid", clip: false } });
    expect(said("B+ ohms")).toEqual({ kind: "act", act: { do: "ohms", point: "B+" } });
    expect(said("V4 anode clipped on")).toEqual({ kind: "act", act: { do: "volts", point: "V4 plate", clip: true } });
  });

  it("does a test by its words, asks which where several fit, and says so where none does", () => {
    expect(said("listen")).toMatchObject({ act: { do: "test", test: "play" } });
    expect(said("thump")).toMatchObject({ act: { test: "thump" } });
    const hum = said("hum");
    expect(hum).toMatchObject({ kind: "choices" });
    for (const choice of hum?.kind === "choices" ? hum.choices : [])
      expect(said(choice)).toMatchObject({ kind: "act" });
    expect(said("flux capacitor")).toEqual({
      kind: "problem",
      message: "Nothing at this set is called “flux capacitor”.",
    });
    expect(said("look")).toMatchObject({ kind: "problem", message: expect.stringMatching(/^\d+ fit “look”/) });
    expect(said("  ")).toBeUndefined();
  });

  it("checks and puts right by the part, and never takes C1 for C14", () => {
    expect(said("check C14")).toMatchObject({ act: { do: "test" } });
    expect(said("C14 -> new")).toMatchObject({ act: { do: "exchange" } });
    expect(said("replace C14")).toEqual(said("C14 -> new"));
    const one = said("C14 -> new");
    const name = one?.kind === "act" && one.act.do === "exchange" ? one.act.check : "";
    expect(lantern.tests.find(({ id }) => id === name)?.name).toMatch(/\bC14\b/);
    expect(said("replace C1")).not.toEqual(one);
  });

  it("does every test of every set by its own name, and reads every point", () => {
    for (const one of words) {
      for (const { id, name, check } of one.tests) {
        // The lamp limiter is how the set is switched on.
        if (id === "lamp") continue;
        expect(readAct(name, one), name).toEqual({ kind: "act", act: { do: "test", test: id } });
        if (check) expect(readAct(`put right ${partChecked(name)}`, one)).toMatchObject({ act: { check: id } });
      }
      for (const point of one.points) expect(readAct(point, one), point).toMatchObject({ act: { do: "volts", point } });
    }
  });
});
