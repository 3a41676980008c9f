import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { learntFrom, type FoundOnce } from "./found";

const found = (extra: Partial<FoundOnce> = {}): FoundOnce => ({
  modelId: "lantern",
  job: 1001,
  visitId: "first",
  at: "2020-01-01T00:00:00.000Z",
  fault: "output.coupling-leaky",
  kind: "output",
  mode: "coupling-leaky",
  cause: "C14",
  ...extra,
});

describe("what a search learns from what was found before", () => {
  it("counts each fault of its own model by its stage, of other models by the kind of stage", () => {
    const past = [
      found(),
      found({ visitId: "second" }),
      found({ visitId: "second", fault: "if.screen-open", kind: "if", mode: "screen-open" }),
      found({ modelId: "fjord", visitId: "third", fault: "out2.coupling-leaky" }),
      found({ modelId: "regent", visitId: "fourth", fault: "x.field-open", kind: undefined, mode: "field-open" }),
    ];
    expect(learntFrom(past, "lantern", "now")).toEqual({
      visits: 2,
      found: { "output.coupling-leaky": 2, "if.screen-open": 1 },
      elsewhereVisits: 2,
      elsewhere: { "output.coupling-leaky": 1, ".field-open": 1 },
    });
  });

  it("leaves out the visit itself, and only that", () => {
    expect(learntFrom([found(), found({ visitId: "second" })], "lantern", "second")).toMatchObject({
      visits: 1,
      found: { "output.coupling-leaky": 1 },
    });
  });

  it("takes names that every object has for names of faults", () =>
    expect(learntFrom([found({ fault: "constructor" })], "lantern", "now").found).toEqual({ constructor: 1 }));

  it("counts every finding once, whatever it is", () => {
    const one = fc.record({
      modelId: fc.constantFrom("lantern", "fjord"),
      visitId: fc.constantFrom("first", "second", "third"),
      fault: fc.constantFrom("a.x", "b.y"),
      kind: fc.constantFrom("output" as const, undefined),
      mode: fc.constantFrom("x", "y"),
    });
    const sum = (counts: Record<string, number>) => Object.values(counts).reduce((all, each) => all + each, 0);
    fc.assert(
      fc.property(fc.array(one), (list) => {
        const past = list.map((each) => found(each));
        const learnt = learntFrom(past, "lantern", "second");
        const counted = past.filter(({ visitId }) => visitId !== "second");
        expect(sum(learnt.found) + sum(learnt.elsewhere)).toBe(counted.length);
        expect(learnt.visits).toBeLessThanOrEqual(2);
        expect(learnt.visits > 0).toBe(counted.some(({ modelId }) => modelId === "lantern"));
      }),
    );
  });
});
