import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { arrivedRight, given, outstanding, standsWith, usable, type OrderedLine } from "./arrivals";

const line = (fields: Partial<OrderedLine> = {}): OrderedLine => ({
  id: "l1",
  kind: "film",
  pieces: 5,
  wants: [
    { id: "w1", pieces: 2, visit: "v1", waitId: "n1", job: 1187, place: "C14" },
    { id: "w2", pieces: 1, visit: "v2", waitId: "n2", job: 1190, place: "C3" },
    { id: "w3", pieces: 2, part: "p1" },
  ],
  arrivals: [],
  ...fields,
});

describe("what came of an order", () => {
  it("goes to whoever stands first when only a part of it comes", () => {
    const some = line({ arrivals: [{ pieces: 2, verdict: "right", part: "p1" }] });
    expect(outstanding(some)).toBe(3);
    expect([...given(some)]).toEqual([
      ["w1", 2],
      ["w2", 0],
      ["w3", 0],
    ]);
    expect(standsWith("n1", [some])).toEqual({ here: ["C14"], lacking: [] });
    expect(standsWith("n2", [some])).toEqual({ here: [], lacking: ["C3"] });
  });

  it("is still to come where it was the wrong part", () => {
    const wrong = line({ arrivals: [{ pieces: 5, verdict: "wrong" }] });
    expect(arrivedRight(wrong)).toBe(0);
    expect(outstanding(wrong)).toBe(5);
  });

  it("of tubes is used when their test was good; one that goes back is still to come", () => {
    const tubes = line({
      kind: "tube",
      pieces: 2,
      wants: [{ id: "w1", pieces: 2, visit: "v1", waitId: "n1", place: "V4" }],
      arrivals: [
        { pieces: 1, verdict: "right", part: "p1", tested: "good" },
        { pieces: 1, verdict: "right", part: "p2" },
      ],
    });
    expect(outstanding(tubes)).toBe(0);
    expect(usable(tubes)).toBe(1);
    expect(standsWith("n1", [tubes])).toEqual({ here: [], lacking: ["V4"] });
    const back = line({
      ...tubes,
      arrivals: [
        { pieces: 1, verdict: "right", part: "p1", tested: "good" },
        { pieces: 1, verdict: "right", part: "p2", tested: "bad" },
        { pieces: 1, verdict: "back", part: "p2" },
      ],
    });
    expect(outstanding(back)).toBe(1);
    expect(usable(back)).toBe(1);
  });

  it("never gives away more than came, nor more than was wanted", () => {
    const pieces = fc.integer({ min: 1, max: 20 });
    fc.assert(
      fc.property(fc.array(pieces, { maxLength: 6 }), fc.array(pieces, { maxLength: 6 }), (wants, arrivals) => {
        const one = line({
          pieces: 200,
          wants: wants.map((count, index) => ({ id: String(index), pieces: count, visit: "v" })),
          arrivals: arrivals.map((count) => ({ pieces: count, verdict: "right", part: "p" })),
        });
        const got = [...given(one).values()];
        const [wanted, came] = [wants, arrivals].map((list) => list.reduce((sum, count) => sum + count, 0)) as [
          number,
          number,
        ];
        expect(got.reduce((sum, count) => sum + count, 0)).toBe(Math.min(wanted, came));
        got.forEach((count, index) => expect(count).toBeLessThanOrEqual(wants[index] ?? 0));
      }),
    );
  });
});
