import { compile, type Compiled } from "./compile";
import { costOf } from "./cost";
import { lay, type Laid } from "./lay";
import { randomFrom } from "./random";
import { slowTime } from "./spread";
import type { Problem } from "./task";

/** A plan: the order in which tasks were laid, who was chosen for each, and where they came to lie. */
export type Arrangement = { compiled: Compiled; order: Int32Array; choice: Int16Array; laid: Laid; cost: number };

/** Plans that are tried, by the number of tasks: few tasks are tried more often. Shop rule. @example 300 tasks, 500 tries */
export const TRIES = 150_000;
/** However many tasks there are, so many plans are tried; of a few tasks more would be the same ones again. */
const LEAST_TRIES = 200;
const MOST_TRIES = 4000;

/** After so many tries for each task without a better plan it begins anew elsewhere. Shop rule. @example 5 tasks, 200 tries */
export const PATIENCE = 40;

/** An order by a figure for each task, lowest first, nothing before what it waits for; what was put by hand comes first. */
function orderBy({ count, before, behind, pinned }: Compiled, figure: (index: number) => number): Int32Array {
  const waits = before.map((list) => list.length);
  const rank = (index: number) => (pinned.has(index) ? -1e9 : 0) + figure(index);
  const ready = waits.flatMap((open, index) => (open === 0 ? [index] : []));
  const order = new Int32Array(count);
  for (let place = 0; place < count; place += 1) {
    let best = 0;
    for (let one = 1; one < ready.length; one += 1) if (rank(ready[one] ?? 0) < rank(ready[best] ?? 0)) best = one;
    const [next = 0] = ready.splice(best, 1);
    order[place] = next;
    for (const one of behind[next] ?? []) {
      waits[one] = (waits[one] ?? 0) - 1;
      if (waits[one] === 0) ready.push(one);
    }
  }
  return order;
}

/** Orders to begin with: by the promise, by what is left to do, by how long a set has been here. */
function beginnings(compiled: Compiled, minutes: Float64Array): Int32Array[] {
  const { job, jobs, problem } = compiled;
  const left = new Float64Array(jobs.length);
  for (const [index, mine] of job.entries())
    if (mine >= 0 && problem.tasks[index]?.by === "person") left[mine] = (left[mine] ?? 0) + (minutes[index] ?? 0);
  const of = (index: number) => job[index] ?? -1;
  return [
    orderBy(compiled, (index) => jobs[of(index)]?.due ?? 1e7 + (left[of(index)] ?? 0)),
    orderBy(compiled, (index) => left[of(index)] ?? 0),
    orderBy(compiled, (index) => (jobs[of(index)]?.due ?? 0) - (left[of(index)] ?? 0)),
    orderBy(compiled, (index) => -(jobs[of(index)]?.here ?? 0)),
  ];
}

/** Moves the task at one place of an order to another, as far as what it waits for and what waits for it let it go. */
function shifted(
  { before, behind, pinned }: Compiled,
  order: Int32Array,
  from: number,
  to: number,
): Int32Array | undefined {
  const task = order[from] ?? -1;
  if (pinned.has(task) || from === to) return undefined;
  const next = order.slice();
  const step = to > from ? 1 : -1;
  const against = step > 0 ? (behind[task] ?? []) : (before[task] ?? []);
  let place = from;
  while (place !== to) {
    const other = order[place + step] ?? -1;
    if (pinned.has(other) || against.includes(other)) break;
    next[place] = other;
    place += step;
  }
  next[place] = task;
  return place === from ? undefined : next;
}

/** All tasks of a set as early in the order as they go, or as late. */
function together({ job, pinned }: Compiled, order: Int32Array, mine: number, first: boolean): Int32Array {
  const fixed = [...order].filter((index) => pinned.has(index));
  const free = [...order].filter((index) => !pinned.has(index));
  const set = free.filter((index) => job[index] === mine);
  const others = free.filter((index) => job[index] !== mine);
  return Int32Array.from(first ? [...fixed, ...set, ...others] : [...fixed, ...others, ...set]);
}

/** Is nothing laid before what it waits for? Sets can wait for other sets. */
function sound({ before }: Compiled, order: Int32Array): boolean {
  const place = new Int32Array(order.length);
  for (const [at, index] of order.entries()) place[index] = at;
  return before.every((list, index) => list.every((one) => (place[one] ?? 0) < (place[index] ?? 0)));
}

/**
 * Makes a plan: lists by several rules, the best of them bettered by small changes (a task earlier or later, a set as a
 * whole, another person). The same problem gives the same plan.
 * @param tries how many plans are looked at; by the number of tasks where it is not said
 * @param start an order to go on from, where there is one
 */
export function arrange(
  problem: Problem,
  { tries, seed = 1, like }: { tries?: number; seed?: number; like?: Arrangement | undefined } = {},
): Arrangement {
  const compiled = compile(problem);
  const { count, able, given, jobs } = compiled;
  const minutes = Float64Array.from(compiled.problem.tasks, ({ takes }) => takes.median);
  const slow = jobs.some(({ due }) => due !== undefined)
    ? Float64Array.from(compiled.problem.tasks, ({ takes }) => slowTime(takes))
    : undefined;
  const free = new Int16Array(count).fill(-1);
  const arranged = (order: Int32Array, choice: Int16Array, below = Number.POSITIVE_INFINITY): Arrangement => {
    const laid = lay(compiled, order, choice, minutes);
    const cost = costOf(compiled, laid, undefined);
    // Promises only add to it: what costs more without them need not be looked at with slow times.
    if (!slow || cost > below) return { compiled, order, choice, laid, cost };
    return { compiled, order, choice, laid, cost: costOf(compiled, laid, lay(compiled, order, laid.person, slow)) };
  };
  const first = beginnings(compiled, minutes).map((order) => arranged(order, free));
  if (like && like.order.length === count && sound(compiled, like.order)) first.push(arranged(like.order, like.choice));
  let best = first.reduce((a, b) => (b.cost < a.cost ? b : a));
  if (count < 2) return best;
  const random = randomFrom(seed);
  const below = (n: number) => Math.floor(random() * n);
  const most = tries ?? Math.min(MOST_TRIES, Math.max(LEAST_TRIES, Math.round(TRIES / count)));
  // What is bettered step by step may end where every single step is worse: then another order is bettered.
  let here = best;
  let inVain = 0;
  for (let attempt = 0; attempt < most; attempt += 1) {
    inVain += 1;
    if (inVain > PATIENCE * count) {
      const figures = Float64Array.from({ length: count }, random);
      here = arranged(
        orderBy(compiled, (index) => figures[index] ?? 0),
        free,
      );
      inVain = 0;
    }
    const kind = random();
    let { order, choice } = here;
    if (kind < 0.55) {
      const moved = shifted(compiled, order, below(count), below(count));
      if (!moved) continue;
      order = moved;
    } else if (kind < 0.75) {
      order = together(compiled, order, below(jobs.length), random() < 0.7);
      if (!sound(compiled, order)) continue;
    } else {
      const task = below(count);
      const people = able[task] ?? [];
      if (people.length < 2 || (given[task] ?? -1) >= 0) continue;
      choice = choice.slice();
      choice[task] = random() < 0.3 ? -1 : (people[below(people.length)] ?? -1);
    }
    const next = arranged(order, choice, here.cost);
    if (next.cost < here.cost) inVain = 0;
    // As good is taken as well: it leads on where everything near is equal.
    if (next.cost <= here.cost) here = next;
    if (here.cost <= best.cost) best = here;
  }
  return best;
}
