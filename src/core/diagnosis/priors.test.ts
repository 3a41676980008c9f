import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { topologyOf } from "./circuit";
import { ageFactor, EXPECTED_FAULTS, learn, MOST_LIKELY, probabilities, recordFactor } from "./priors";
import { systemOf } from "./system";

const circuit = topologyOf("superhet")?.circuit;
if (!circuit) throw new Error("no superhet");
const priorOf = (facts: Partial<Parameters<typeof systemOf>[0]>, id: string) =>
  systemOf({ circuit, parts: [], highestVolts: 400, ...facts }).faults.find((fault) => fault.id === id);

describe("what is likely before anybody looked", () => {
  it("adds up to what a set that comes in has", () => {
    fc.assert(
      fc.property(
        fc.array(fc.double({ min: 0.1, max: 20, noNaN: true }), { minLength: 30, maxLength: 80 }),
        (shares) => {
          const list = probabilities(shares);
          expect(list.reduce((a, b) => a + b, 0)).toBeLessThanOrEqual(EXPECTED_FAULTS + 1e-9);
          expect(Math.max(...list)).toBeLessThanOrEqual(MOST_LIKELY);
        },
      ),
    );
  });

  it("grows with age where the part ages", () => {
    expect(ageFactor("cap:coupling", 60)).toMatchObject({ factor: 2 });
    expect(ageFactor("cap:coupling", 5).factor).toBe(1);
    expect(ageFactor("res:screen", 60).factor).toBe(1.5);
    expect(ageFactor("tube", 60).factor).toBe(1);
    expect(ageFactor("cap:coupling", undefined).factor).toBe(1);
  });

  it("falls for a part that was changed and rises for one that was left with a reason", () => {
    const parts = [{ designator: "C14", role: "coupling" as const, stage: "output" }];
    const id = "output.coupling-leaky@C14";
    const asFound = priorOf({ parts, years: 80 }, id);
    const changed = priorOf({ parts, years: 80, record: { C14: { changedYears: 0.1 } } }, id);
    const left = priorOf({ parts, years: 80, record: { C14: { left: true } } }, id);
    expect(changed?.prior).toBeLessThan((asFound?.prior ?? 0) / 5);
    expect(left?.prior).toBeGreaterThan(asFound?.prior ?? 1);
    expect(changed?.because.join()).toContain("changed in the last year");
    expect(left?.because.join()).toContain("left with a reason");
    expect(recordFactor({ changedYears: 4 }).factor).toBe(0.5);
    expect(recordFactor({ changedYears: 40 }).factor).toBe(1);
  });

  it("follows the shop's own figure", () => {
    const own = priorOf({ figures: { "coupling-leaky": 160 } }, "output.coupling-leaky");
    const usual = priorOf({}, "output.coupling-leaky");
    expect(own?.prior).toBeGreaterThan(3 * (usual?.prior ?? 1));
    expect(own?.because[0]).toContain("shop’s own");
  });
});

describe("learning", () => {
  it("is a Beta update by hand: 2 % that weighs as 30 sets, found in 3 of 5, is 10.3 %", () => {
    expect(learn(0.02, 3, 5, 0, 0)).toBeCloseTo(3.6 / 35, 10);
    expect(learn(0.02, 0, 0, 0, 0)).toBeCloseTo(0.02, 10);
  });

  it("lets another model count a quarter, and what is never found grow less likely", () => {
    expect(learn(0.02, 1, 1, 0, 0)).toBeGreaterThan(learn(0.02, 0, 0, 1, 1));
    expect(learn(0.02, 0, 10, 0, 0)).toBeLessThan(0.02);
  });

  it("shows in the prior, says why, and is gone when the findings are", () => {
    const learnt = {
      visits: 3,
      found: { "output.coupling-leaky": 2 },
      elsewhereVisits: 1,
      elsewhere: { "output.coupling-leaky": 1 },
    };
    const with_ = priorOf({ learnt }, "output.coupling-leaky");
    const without = priorOf({}, "output.coupling-leaky");
    expect(with_?.prior).toBeGreaterThan(without?.prior ?? 1);
    expect(with_?.because.join()).toContain("found 2 × in 3 closed searches on this model");
    expect(with_?.because.join()).toContain("found 1 × on other models");
    expect(
      priorOf({ learnt: { visits: 0, found: {}, elsewhereVisits: 0, elsewhere: {} } }, "output.coupling-leaky"),
    ).toEqual(without);
  });
});
