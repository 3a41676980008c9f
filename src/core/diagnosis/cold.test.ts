import { describe, expect, it } from "vitest";
import { topologyOf, TOPOLOGIES } from "./circuit";
import { consider, type Question } from "./picture";

const circuit = topologyOf("superhet")!.circuit;
const question = (evidence: [test: string, outcome: string][], extra: Partial<Question> = {}): Question => ({
  facts: { circuit, parts: [], highestVolts: 300 },
  evidence: evidence.map(([test, outcome], index) => ({ id: String(index), test, outcome })),
  done: evidence.map(([test]) => test),
  mended: [],
  confirmed: [],
  lacking: [],
  met: [],
  ...extra,
});

describe("after a sign of a short the search is a cold one", () => {
  it.each([
    ["fuse", "blown"],
    ["lamp", "bright"],
    ["ohms:reservoir", "low"],
  ])("%s %s: nothing that needs the line", (test, outcome) => {
    const { short, next } = consider(question([[test, outcome]]));
    expect(short).toBeGreaterThan(0.1);
    expect(next.length).toBeGreaterThan(0);
    for (const one of next) expect(one.needs, one.name).not.toContain("power");
  });

  it("a blown fuse raises every short, and is not the end of the search by itself", () => {
    const before = consider(question([]));
    const after = consider(question([["fuse", "blown"]]));
    const p = (picture: typeof before, id: string) =>
      [...picture.causes, ...picture.ruledOut].find((cause) => cause.id === id)?.probability ?? 0;
    expect(p(after, "reservoir.reservoir-short")).toBeGreaterThan(5 * p(before, "reservoir.reservoir-short"));
    expect(after.causes.find(({ id }) => id === "mains.mains-fuse")?.shown).not.toBe(true);
  });

  it("ends when ohms are as they should be and the lamp dims", () => {
    const { short } = consider(
      question([
        ["fuse", "blown"],
        ["ohms:reservoir", "normal"],
        ["ohms:mains", "normal"],
        ["lamp", "dim"],
        ["check:mains:fuse", "bad"],
      ]),
    );
    expect(short).toBeUndefined();
  });

  it("a short that was mended is none any more", () => {
    const shorts = ["reservoir.reservoir-short"];
    const still = consider(
      question([
        ["fuse", "blown"],
        ["check:reservoir:cap-reservoir", "bad"],
      ]),
    );
    const mended = consider(
      question(
        [
          ["fuse", "blown"],
          ["check:reservoir:cap-reservoir", "bad"],
        ],
        {
          mended: [...shorts, "reservoir.reservoir-leaky", "reservoir.reservoir-dry"],
        },
      ),
    );
    expect(mended.short ?? 0).toBeLessThan(still.short ?? 0);
  });
});

describe("danger", () => {
  it("no probe and no hand goes to more than a thousand volts, in any topology", () => {
    for (const { key, circuit: one } of TOPOLOGIES) {
      const { tests } = consider({ ...question([]), facts: { circuit: one, parts: [], highestVolts: 3000 } });
      for (const { id, stage } of tests) {
        const kind = one.stages.find((it) => it.id === stage)?.kind;
        if (kind === "pa" || kind === "amplifier" || kind === "tank")
          expect(/^(volts|tap|inject|trace|freeze|bridge)/.test(id), `${key} ${id}`).toBe(false);
      }
    }
  });

  it("a board with twelve volts on it is not the cage", () => {
    const transceiver = topologyOf("transceiver")!.circuit;
    const { next } = consider({
      ...question(
        [
          ["play", "dead"],
          ["rail:rails", "normal"],
          ["inject:af", "fine"],
        ],
        { met: ["open"] },
      ),
      facts: { circuit: transceiver, parts: [], highestVolts: 800 },
    });
    expect(next.some(({ hazard }) => hazard <= 1)).toBe(true);
  });
});
