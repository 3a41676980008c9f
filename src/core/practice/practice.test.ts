import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { chanceFrom } from "../diagnosis";
import {
  bestWay,
  caseOf,
  courseCase,
  COURSES,
  doAct,
  doneTwice,
  draw,
  drawable,
  evidenceIn,
  isRefused,
  MADE_UP_SETS,
  measurable,
  METER_OHMS,
  practiceSet,
  practiceWorld,
  probePoints,
  progressOf,
  reviewOf,
  sealedText,
  sealOf,
  stateOf,
  type Act,
  type Done,
  type Hidden,
  type PracticeSet,
} from ".";

const NOW = "2026-01-06T08:00:00.000Z";
const sets = new Map<string, PracticeSet>();
function setOf(key: string): PracticeSet {
  const known = sets.get(key);
  if (known) return known;
  const made = MADE_UP_SETS[key];
  const set = made && practiceSet(made.sheet, made.year, NOW);
  if (!set) throw new Error(`${key} cannot be practised on`);
  sets.set(key, set);
  return set;
}
const LEAKY: Hidden = { fault: "output.coupling-leaky@C7", severity: 250_000, seed: 5 };

/** A bench with a set and its fault, on which things are done one after the other. */
function bench(key: string, hidden: Hidden) {
  const set = setOf(key);
  const world = practiceWorld(set, hidden)!;
  const run: Done[] = [];
  return {
    set,
    world,
    run,
    act: (act: Act) => {
      const done = doAct({ set, world, run, at: NOW }, act);
      if (!isRefused(done)) run.push(done);
      return done;
    },
  };
}
const done = (one: ReturnType<ReturnType<typeof bench>["act"]>): Done => {
  if (isRefused(one)) throw new Error(one.refused);
  return one;
};

describe("a set with a hidden fault", () => {
  it("reads what its circuit gives: a leak makes the grid positive and the cathode high", () => {
    const { world } = bench("fjord", LEAKY);
    const [was, is] = [world.should("V4 grid", METER_OHMS)!, world.volts("V4 grid", METER_OHMS)!];
    expect(Math.abs(was)).toBeLessThan(0.5);
    // By hand: the plate before it stands near 50 V; 250 kΩ into a grid leak of some hundred kΩ leave volts at the grid.
    expect(is).toBeGreaterThan(3);
    expect(world.volts("V4 cathode", METER_OHMS)!).toBeGreaterThan(world.should("V4 cathode", METER_OHMS)! * 1.2);
    expect(world.isBad("check:C7")).toBe(true);
  });

  it("smokes where a part takes more than its watts, and is as sound as new where nothing is wrong there", () => {
    const { world } = bench("fjord", { ...LEAKY, severity: 40_000 });
    expect(world.signs.map(({ text }) => text).join()).toMatch(/R5/);
    expect(bench("lantern", { fault: "oscillator.osc-joint", severity: 1, seed: 1 }).world.signs).toEqual([]);
  });

  it("gives no B+ with a supply that is dead, whatever stopped it", () => {
    const { world } = bench("lantern", { fault: "mains.primary-open", severity: 1, seed: 1 });
    // The plate of a pentode whose transformer is open comes to rest on the slope of its knee, some volts up.
    const open = bench("lantern", { fault: "output.output-transformer", severity: 1, seed: 1 }).world;
    expect(open.volts("V4 plate", METER_OHMS)!).toBeLessThan(20);
    expect(open.should("V4 plate", METER_OHMS)!).toBeGreaterThan(150);
    expect(Math.abs(world.volts("B+", METER_OHMS)!)).toBeLessThan(5);
    expect(world.should("B+", METER_OHMS)!).toBeGreaterThan(150);
  });

  it("keeps its manner: the same fault sounds the same in each test of sound", () => {
    const { set, world } = bench("lantern", { fault: "output.output-transformer", severity: 1, seed: 9 });
    const injects = set.system.tests.filter(({ id }) => id.startsWith("inject:"));
    const before = injects.filter(({ stage }) => stage?.kind !== "speaker").map((test) => world.outcome(test));
    expect(new Set(before)).toEqual(new Set(["dead"]));
    for (const test of set.system.tests) expect(world.outcome(test)).toBe(world.outcome(test));
  });

  it("is heard where its volts have moved: no manner is loud and clear with 15 V at a grid", () => {
    for (let seed = 0; seed < 60; seed += 1) {
      const world = practiceWorld(setOf("fjord"), { ...LEAKY, seed })!;
      expect(world.moved()).toBe(true);
      expect(world.outcome(setOf("fjord").system.testById.get("play")!)).toBe("distorted");
    }
    // A leak that moves nothing may not be heard: then the table's share alone speaks.
    const slight = Array.from({ length: 60 }, (_, seed) =>
      practiceWorld(setOf("fjord"), { ...LEAKY, severity: 1e10, seed })!,
    );
    expect(slight.some((world) => world.outcome(setOf("fjord").system.testById.get("play")!) !== "distorted")).toBe(
      true,
    );
  });

  it("is nothing where the set has no such fault", () => {
    expect(practiceWorld(setOf("lantern"), { fault: "pa.tube-weak@V99", severity: 1, seed: 1 })).toBeUndefined();
    expect(practiceSet({ net: "?" }, null, NOW)).toBeUndefined();
    expect(practiceSet(MADE_UP_SETS.cr21!.sheet, 1953, NOW)).toBeUndefined();
  });
});

describe("what is drawn", () => {
  it("can be measured and is noticed, is of the kind asked for, and its complaint is true", () => {
    fc.assert(
      fc.property(
        fc.constantFrom("lantern", "fjord", "regent", "skipper", "t60", "kestrel"),
        fc.integer({ min: 1, max: 1e6 }),
        (key, seed) => {
          const set = setOf(key);
          const drawn = draw(set, {}, chanceFrom(seed))!;
          const world = practiceWorld(set, drawn.hidden)!;
          expect(measurable(set, world)).toBe(true);
          expect(drawn.told.length).toBeGreaterThan(0);
          for (const { test, outcome, words } of drawn.told) {
            expect(world.outcome(set.system.testById.get(test)!)).toBe(outcome);
            expect(words).toMatch(/^[A-Z].*\.$/);
          }
        },
      ),
      { numRuns: 60 },
    );
  });

  it("says the words that were chosen where the set does so, and nothing else", () => {
    const set = setOf("fjord");
    const fault = set.system.faults.find(({ id }) => id === LEAKY.fault)!;
    const chance = chanceFrom(7);
    expect(caseOf(set, fault, chance, "It sounds distorted.")).toMatchObject({
      complaint: "It sounds distorted.",
      told: [{ test: "play", outcome: "distorted" }],
    });
    expect(caseOf(set, fault, chance, "No sound at all.")).toBeUndefined();
    expect(caseOf(set, fault, chance)).not.toHaveProperty("complaint");
    // A hum that is not said to be of one kind is either of the two.
    const dry = set.system.faults.find(({ id }) => id === "reservoir.smoothing-dry@C2")!;
    const hums = Array.from({ length: 40 }, () => caseOf(set, dry, chance, "It hums.")).find(Boolean);
    expect(hums).toMatchObject({ complaint: "It hums.", told: [{ test: "hum", outcome: "line|double" }] });
  });

  it("keeps to kind and difficulty, and says so where there is none", () => {
    const set = setOf("lantern");
    for (let seed = 1; seed < 6; seed += 1) {
      const drawn = draw(set, { kind: "capacitor", difficulty: "easy" }, chanceFrom(seed))!;
      expect(drawn.difficulty).toBe("easy");
      expect(practiceWorld(set, drawn.hidden)!.fault.mode.part).toMatch(/^cap/);
    }
    expect(draw({ ...set, system: { ...set.system, faults: [] } }, {}, chanceFrom(1))).toBeUndefined();
  });

  it("never draws what would be a lie at the meter, nor what shows nothing", () => {
    const set = setOf("skipper");
    const other = set.system.faults.filter(({ id }) => /\.(other|meter-off)/.test(id));
    expect(other.length).toBeGreaterThan(0);
    expect(other.some((fault) => drawable(set, fault))).toBe(false);
    // Its batteries are no supply of the net: flat cells would read as fresh ones.
    expect(
      drawable(
        set,
        set.system.faults.find(({ id }) => id === "battery.cells-flat")!,
      ),
    ).toBe(false);
    const known = set.system.faults.find((fault) => drawable(set, fault))!;
    expect(caseOf(set, { ...known, id: "none.such" }, chanceFrom(1))).toBeUndefined();
  });
});

describe("the practice bench", () => {
  it("takes minutes for what is done, opens the chassis once, and reads nothing of a set that is off", () => {
    const { act, run } = bench("fjord", LEAKY);
    expect(act({ do: "volts", point: "B+", clip: false })).toEqual({ refused: expect.stringContaining("is off") });
    act({ do: "on", through: "isolated" });
    const first = done(act({ do: "volts", point: "V4 grid", clip: false }));
    expect(first.read).toMatchObject({ unit: "V", verdict: "high" });
    expect(first.test).toBe("volts:output:grid");
    const second = done(act({ do: "volts", point: "B+", clip: false }));
    // Chassis open 15 min and the probe 1 min; then the probe alone.
    expect([first.minutes, second.minutes]).toEqual([16, 1]);
    expect(stateOf(run)).toMatchObject({ on: true, opened: true, minutes: 17.5, ended: undefined });
  });

  it("names what is dangerous: ohms live, hands live, charged capacitors, no clip, no isolation", () => {
    const live = bench("fjord", LEAKY);
    live.act({ do: "on", through: "line" });
    expect(done(live.act({ do: "ohms", point: "B+" })).dangers).toEqual(["ohms live"]);
    expect(done(live.act({ do: "volts", point: "B+", clip: false })).dangers).toEqual(["not isolated"]);
    const hands = done(live.act({ do: "exchange", check: "check:C7" }));
    expect([hands.dangers, hands.cured]).toEqual([["hands live"], undefined]);
    live.act({ do: "off" });
    expect(done(live.act({ do: "test", test: "check:C7" })).dangers).toEqual(["not discharged"]);
    live.act({ do: "discharge" });
    expect(done(live.act({ do: "ohms", point: "B+" })).dangers).toBeUndefined();
    const high = bench("t60", { fault: "tank.tank-switch", severity: 1, seed: 1 });
    high.act({ do: "on", through: "line" });
    const point = probePoints(high.set).find((one) => (high.world.should(one, METER_OHMS) ?? 0) >= 500)!;
    expect(done(high.act({ do: "volts", point, clip: false })).dangers).toEqual(["no clip"]);
    expect(done(high.act({ do: "volts", point, clip: true })).dangers).toBeUndefined();
  });

  it("shows ohms by the circuit with the power off, and endless where nothing passes", () => {
    const { act, set } = bench("lantern", { fault: "reservoir.reservoir-short@C1", severity: 1, seed: 2 });
    const short = done(act({ do: "ohms", point: "B+" })).read?.value ?? 1e9;
    expect(short).toBeLessThan(2000);
    const sound = practiceWorld(set, { fault: "oscillator.osc-joint", severity: 1, seed: 1 })!;
    expect(sound.ohms("B+")!).toBeGreaterThan(5 * short);
  });

  it("ends when the culprit is put right; a sound part changes nothing, and the complaint is heard again", () => {
    const { act, set, run } = bench("fjord", LEAKY);
    const told = caseOf(
      set,
      set.system.faults.find(({ id }) => id === LEAKY.fault)!,
      chanceFrom(2),
    )!.told;
    expect(done(act({ do: "exchange", check: "check:C8" })).said).toBe("It is as it was.");
    const after = evidenceIn(set, told, run);
    expect(after.filter(({ id }) => id.startsWith("again"))).toHaveLength(told.length);
    expect(after.at(-1)?.mended?.length).toBeGreaterThan(0);
    expect(done(act({ do: "exchange", check: "check:C7" }))).toMatchObject({ cured: true });
    expect(stateOf(run).ended).toBe("found");
    expect(act({ do: "off" })).toEqual({ refused: "This practice has ended." });
    expect(act({ do: "test", test: "no such" })).toHaveProperty("refused");
  });

  it("puts nothing right with hands that stay out: the culprit stays a culprit", () => {
    const { act, set, world, run } = bench("fjord", LEAKY);
    const { told } = caseOf(set, world.fault, chanceFrom(2))!;
    act({ do: "on", through: "isolated" });
    act({ do: "volts", point: "V4 grid", clip: false });
    const before = evidenceIn(set, told, run);
    expect(done(act({ do: "exchange", check: "check:C7" })).said).toBe("not done: the set is on");
    expect(evidenceIn(set, told, run)).toEqual(before);
    expect(stateOf(run).exchanged).toEqual([]);
    expect(doneTwice([...run, run[1]!])).toEqual(["V4 grid, volts"]);
  });

  it("blows its fuse with a short in it, and a second one from the wall is dangerous", () => {
    const set = setOf("lantern");
    const seed = [...Array(50).keys()].find(
      (one) =>
        practiceWorld(set, { fault: "reservoir.reservoir-short@C1", severity: 1, seed: one })?.outcome(
          set.system.testById.get("fuse")!,
        ) === "blown",
    )!;
    const { act } = bench("lantern", { fault: "reservoir.reservoir-short@C1", severity: 1, seed });
    expect(done(act({ do: "on", through: "line" })).said).toBe("The fuse blows at once.");
    act({ do: "off" });
    expect(done(act({ do: "on", through: "line" })).dangers).toEqual(["short live"]);
  });
});

describe("the end", () => {
  it("puts both ways side by side, counts what was done twice, and takes points off for danger", () => {
    const { act, set, world, run } = bench("fjord", LEAKY);
    const { told } = caseOf(set, world.fault, chanceFrom(2))!;
    act({ do: "on", through: "isolated" });
    act({ do: "volts", point: "V4 grid", clip: false });
    act({ do: "volts", point: "V4 grid", clip: false });
    act({ do: "exchange", check: "check:C7" });
    act({ do: "off" });
    act({ do: "discharge" });
    act({ do: "exchange", check: "check:C7" });
    const best = [...bestWay(set, world, told)];
    const review = reviewOf({ set, world, hidden: LEAKY, told, run }, best);
    expect(review).toMatchObject({ ended: "found", kind: "capacitor", advised: 0, wrong: [] });
    expect(review.was).toMatch(/C7.*250 kΩ/);
    expect(review.twice).toEqual(["V4 grid, volts"]);
    expect(review.dangers).toEqual([{ text: expect.stringContaining("Hands inside"), times: 1 }]);
    expect(review.mine.at(-1)?.chance).toBe(1);
    // The grid told most of what there was to tell.
    const grid = review.mine.find(({ what }) => what.startsWith("V4 grid"))!;
    expect(grid.bits).toBeGreaterThan(0.5);
    expect(best.at(-1)?.chance).toBe(1);
    const lost = 10 + 2;
    const pace = Math.min(1, review.minutes.best / review.minutes.mine);
    expect(review.points).toBe(Math.max(0, Math.round(20 + 80 * pace - lost)));
  });

  it("gives nothing for giving up, and says all the same what it was", () => {
    const { act, set, world, run } = bench("fjord", LEAKY);
    act({ do: "give-up" });
    const review = reviewOf({ set, world, hidden: LEAKY, told: [], run }, []);
    expect(review).toMatchObject({ ended: "given up", points: 0 });
    expect(review.was).toContain("C7");
  });

  it("counts nothing as twice that was measured again after something was put right", () => {
    const one = { at: NOW, minutes: 1, said: "" };
    const volts: Done = { ...one, act: { do: "volts", point: "B+", clip: false }, what: "B+, volts" };
    const exchange: Done = { ...one, act: { do: "exchange", check: "check:C7" }, what: "C7", cured: false };
    expect(doneTwice([volts, exchange, volts])).toEqual([]);
    expect(doneTwice([volts, volts, volts])).toEqual(["B+, volts", "B+, volts"]);
  });

  it("is sealed from the first minute", () => {
    expect(sealOf(LEAKY, "salt")).toMatch(/^[0-9a-f]{16}$/);
    expect(sealOf(LEAKY, "salt")).toBe(sealOf({ ...LEAKY }, "salt"));
    expect(sealOf({ ...LEAKY, fault: "output.coupling-leaky@C8" }, "salt")).not.toBe(sealOf(LEAKY, "salt"));
    expect(sealedText(LEAKY, "salt")).toBe("salt output.coupling-leaky@C7 250000 5");
  });

  it("shows progress by week and kind: by hand, three runs in two weeks", () => {
    const base = { kind: "capacitor" as const, found: true, minutes: 30, best: 20 };
    const { weeks, kinds } = progressOf([
      { ...base, at: "2026-11-22T20:00:00Z", points: 40 },
      { ...base, at: "2026-11-23T08:00:00Z", points: 70 },
      { ...base, at: "2026-11-27T08:00:00Z", points: 81, kind: "tube", found: false },
    ]);
    expect(weeks.map(({ week, runs, found, points }) => [week, runs, found, points])).toEqual([
      ["2026-11-16", 1, 1, 40],
      ["2026-11-23", 2, 1, 76],
    ]);
    expect(kinds).toEqual([
      { kind: "capacitor", runs: 2, found: 2, points: 55 },
      { kind: "tube", runs: 1, found: 0, points: 81 },
    ]);
  });
});

describe("the courses", () => {
  it.each(COURSES.flatMap(({ key, cases }) => cases.map((one, at) => [key, at + 1, one] as const)))(
    "%s, case %i is in its set, is noticed, and is found by whoever follows the advice",
    (_key, at, one) => {
      const set = setOf(one.set);
      const drawn = courseCase(set, one, at)!;
      expect(drawn.hidden.fault).toBe(one.fault);
      expect(courseCase(set, one, at)).toEqual(drawn);
      const way = [...bestWay(set, practiceWorld(set, drawn.hidden)!, drawn.told)];
      expect(way.at(-1)?.chance).toBe(1);
    },
  );

  it("are six, of three to five cases each, with a note for each", () => {
    expect(COURSES).toHaveLength(6);
    for (const { cases } of COURSES) {
      expect(cases.length).toBeGreaterThanOrEqual(3);
      expect(cases.length).toBeLessThanOrEqual(5);
      for (const { notice } of cases) expect(notice.length).toBeGreaterThan(60);
    }
  });
});
