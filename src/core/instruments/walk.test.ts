import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { USUAL_STEADY } from "./steady";
import { STAGES, walkOf, walkOn, type Walk, type WalkDone, type WalkEvent } from "./walk";

const POINTS = [
  { point: "B+", stages: [] },
  { point: "V4 plate", stages: [] },
  { point: "V4 grid", stages: [] },
];

/** Goes through events. @returns the walk then, and what was taken and taken back */
function through(start: Walk, events: readonly WalkEvent[]) {
  let walk = start;
  const done: Omit<WalkDone, "walk">[] = [];
  for (const event of events) {
    const { walk: next, ...rest } = walkOn(walk, event, USUAL_STEADY);
    walk = next;
    if (rest.take ?? rest.takeBack) done.push(rest);
  }
  return { walk, done };
}
let clock = 0;
const holds = (value: number, times = 5): WalkEvent[] =>
  Array.from({ length: times }, () => ({ kind: "reading", at: (clock += 250), value }));

describe("a walk with the probe", () => {
  it("takes what stands still and goes on, and takes nothing twice while the probe stays", () => {
    const { walk, done } = through(walkOf(POINTS), [...holds(248.2), ...holds(248.2, 20)]);
    expect(done).toEqual([{ take: { point: "B+", value: 248.2 } }]);
    expect(walk.at).toBe(1);
  });

  it("keeps the range that the meter said last at this point, and no other's", () => {
    const told = holds(248.2).map((event) => ({ ...event, range: 1000 }));
    const { done } = through(walkOf(POINTS), [...told, ...holds(0, 3), ...holds(12)]);
    expect(done.map(({ take }) => take)).toEqual([
      { point: "B+", value: 248.2, range: 1000 },
      { point: "V4 plate", value: 12 },
    ]);
  });

  it("knows the next point by the probe that was lifted, also where it reads the same", () => {
    const { done } = through(walkOf(POINTS), [...holds(248.2), ...holds(0, 3), ...holds(248.2)]);
    expect(done.map(({ take }) => take)).toEqual([
      { point: "B+", value: 248.2 },
      { point: "V4 plate", value: 248.2 },
    ]);
  });

  it("takes no leads in the air, but what is really nothing by the foot-switch", () => {
    const start = walkOf(POINTS);
    expect(through(start, holds(0.001, 30)).done).toEqual([]);
    expect(through(start, [...holds(0.001), { kind: "next" }]).done).toEqual([{ take: { point: "B+", value: 0.001 } }]);
    expect(through(start, [{ kind: "next" }]).done).toEqual([]);
  });

  it("goes back to a slip by one key, once", () => {
    const { walk, done } = through(walkOf(POINTS), [...holds(12), { kind: "back" }, { kind: "back" }]);
    expect(done.at(-1)).toEqual({ takeBack: { point: "B+" } });
    expect(walk.at).toBe(0);
    expect(through(walk, [...holds(0, 1), ...holds(248)]).done).toEqual([{ take: { point: "B+", value: 248 } }]);
  });

  it("after a slip takes nothing of the point that the probe has gone on to, until it is lifted", () => {
    const start = walkOf(POINTS);
    const slipped = through(start, [...holds(12), ...holds(0, 2), ...holds(190, 2), { kind: "back" }]).walk;
    expect(through(slipped, holds(190, 20)).done).toEqual([]);
    expect(through(slipped, [...holds(190, 9), ...holds(0, 1), ...holds(248)]).done).toEqual([
      { take: { point: "B+", value: 248 } },
    ]);
    // Whoever put it there says so by the foot-switch.
    expect(through(slipped, [...holds(248, 2), { kind: "next" }]).done).toEqual([
      { take: { point: "B+", value: 248 } },
    ]);
    // A probe that is in the air already has been lifted.
    const lifted = through(start, [...holds(12), ...holds(0, 2), { kind: "back" }]).walk;
    expect(through(lifted, holds(248)).done).toEqual([{ take: { point: "B+", value: 248 } }]);
  });

  it("takes a figure that went on moving after the foot-switch for no other point", () => {
    const rising: WalkEvent[] = [40, 60, 78].flatMap((value) => holds(value, 1));
    const { walk, done } = through(walkOf(POINTS), [...rising, { kind: "next" }]);
    expect(done).toEqual([{ take: { point: "B+", value: 78 } }]);
    expect(through(walk, [...holds(90, 1), ...holds(98, 20), { kind: "next" }]).done).toEqual([]);
    expect(through(walk, [...holds(98, 3), ...holds(0, 1), ...holds(120)]).done).toEqual([
      { take: { point: "V4 plate", value: 120 } },
    ]);
    // One that stood still is left as soon as another figure is read.
    const still = through(walkOf(POINTS), [...holds(0, 5), { kind: "next" }]).walk;
    expect(through(still, holds(120)).done).toEqual([{ take: { point: "V4 plate", value: 120 } }]);
  });

  it("takes the figure of a point that was left out for no other", () => {
    const flickers: WalkEvent[] = [230, 180, 240, 190].flatMap((value) => holds(value, 1));
    const { walk } = through(walkOf(POINTS), [...flickers, { kind: "skip" }]);
    expect(through(walk, holds(190, 20)).done).toEqual([]);
    expect(through(walk, [...holds(190, 3), ...holds(0, 1), ...holds(200)]).done).toEqual([
      { take: { point: "V4 plate", value: 200 } },
    ]);
    const still = through(walkOf(POINTS), [...holds(248.2), { kind: "skip" }]).walk;
    expect(through(still, holds(248.2, 20)).done).toEqual([]);
    expect(through(still, [...holds(248.2, 3), { kind: "next" }]).done).toEqual([]);
    expect(through(still, holds(-20)).done).toEqual([{ take: { point: "V4 grid", value: -20 } }]);
  });

  it("leaves a point out", () => {
    expect(through(walkOf(POINTS), [{ kind: "skip" }, ...holds(200)]).done).toEqual([
      { take: { point: "V4 plate", value: 200 } },
    ]);
  });

  it("over 500 V goes off, discharged, clip on, hands away, on, in this order, and measures nothing before", () => {
    const start = walkOf([{ point: "B+", stages: STAGES }]);
    let walk = start;
    const seen: (string | undefined)[] = [walk.stage];
    for (const _stage of STAGES) {
      expect(through(walk, holds(601)).done).toEqual([]);
      walk = walkOn(walk, { kind: "next" }, USUAL_STEADY).walk;
      seen.push(walk.stage);
    }
    expect(seen).toEqual([...STAGES, undefined]);
    expect(through(walk, holds(601)).done).toEqual([{ take: { point: "B+", value: 601 } }]);
  });

  it("takes at most one figure a point, whatever is read and pressed", () => {
    const event: fc.Arbitrary<WalkEvent> = fc.oneof(
      fc.double({ min: -10, max: 400, noNaN: true }).map((value): WalkEvent => ({ kind: "reading", at: 0, value })),
      fc.constantFrom<WalkEvent>({ kind: "next" }, { kind: "skip" }, { kind: "back" }),
    );
    fc.assert(
      fc.property(fc.array(event, { maxLength: 60 }), (events) => {
        const timed = events.map((one, index) => (one.kind === "reading" ? { ...one, at: index * 300 } : one));
        const { walk, done } = through(walkOf(POINTS), timed);
        const standing = new Map<string, number>();
        for (const { take, takeBack } of done) {
          if (take) standing.set(take.point, (standing.get(take.point) ?? 0) + 1);
          if (takeBack) standing.set(takeBack.point, (standing.get(takeBack.point) ?? 0) - 1);
        }
        for (const count of standing.values()) expect(count === 0 || count === 1).toBe(true);
        expect(walk.at).toBeGreaterThanOrEqual(0);
        expect(walk.at).toBeLessThanOrEqual(POINTS.length);
      }),
    );
  });
});
