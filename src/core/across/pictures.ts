import type { SetClass } from "../plan";
import type { AgedPart } from "./aged";
import { CAUSES, comebacksOf, soonMs, type Cause } from "./comebacks";
import type { Stay } from "./stays";

/** All that the pictures over all sets are made from. */
export type PicturedSet = { setClass: SetClass; stays: readonly Stay[] };

/** Below so many cases a share is not said: three of four is no rule. Shop rule. @example 7 of 9 says no percentage */
export const LEAST_CASES = 10;

/** A share of cases; none where they are too few. */
export const shareOf = (some: number, all: number): number | undefined => (all >= LEAST_CASES ? some / all : undefined);

/** Hand-backs that are old enough to say whether the set came back, and what those were that did. */
export type CameBack = { handedBack: number; causes: { cause: Cause; count: number }[]; back: number };

/** @param months so soon after its hand-back a visit is a comeback @param now ISO */
export function cameBackOf(sets: readonly PicturedSet[], months: number, now: string): CameBack {
  const all = sets.map(({ stays }) => {
    const back = comebacksOf("", stays, months);
    const came = new Set(back.map(({ before }) => before));
    const old = ({ job, closedAt }: Stay) =>
      closedAt !== undefined && (came.has(job) || Date.parse(now) - Date.parse(closedAt) >= soonMs(months));
    return { back, handedBack: stays.filter(old).length };
  });
  const back = all.flatMap((one) => one.back);
  return {
    handedBack: all.reduce((sum, one) => sum + one.handedBack, 0),
    causes: CAUSES.map((cause) => ({ cause, count: back.filter((one) => one.cause === cause).length })),
    back: back.length,
  };
}

/** The middle of sorted figures. */
function median(sorted: readonly number[]): number | undefined {
  const half = sorted.length / 2;
  if (sorted.length === 0) return undefined;
  return sorted.length % 2 === 1
    ? sorted[Math.floor(half)]
    : ((sorted[half - 1] as number) + (sorted[half] as number)) / 2;
}

/** Hours at the bench of visits that are over, sorted; a median where there are enough. */
export type ClassHours = { setClass: SetClass; hours: number[]; median?: number };

export function hoursOf(sets: readonly PicturedSet[]): ClassHours[] {
  const byClass = new Map<SetClass, number[]>();
  for (const { setClass, stays } of sets)
    for (const { closedAt, labour } of stays) {
      const minutes = Object.values(labour).reduce((sum, one) => sum + one, 0);
      if (closedAt && minutes > 0) byClass.set(setClass, [...(byClass.get(setClass) ?? []), minutes / 60]);
    }
  return [...byClass]
    .map(([setClass, list]): ClassHours => {
      const hours = list.toSorted((a, b) => a - b);
      const middle = hours.length >= LEAST_CASES ? median(hours) : undefined;
      return { setClass, hours, ...(middle === undefined ? {} : { median: middle }) };
    })
    .sort((a, b) => b.hours.length - a.hours.length || a.setClass.localeCompare(b.setClass));
}

/** Ages of parts, years; the last has no end. Shop rule. @example a paper capacitor of 1937, tested in 2026: 60 and more */
export const AGES = [0, 1, 5, 20, 40, 60] as const;

/** What was judged of a make at an age, and what of it had failed. */
export type AgeCell = { judged: number; bad: number };
export type MakeAges = { make: string; cells: AgeCell[]; all: AgeCell };

const ageOf = (years: number): number => AGES.findLastIndex((from) => years >= from);

/** Parts that failed, by what they are and how old they were; what was judged most comes first. */
export function agesOf(parts: readonly AgedPart[]): MakeAges[] {
  const byMake = new Map<string, AgeCell[]>();
  for (const { make, years, bad } of parts) {
    const cells = byMake.get(make) ?? AGES.map(() => ({ judged: 0, bad: 0 }));
    const cell = cells[ageOf(years)];
    if (cell) {
      cell.judged += 1;
      if (bad) cell.bad += 1;
    }
    byMake.set(make, cells);
  }
  return [...byMake]
    .map(([make, cells]) => ({
      make,
      cells,
      all: cells.reduce((sum, { judged, bad }) => ({ judged: sum.judged + judged, bad: sum.bad + bad }), {
        judged: 0,
        bad: 0,
      }),
    }))
    .sort((a, b) => b.all.judged - a.all.judged || a.make.localeCompare(b.make));
}

/** How original the sets of a year were when they went out. */
export type YearOriginal = { year: number; shares: number[]; median?: number };

export function originalOver(sets: readonly PicturedSet[]): YearOriginal[] {
  const byYear = new Map<number, number[]>();
  for (const { closedAt, original } of sets.flatMap(({ stays }) => stays))
    if (closedAt && original !== undefined) {
      const year = Number(closedAt.slice(0, 4));
      byYear.set(year, [...(byYear.get(year) ?? []), original]);
    }
  return [...byYear]
    .map(([year, list]): YearOriginal => {
      const shares = list.toSorted((a, b) => a - b);
      const middle = shares.length >= LEAST_CASES ? median(shares) : undefined;
      return { year, shares, ...(middle === undefined ? {} : { median: middle }) };
    })
    .sort((a, b) => a.year - b.year);
}

export type Pictures = { cameBack: CameBack; hours: ClassHours[]; ages: MakeAges[]; original: YearOriginal[] };

/** The pictures over all sets. @param months so soon after its hand-back a visit is a comeback @param now ISO */
export const picturesOf = (sets: readonly PicturedSet[], months: number, now: string): Pictures => ({
  cameBack: cameBackOf(sets, months, now),
  hours: hoursOf(sets),
  ages: agesOf(sets.flatMap(({ stays }) => stays.flatMap(({ aged = [] }) => aged))),
  original: originalOver(sets),
});
