import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { topologyOf, TOPOLOGIES, type Topology } from "./circuit";
import { toMakeSure } from "./confirm";
import { tiny } from "./fixtures";
import { EMPTY_BENCH } from "./outlook";
import { consider, type Picture, type Question } from "./picture";
import { chanceFrom } from "./simulate";
import { systemFor } from "./system";
import { checkId } from "./tests";

type Seen = Question["evidence"][number];

function ask(topology: string, evidence: readonly Seen[], mended: readonly string[] = []): Picture {
  const circuit = topologyOf(topology)?.circuit;
  if (!circuit) throw new Error(`no ${topology}`);
  const since = evidence.filter((one) => (one.mended?.length ?? 0) === mended.length);
  const checks = evidence.filter(({ test }) => test.startsWith("check:"));
  return consider({
    facts: { circuit, parts: [], years: 60, highestVolts: 350 },
    evidence,
    done: [...since, ...checks].map(({ test }) => test),
    mended,
    confirmed: [],
    lacking: [],
    met: ["open"],
  });
}

/** Follows the first advice as long as there is one; nothing is mended. @returns the tests that were made */
function follow(
  topology: string,
  start: readonly Seen[],
  mended: readonly string[],
  answer: (outcomes: readonly { key: string }[], id: string) => string,
  most = 120,
): string[] {
  const evidence = [...start];
  const made: string[] = [];
  for (;;) {
    const [next] = ask(topology, evidence, mended).next;
    if (!next || made.length >= most) return made;
    made.push(next.id);
    const told = { id: `t${made.length}`, test: next.id, outcome: answer(next.outcomes, next.id) };
    evidence.push(mended.length > 0 ? { ...told, mended } : told);
  }
}

const sound = ([good]: readonly { key: string }[]) => good?.key ?? "";

describe("before a set goes home", () => {
  const complaint: Seen[] = [{ id: "c", test: "play", outcome: "dead" }];
  const found: Seen[] = [...complaint, { id: "b", test: "check:rf:res-screen", outcome: "bad" }];
  const mended = ["rf.screen-open", "rf.screen-high"];

  it("all of it is heard once, and what was complained of twice, when a repair has made it well", () => {
    const made = follow("superhet", found, mended, sound);
    for (const id of ["play", "hum", "noise", "steady", "fuse", "glow", "smell", "dial"]) expect(made).toContain(id);
    expect(made.filter((id) => id === "play")).toHaveLength(2);
    expect(made.filter((id) => id === "hum")).toHaveLength(1);
  });

  it("a part with a work of its own is asked for again, when a repair was to bring it back", () => {
    const start: Seen[] = [{ id: "c", test: "works:agc", outcome: "fails" }];
    const system = systemFor({
      circuit: (topologyOf("superhet") as Topology).circuit,
      parts: [],
      years: 60,
      highestVolts: 350,
    });
    const of = system.faults.filter((one) => checkId(one) === "check:agc:cap-avc").map(({ id }) => id);
    expect(of.length).toBeGreaterThan(0);
    const made = follow("superhet", start, of, sound);
    expect(made.filter((id) => id === "works:agc")).toHaveLength(2);
  });

  it("what is bad still keeps the search going", () => {
    const heard = (outcomes: readonly { key: string }[], id: string) =>
      id === "steady" ? "unsteady" : sound(outcomes);
    const made = follow("superhet", found, mended, heard, 60);
    const at = made.indexOf("steady");
    expect(at).toBeGreaterThanOrEqual(0);
    // What is made after it goes into what lets a set jump: a check of a part is among it.
    expect(made.slice(at + 1).some((id) => id.startsWith("check:"))).toBe(true);
  });

  it.each(TOPOLOGIES.map(({ key }) => key))("the advice ends where all that is heard is well: %s", (topology) => {
    const circuit = topologyOf(topology)?.circuit;
    const path = circuit?.paths[0]?.key === "transmit" ? "play-tx" : "play";
    const start: Seen[] = [{ id: "c", test: path, outcome: "weak" }];
    const system = systemFor({
      circuit: circuit as NonNullable<typeof circuit>,
      parts: [],
      years: 60,
      highestVolts: 350,
    });
    const fault = system.faults.find(({ id }) => system.testById.get(path)?.response[system.faultIndex.get(id) ?? -1]);
    const all = system.faults.filter((one) => fault && checkId(one) === checkId(fault)).map(({ id }) => id);
    const made = follow(topology, start, all, sound);
    expect(made.length).toBeLessThan(120);
    expect(made).toContain(path);
  });
});

describe("a part that its check calls bad", () => {
  const bad: Seen[] = [
    { id: "1", test: "play", outcome: "dead" },
    { id: "2", test: "check:oscillator:tube", outcome: "bad" },
  ];
  const cause = (picture: Picture) => picture.causes.find(({ check }) => check === "check:oscillator:tube");

  it("is made sure of before it is changed, when one check is all that speaks for it", () => {
    const picture = ask("superhet", bad);
    expect(cause(picture)?.shown).toBeUndefined();
    expect(picture.next[0]?.reason).toContain("makes sure");
  });

  it("is never asked for at once again, and is mended when the second look says the same", () => {
    const first = ask("superhet", bad);
    expect(first.next[0]?.id).not.toBe("check:oscillator:tube");
    const twice = ask("superhet", [
      ...bad,
      { id: "3", test: "volts:oscillator:grid", outcome: "none" },
      { id: "4", test: "check:oscillator:tube", outcome: "bad" },
    ]);
    expect(cause(twice)?.shown).toBe("check");
  });
});

it("asks for no test twice running, and for none a third time, whatever is answered", () => {
  fc.assert(
    fc.property(fc.integer({ min: 1, max: 1e6 }), (seed) => {
      const chance = chanceFrom(seed);
      const any = (outcomes: readonly { key: string }[]) =>
        outcomes[chance() < 0.7 ? 0 : Math.floor(chance() * outcomes.length)]?.key ?? "";
      const made = follow("superhet", [{ id: "c", test: "play", outcome: "weak" }], [], any, 25);
      const times = new Map<string, number>();
      for (const [at, id] of made.entries()) {
        expect(id).not.toBe(made[at - 1]);
        times.set(id, (times.get(id) ?? 0) + 1);
      }
      expect(Math.max(...times.values())).toBeLessThanOrEqual(2);
    }),
    { numRuns: 6 },
  );
});

describe("what makes sure of a part", () => {
  const system = tiny(
    [0.1, 0.1],
    [
      { id: "sure", slip: 0.1, effects: { 0: [1, 0.9] } },
      { id: "both", slip: 0.1, effects: { 0: [1, 0.9], 1: [1, 0.9] } },
      { id: "long", slip: 0.02, effects: { 0: [1, 0.95] } },
    ],
  );
  const tests = system.tests.map((test) => (test.id === "long" ? { ...test, minutes: 30 } : test));
  const own = new Map([[0, 1]]);

  it("tells it from what else it may be, and takes little time", () => {
    // Were it not the first part, it would be the second one: what shows both tells nothing.
    const others = Float64Array.from([0, 1]);
    expect(toMakeSure(tests, EMPTY_BENCH, own, others, 0.7)?.test.id).toBe("sure");
    expect(
      toMakeSure(
        tests.filter(({ id }) => id === "both"),
        EMPTY_BENCH,
        own,
        others,
        0.7,
      ),
    ).toBeUndefined();
  });

  it("is nothing for a part that is as good as sure: no test would tell much", () => {
    expect(toMakeSure(tests, EMPTY_BENCH, own, Float64Array.from([0, 1]), 0.999)).toBeUndefined();
  });
});
