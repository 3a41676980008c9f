/** A stretch in which somebody works, minutes since midnight of the first day of the plan. */
export type Window = { from: number; to: number };

/** Working time laid end to end: what lies between two windows takes no time on this clock. */
export type Clock = {
  readonly from: Float64Array;
  readonly to: Float64Array;
  /** working minutes before each window */
  readonly before: Float64Array;
  /** all of them together */
  readonly total: number;
};

/** Puts windows in order; those that touch or overlap become one. Empty ones are left out. */
export function joined(windows: readonly Window[]): Window[] {
  const found: Window[] = [];
  for (const { from, to } of [...windows].sort((a, b) => a.from - b.from)) {
    const last = found.at(-1);
    if (to <= from) continue;
    if (last && from <= last.to) last.to = Math.max(last.to, to);
    else found.push({ from, to });
  }
  return found;
}

/** A clock that runs in these windows alone. */
export function clockOf(windows: readonly Window[]): Clock {
  const all = joined(windows);
  const from = Float64Array.from(all, (one) => one.from);
  const to = Float64Array.from(all, (one) => one.to);
  const before = new Float64Array(all.length);
  let total = 0;
  for (let i = 0; i < all.length; i += 1) {
    before[i] = total;
    total += (to[i] ?? 0) - (from[i] ?? 0);
  }
  return { from, to, before, total };
}

/** How many numbers of a rising list are not above a value. */
function countUpTo(list: Float64Array, value: number): number {
  let low = 0;
  let high = list.length;
  while (low < high) {
    const middle = (low + high) >> 1;
    if ((list[middle] ?? 0) <= value) low = middle + 1;
    else high = middle;
  }
  return low;
}

/** Working minutes that have passed by a moment. */
export function worked({ from, to, before }: Clock, moment: number): number {
  const i = countUpTo(from, moment) - 1;
  if (i < 0) return 0;
  return (before[i] ?? 0) + Math.min(moment, to[i] ?? 0) - (from[i] ?? 0);
}

/** The window in which the working minute after `minutes` lies; -1 where no time is left. */
export function windowAt({ before, total }: Clock, minutes: number): number {
  return minutes >= total ? -1 : countUpTo(before, minutes) - 1;
}

/** When work begins that `minutes` of working time lie before. Infinity where no time is left. */
export function beginning(clock: Clock, minutes: number): number {
  const i = windowAt(clock, minutes);
  return i < 0 ? Number.POSITIVE_INFINITY : (clock.from[i] ?? 0) + minutes - (clock.before[i] ?? 0);
}

/** When `minutes` of working time have passed: at the end of a day, not at the start of the next. */
export function ending(clock: Clock, minutes: number): number {
  if (minutes > clock.total) return Number.POSITIVE_INFINITY;
  // The window that the last of the minutes lies in: one that begins with exactly so many is the next.
  let i = countUpTo(clock.before, minutes) - 1;
  if (i > 0 && clock.before[i] === minutes) i -= 1;
  return i < 0 ? (clock.from[0] ?? Number.POSITIVE_INFINITY) : (clock.from[i] ?? 0) + minutes - (clock.before[i] ?? 0);
}
