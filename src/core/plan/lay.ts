import { beginning, ending, windowAt, worked, type Clock } from "./clock";
import type { Compiled } from "./compile";
import { QUIET_END } from "./task";

/** Where each task lies: begin and end in minutes of the plan, and the person (or -1). */
export type Laid = {
  start: Float64Array;
  end: Float64Array;
  person: Int16Array;
  /** how often somebody goes on with another's set */
  changes: number;
};

/** Stretches that are taken, in order, without overlaps. */
type Taken = { from: number[]; to: number[] };

/** The first stretch that ends after a moment. */
function firstAfter({ to }: Taken, moment: number): number {
  let low = 0;
  let high = to.length;
  while (low < high) {
    const middle = (low + high) >> 1;
    if ((to[middle] ?? 0) <= moment) low = middle + 1;
    else high = middle;
  }
  return low;
}

/**
 * In a gap shorter than this nobody begins anything, minutes. Shop rule.
 * @example between 10:20 and 10:24 nothing is laid
 */
export const LEAST_GAP = 5;

/** Takes a stretch. Stretches with no gap worth using between them become one: a full week is passed in one step. */
function take(taken: Taken, from: number, to: number): void {
  const index = firstAfter(taken, from);
  const joinsLast = index > 0 && from - (taken.to[index - 1] ?? 0) < LEAST_GAP;
  const joinsNext = index < taken.from.length && (taken.from[index] ?? 0) - to < LEAST_GAP;
  if (joinsLast && joinsNext) {
    taken.to[index - 1] = taken.to[index] ?? to;
    taken.from.splice(index, 1);
    taken.to.splice(index, 1);
  } else if (joinsLast) taken.to[index - 1] = to;
  else if (joinsNext) taken.from[index] = from;
  else {
    taken.from.splice(index, 0, from);
    taken.to.splice(index, 0, to);
  }
}

/** Whoever goes on with another's set has to find their way into it: they are asked when they are through so much sooner, minutes. Shop rule. @example somebody else is asked when they are through four hours sooner */
export const CHANGE_OF_HANDS = 240;

/** Where a task could lie. */
type Spot = { start: number; end: number; work: number };
const NOWHERE: Spot = { start: Number.POSITIVE_INFINITY, end: Number.POSITIVE_INFINITY, work: 0 };

/** How many sets stand on benches: from each moment on so many, until the next. */
type Benches = { at: number[]; count: number[]; most: number };

/** Nothing is taken: of a soak, and of what interrupts other work. */
const FREE: Taken = { from: [], to: [] };

/** The last moment at or before another one. */
function lastUpTo({ at }: Benches, moment: number): number {
  let low = 0;
  let high = at.length;
  while (low < high) {
    const middle = (low + high) >> 1;
    if ((at[middle] ?? 0) <= moment) low = middle + 1;
    else high = middle;
  }
  return low - 1;
}

/** When a bench is free again, where none is free all the time from one moment to another; else that moment itself. */
function benchFrom(benches: Benches, from: number, to: number): number {
  const { at, count, most } = benches;
  let index = Math.max(0, lastUpTo(benches, from));
  while (index < at.length && (at[index] ?? 0) < to) {
    if ((count[index] ?? 0) >= most) {
      do index += 1;
      while (index < at.length && (count[index] ?? 0) >= most);
      return at[index] ?? from;
    }
    index += 1;
  }
  return from;
}

/** Makes a moment one at which the count may change. @returns its place */
function split(benches: Benches, moment: number): number {
  const { at, count } = benches;
  const index = lastUpTo(benches, moment);
  if (index >= 0 && at[index] === moment) return index;
  at.splice(index + 1, 0, moment);
  count.splice(index + 1, 0, index >= 0 ? (count[index] ?? 0) : 0);
  return index + 1;
}

/** A set stands on a bench from one moment to another. */
function occupy(benches: Benches, from: number, to: number): void {
  const first = split(benches, from);
  const last = split(benches, to);
  for (let index = first; index < last; index += 1) benches.count[index] = (benches.count[index] ?? 0) + 1;
}

/**
 * The first place in somebody's time for so many minutes, with a bench where one is needed.
 * @param before an end that somebody else reaches: a later one is not looked for
 */
function findSpot(
  clock: Clock,
  taken: Taken,
  benches: Benches | undefined,
  earliest: number,
  minutes: number,
  sameDay: boolean,
  before: number,
): Spot {
  let work = worked(clock, earliest);
  for (;;) {
    let index = firstAfter(taken, work);
    while (index < taken.from.length && (taken.from[index] ?? 0) < work + minutes) {
      work = taken.to[index] ?? work;
      index += 1;
    }
    if (sameDay) {
      const window = windowAt(clock, work);
      if (window < 0) return NOWHERE;
      const length = (clock.to[window] ?? 0) - (clock.from[window] ?? 0);
      const last = (clock.before[window] ?? 0) + length - QUIET_END;
      // Longer than any day: then it is begun in the morning and goes on.
      const fits = minutes <= length - QUIET_END;
      const first = work === (clock.before[window] ?? 0);
      if (fits ? work + minutes > last : !first) {
        work = (clock.before[window] ?? 0) + length;
        continue;
      }
    }
    const start = beginning(clock, work);
    if (start + minutes >= before) return NOWHERE;
    const end = ending(clock, work + minutes);
    if (!Number.isFinite(end)) return NOWHERE;
    if (!benches) return { start, end, work };
    const free = benchFrom(benches, start, end);
    if (free === start) return { start, end, work };
    work = Math.max(work + 1, worked(clock, free));
  }
}

/** The same for a soak, which takes no person but a bench, in the hours in which somebody is here. */
function findSoak(shop: Clock, benches: Benches | undefined, earliest: number, minutes: number): Spot {
  return findSpot(shop, FREE, benches, earliest, minutes, false, Number.POSITIVE_INFINITY);
}

/**
 * Lays tasks one after the other, each as early as it goes: into the first gap of whoever is through with it first. Whoever
 * has the set is preferred by an hour.
 * @param order places of the tasks, none before what it waits for
 * @param choice the person for each task, or -1 for whoever is through first
 * @param minutes how long each takes
 */
export function lay(
  { problem, before, earliest, able, given, holder, job }: Compiled,
  order: Int32Array,
  choice: Int16Array,
  minutes: Float64Array,
): Laid {
  const { tasks, workers, shop } = problem;
  const count = tasks.length;
  const start = new Float64Array(count).fill(Number.POSITIVE_INFINITY);
  const end = new Float64Array(count).fill(Number.POSITIVE_INFINITY);
  const person = new Int16Array(count).fill(-1);
  const busy = workers.map((): Taken => ({ from: [], to: [] }));
  const benches: Benches = { at: [], count: [], most: problem.benches };
  // Whoever did the last piece of a set has it from then on.
  const hands = new Int16Array(problem.jobs.length).fill(-1);
  let changes = 0;
  for (const index of order) {
    const task = tasks[index];
    if (!task) continue;
    let from = earliest[index] ?? 0;
    for (const one of before[index] ?? []) from = Math.max(from, end[one] ?? 0);
    if (!Number.isFinite(from)) continue;
    const length = minutes[index] ?? 0;
    if (task.by === "calendar") {
      start[index] = from;
      end[index] = from + length;
      continue;
    }
    const needed = task.bench ? benches : undefined;
    let spot = NOWHERE;
    let who = -1;
    let has = -1;
    if (task.by === "shop") spot = findSoak(shop, needed, from, length);
    else {
      const asked = (given[index] ?? -1) >= 0 ? (given[index] ?? -1) : (choice[index] ?? -1);
      const last = hands[job[index] ?? -1] ?? -1;
      has = last >= 0 ? last : (holder[index] ?? -1);
      let best = Number.POSITIVE_INFINITY;
      const people = able[index] ?? [];
      // Whoever has it first: then most of the others need not be looked at to the end.
      for (let turn = -1; turn < people.length; turn += 1) {
        const one = turn < 0 ? (asked >= 0 ? asked : has) : (people[turn] ?? -1);
        if (turn >= 0 && (asked >= 0 || one === has)) continue;
        const worker = workers[one];
        const taken = task.interrupts ? FREE : busy[one];
        if (!worker || !taken || (asked < 0 && turn < 0 && !people.includes(one))) continue;
        const more = task.bench && has >= 0 && has !== one ? CHANGE_OF_HANDS : 0;
        const found = findSpot(worker.clock, taken, needed, from, length, task.sameDay === true, best - more);
        if (found.end + more >= best) continue;
        best = found.end + more;
        spot = found;
        who = one;
      }
    }
    if (!Number.isFinite(spot.end)) continue;
    start[index] = spot.start;
    end[index] = spot.end;
    person[index] = who;
    if (who >= 0) {
      const taken = busy[who];
      if (taken && !task.interrupts) take(taken, spot.work, spot.work + length);
      // At the desk anybody hands a set over.
      if (task.bench && has >= 0 && has !== who) changes += 1;
      const mine = job[index] ?? -1;
      if (task.bench && mine >= 0) hands[mine] = who;
    }
    if (needed) occupy(needed, spot.start, spot.end);
  }
  return { start, end, person, changes };
}
