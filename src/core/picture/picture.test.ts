import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { movePins, planView } from ".";

const place = fc.record({
  x: fc.double({ min: 0.2, max: 0.8, noNaN: true }),
  y: fc.double({ min: 0.2, max: 0.8, noNaN: true }),
});
const far = (a: { x: number; y: number }, b: { x: number; y: number }) => Math.hypot(a.x - b.x, a.y - b.y) > 0.15;
const aspect = fc.double({ min: 0.5, max: 2, noNaN: true });

describe("pins on a new picture", () => {
  it("go where the two reference points say: the reference points themselves land exactly", () => {
    fc.assert(
      fc.property(place, place, place, place, aspect, aspect, (a, b, a1, b1, from, to) => {
        fc.pre(far(a, b) && far(a1, b1));
        const moved = movePins(
          [a, b],
          [
            { from: a, to: a1 },
            { from: b, to: b1 },
          ],
          { from, to },
        );
        expect(moved?.pins[0]?.x).toBeCloseTo(a1.x, 9);
        expect(moved?.pins[0]?.y).toBeCloseTo(a1.y, 9);
        expect(moved?.pins[1]?.x).toBeCloseTo(b1.x, 9);
        expect(moved?.pins[1]?.y).toBeCloseTo(b1.y, 9);
      }),
    );
  });
  it("come back where they were when the move is undone", () => {
    fc.assert(
      fc.property(place, place, place, place, place, aspect, aspect, (pin, a, b, a1, b1, from, to) => {
        fc.pre(far(a, b) && far(a1, b1));
        const there = movePins(
          [pin],
          [
            { from: a, to: a1 },
            { from: b, to: b1 },
          ],
          { from, to },
        );
        fc.pre((there?.pins.length ?? 0) === 1);
        const back = movePins(
          there?.pins ?? [],
          [
            { from: a1, to: a },
            { from: b1, to: b },
          ],
          { from: to, to: from },
        );
        expect(back?.pins[0]?.x).toBeCloseTo(pin.x, 6);
        expect(back?.pins[0]?.y).toBeCloseTo(pin.y, 6);
      }),
    );
  });
  // Half the size about the upper left corner: (0.8, 0.6) becomes (0.4, 0.3); a quarter turn of a square picture.
  it("follow size and turn", () => {
    const half = movePins(
      [{ x: 0.8, y: 0.6 }],
      [
        { from: { x: 0, y: 0 }, to: { x: 0, y: 0 } },
        { from: { x: 1, y: 0 }, to: { x: 0.5, y: 0 } },
      ],
      { from: 1, to: 1 },
    );
    expect(half?.pins[0]).toEqual({ x: 0.4, y: 0.3 });
    const turned = movePins(
      [{ x: 1, y: 0 }],
      [
        { from: { x: 0.5, y: 0.5 }, to: { x: 0.5, y: 0.5 } },
        { from: { x: 1, y: 0.5 }, to: { x: 0.5, y: 1 } },
      ],
      { from: 1, to: 1 },
    );
    expect(turned?.pins[0]?.x).toBeCloseTo(1, 9);
    expect(turned?.pins[0]?.y).toBeCloseTo(1, 9);
  });
  it("name those that fall outside, and refuse two points in one place", () => {
    const shifted = movePins(
      [{ x: 0.9, y: 0.5 }],
      [
        { from: { x: 0.2, y: 0.2 }, to: { x: 0.5, y: 0.2 } },
        { from: { x: 0.4, y: 0.2 }, to: { x: 0.7, y: 0.2 } },
      ],
      { from: 1, to: 1 },
    );
    expect(shifted?.outside).toHaveLength(1);
    const one = { from: { x: 0.5, y: 0.5 }, to: { x: 0.5, y: 0.5 } };
    expect(movePins([], [one, one], { from: 1, to: 1 })).toBeUndefined();
  });
});

const stage = (id: string, kind: "mixer" | "if" | "output", tubes: string[]) => ({
  id,
  kind,
  name: id.toUpperCase(),
  device: "tube" as const,
  tubes,
});
const CIRCUIT = {
  stages: [stage("out", "output", ["V3"]), stage("mix", "mixer", ["V1"]), stage("if", "if", ["V2"])],
  paths: [{ key: "receive" as const, chain: ["mix", "if", "out"] }],
};

describe("the plan by stages", () => {
  const view = planView(CIRCUIT, {
    tubes: [{ position: "V1" }, { position: "V2" }, { position: "V3" }, { position: "V9" }],
    components: [{ designator: "C1", stage: "IF" }, { designator: "T2", stage: "if" }, { designator: "R4" }],
    alignment: [{ adjust: "T2 top" }, { adjust: "C77" }],
  });
  it("has the stages in the order of the signal", () => {
    expect(view.blocks.map(({ name }) => name)).toEqual(["MIX", "IF", "OUT", "Elsewhere"]);
  });
  it("has every tube, part and adjuster once, inside its block", () => {
    expect(view.spots.map(({ name }) => name).sort()).toEqual([
      "C1",
      "C77",
      "R4",
      "T2",
      "T2 top",
      "V1",
      "V2",
      "V3",
      "V9",
    ]);
    for (const { x, y } of view.spots)
      expect(view.blocks.some((one) => x > one.x && x < one.x + one.width && y > one.y && y < one.y + one.height)).toBe(
        true,
      );
    const second = view.blocks[1]!;
    expect(view.spots.find(({ name }) => name === "T2 top")?.x).toBeGreaterThan(second.x);
  });
});
