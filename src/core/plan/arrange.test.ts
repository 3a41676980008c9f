import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { arrange, type Arrangement } from "./arrange";
import { clockOf } from "./clock";
import { circular, compile, type Compiled } from "./compile";
import { costOf } from "./cost";
import { lay } from "./lay";
import { slowTime } from "./spread";
import { QUIET_END, type Problem, type Task, type Worker } from "./task";

const DAYS = 40;
const clock = clockOf(Array.from({ length: DAYS }, (_, day) => ({ from: day * 1440 + 540, to: day * 1440 + 900 })));
const worker = (id: string, skills: Worker["skills"] = ["bench"]): Worker => ({ id, name: id, skills, clock });

const task = (key: string, minutes: number, more: Partial<Task> = {}): Task => ({
  key,
  visit: key.split(":")[0] ?? key,
  step: "fix",
  text: "",
  takes: { median: minutes, p90: minutes * 1.5 },
  by: "person",
  skills: ["bench"],
  after: [],
  bench: false,
  ...more,
});

const problem = (tasks: Task[], more: Partial<Problem> = {}): Problem => ({
  now: 540,
  tasks,
  workers: [worker("wren")],
  jobs: [...new Set(tasks.map(({ visit }) => visit))].map((visit) => ({ visit, here: 0 })),
  shop: clock,
  benches: 9,
  pins: [],
  ...more,
});

/** Where a task lies. */
const at = ({ compiled, laid }: Arrangement, key: string) => {
  const index = compiled.problem.tasks.findIndex((one) => one.key === key);
  return {
    start: laid.start[index] ?? -1,
    end: laid.end[index] ?? -1,
    who: compiled.problem.workers[laid.person[index] ?? -1]?.id,
  };
};

/** The cost of the best plan there is: every order, every person for every task. */
function best(given: Problem): number {
  const compiled = compile(given);
  const minutes = Float64Array.from(compiled.problem.tasks, ({ takes }) => takes.median);
  const slow = Float64Array.from(compiled.problem.tasks, ({ takes }) => slowTime(takes));
  let least = Number.POSITIVE_INFINITY;
  const people = (order: Int32Array, choice: Int16Array, place: number): void => {
    if (place === compiled.count) {
      const laid = lay(compiled, order, choice, minutes);
      least = Math.min(least, costOf(compiled, laid, lay(compiled, order, laid.person, slow)));
      return;
    }
    const list = compiled.able[place] ?? [];
    for (const one of list.length === 0 ? [-1] : list) {
      choice[place] = one;
      people(order, choice, place + 1);
    }
  };
  const orders = (done: number[]): void => {
    if (done.length === compiled.count) return people(Int32Array.from(done), new Int16Array(compiled.count), 0);
    for (let index = 0; index < compiled.count; index += 1)
      if (!done.includes(index) && (compiled.before[index] ?? []).every((one) => done.includes(one)))
        orders([...done, index]);
  };
  orders([]);
  return least;
}

/** Small shops: two or three sets of one to three steps, one or two people, some promises, a bench that is scarce. */
const smallShop = fc
  .record({
    sets: fc.array(
      fc.record({
        steps: fc.array(
          fc.record({
            minutes: fc.integer({ min: 20, max: 500 }),
            by: fc.constantFrom("person" as const, "person" as const, "person" as const, "calendar" as const),
            align: fc.boolean(),
            bench: fc.boolean(),
          }),
          { minLength: 1, maxLength: 2 },
        ),
        due: fc.option(fc.integer({ min: 1, max: 4 }), { nil: undefined }),
      }),
      { minLength: 2, maxLength: 3 },
    ),
    two: fc.boolean(),
    benches: fc.integer({ min: 1, max: 2 }),
  })
  .map(({ sets, two, benches }): Problem => {
    const tasks = sets.flatMap(({ steps }, set) =>
      steps.map(({ minutes, by, align, bench }, step) =>
        task(`s${set}:${step}`, minutes, {
          by,
          bench: bench && by === "person",
          after: step > 0 ? [`s${set}:${step - 1}`] : [],
          skills: by === "person" ? (align ? ["bench", "alignment"] : ["bench"]) : [],
        }),
      ),
    );
    const wren = worker("wren", ["bench", "alignment"]);
    return problem(tasks, {
      workers: two ? [wren, worker("tomasz")] : [wren],
      benches,
      jobs: sets.map(({ due }, set) => ({ visit: `s${set}`, here: set, ...(due ? { due: due * 1440 } : {}) })),
    });
  });

/** Is a plan one that people could follow? */
function expectPossible({ compiled, laid }: { compiled: Compiled; laid: Arrangement["laid"] }): void {
  const { problem: given, before, count } = compiled;
  const spans: { start: number; end: number; person: number; bench: boolean }[] = [];
  for (let index = 0; index < count; index += 1) {
    const one = given.tasks[index];
    const start = laid.start[index] ?? -1;
    const end = laid.end[index] ?? -1;
    expect(start).toBeGreaterThanOrEqual(given.now);
    expect(end).toBeGreaterThan(start);
    for (const earlier of before[index] ?? []) expect(start).toBeGreaterThanOrEqual(laid.end[earlier] ?? 0);
    if (one?.by === "person") expect(compiled.able[index]).toContain(laid.person[index]);
    spans.push({ start, end, person: laid.person[index] ?? -1, bench: one?.bench ?? false });
  }
  for (const [index, a] of spans.entries())
    for (const b of spans.slice(index + 1)) {
      const apart = a.end <= b.start || b.end <= a.start;
      if (a.person >= 0 && a.person === b.person) expect(apart).toBe(true);
    }
  // No more sets stand on benches than there are benches; most of them do when one is put there.
  for (const { start, bench } of spans)
    if (bench)
      expect(spans.filter((one) => one.bench && one.start <= start && start < one.end).length).toBeLessThanOrEqual(
        given.benches,
      );
}

describe("a plan", () => {
  it("by hand: two sets, one person; the promised one first although it is longer", () => {
    // 300 and 100 minutes, six hours a day. The first is promised for today.
    const exact = (key: string, minutes: number) => task(key, minutes, { takes: { median: minutes, p90: minutes } });
    const plan = arrange(
      problem([exact("a:1", 300), exact("b:1", 100)], {
        jobs: [
          { visit: "a", due: 1440, here: 0 },
          { visit: "b", here: 0 },
        ],
      }),
    );
    expect(at(plan, "a:1")).toMatchObject({ start: 540, end: 840 });
    // An hour is left of the day, and 40 minutes of the next.
    expect(at(plan, "b:1")).toMatchObject({ start: 840, end: 1440 + 580 });
    // (840 + 2020) / 1440 days, and nothing late.
    expect(plan.cost).toBeCloseTo(2860 / 1440, 6);
  });

  it("by hand: without a promise the short one goes first", () => {
    const plan = arrange(problem([task("a:1", 300), task("b:1", 100)]));
    expect(at(plan, "b:1").start).toBe(540);
    expect(at(plan, "a:1")).toMatchObject({ start: 640, end: 1440 + 580 });
  });

  it("goes on the next morning where a day is full", () => {
    const plan = arrange(problem([task("a:1", 400)]));
    expect(at(plan, "a:1")).toMatchObject({ start: 540, end: 1440 + 580 });
  });

  it("works on another set while a parcel or glue is waited for", () => {
    const plan = arrange(
      problem([
        task("a:glue", 24 * 60, { by: "calendar", skills: [] }),
        task("a:1", 60, { after: ["a:glue"] }),
        task("b:1", 200),
      ]),
    );
    expect(at(plan, "b:1").start).toBe(540);
    expect(at(plan, "a:1").start).toBe(1440 + 540);
  });

  it("soaks only while somebody is here", () => {
    const plan = arrange(problem([task("a:soak", 480, { by: "shop", skills: [] })]));
    expect(at(plan, "a:soak")).toMatchObject({ start: 540, end: 1440 + 660 });
  });

  it("powers no set in the last hour of a day", () => {
    const plan = arrange(
      problem([task("a:1", 240), task("a:power", 90, { after: ["a:1"], sameDay: true, step: "first-power" })]),
    );
    // 240 min leave two hours; the last of them is quiet, so it is begun the next morning.
    expect(at(plan, "a:power")).toMatchObject({ start: 1440 + 540, end: 1440 + 630 });
  });

  it("begins in the morning what is longer than a day with its quiet hour", () => {
    const long = 360 - QUIET_END + 10;
    const plan = arrange(problem([task("a:1", 30), task("a:power", long, { after: ["a:1"], sameDay: true })]));
    expect(at(plan, "a:power").start).toBe(1440 + 540);
  });

  it("gives work to whoever can do it", () => {
    const workers = [worker("tomasz"), worker("wren", ["bench", "alignment"])];
    const plan = arrange(problem([task("a:align", 60, { skills: ["bench", "alignment"] })], { workers }));
    expect(at(plan, "a:align").who).toBe("wren");
  });

  it("prefers whoever has the set, by an hour", () => {
    const workers = [worker("wren"), worker("tomasz")];
    const jobs = [
      { visit: "a", here: 0, holder: "tomasz" },
      { visit: "b", here: 0, holder: "tomasz" },
    ];
    const short = arrange(
      problem([task("a:1", 30, { bench: true }), task("b:1", 30, { bench: true })], { workers, jobs }),
    );
    expect([at(short, "a:1").who, at(short, "b:1").who]).toEqual(["tomasz", "tomasz"]);
  });

  it("keeps what was put by hand, with the person and the day", () => {
    const workers = [worker("wren"), worker("tomasz")];
    const tasks = [task("a:1", 60), task("a:2", 60, { after: ["a:1"] }), task("b:1", 300), task("c:1", 300)];
    const pins = [{ task: "a:2", person: "tomasz", day: 2 }];
    const plan = arrange(problem(tasks, { workers, pins }));
    expect(at(plan, "a:2")).toMatchObject({ start: 2 * 1440 + 540, who: "tomasz" });
  });

  it("names work that nobody can do, and what comes behind it", () => {
    const { compiled } = arrange(
      problem([task("a:1", 60, { skills: ["transmitters"] }), task("a:2", 60, { after: ["a:1"] }), task("b:1", 60)]),
    );
    expect(compiled.left.map(({ task: one, why }) => [one.key, why])).toEqual([
      ["a:1", "nobody"],
      ["a:2", "nobody"],
    ]);
    expect(compiled.count).toBe(1);
  });

  it("finds sets that wait for each other in a circle", () => {
    const tasks = [
      { key: "a", after: ["b"] },
      { key: "b", after: ["a"] },
      { key: "c", after: ["a"] },
      { key: "d", after: [] },
    ];
    expect([...circular(tasks)].sort()).toEqual(["a", "b", "c"]);
  });

  it("has a place for everything, and nothing twice: any small shop", () => {
    fc.assert(
      fc.property(smallShop, (shop) => {
        expectPossible(arrange(shop));
      }),
      { numRuns: 60 },
    );
  });

  it("comes within 5 % of the best plan there is, by trying all of them", () => {
    fc.assert(
      fc.property(smallShop, (shop) => {
        const ratio = arrange(shop).cost / best(shop);
        expect(ratio).toBeLessThanOrEqual(1.05);
        // No plan is better than the best: else the comparison would be worth nothing.
        expect(ratio).toBeGreaterThanOrEqual(1 - 1e-9);
      }),
      { numRuns: 40 },
    );
  });

  it("finds the best plan where every single change of the nearest good one is worse", () => {
    const wren = worker("wren", ["bench", "alignment"]);
    const shop = problem(
      [
        task("s0:0", 197, { by: "calendar", skills: [] }),
        task("s0:1", 118, { skills: ["bench", "alignment"], bench: true, after: ["s0:0"] }),
        task("s1:0", 198, { skills: ["bench", "alignment"] }),
        task("s2:0", 222),
        task("s2:1", 28, { skills: ["bench", "alignment"], after: ["s2:0"] }),
      ],
      {
        workers: [wren],
        benches: 2,
        jobs: [
          { visit: "s0", here: 0, due: 1440 },
          { visit: "s1", here: 1, due: 4320 },
          { visit: "s2", here: 2 },
        ],
      },
    );
    expect(arrange(shop).cost).toBeCloseTo(best(shop), 6);
  });

  it("is the same for the same problem", () => {
    const shop = problem(Array.from({ length: 12 }, (_, index) => task(`s${index % 5}:${index}`, 40 + index * 7)));
    expect(arrange(shop).order).toEqual(arrange(shop).order);
  });
});
