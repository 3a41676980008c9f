import type { SetClass } from "../plan";
import type { AgedPart } from "./aged";
import type { Stay } from "./stays";

/** All that the pictures over all sets are made from. */
export type PicturedSet = { setClass: SetClass; stays: readonly Stay[] };

/** Below so many cases a share is not said: three of four is no rule. Shop rule. @example 7 of 9 says no percentage */
export const LEAST_CASES = 10;

/** A share of cases; none where they are too few. */
export const shareOf = (some: number, all: number): number | undefined => (all >= LEAST_CASES ? some / all : undefined);

export const CAUSES = ["same part", "same complaint", "another matter", "not known"] as const;
/** Why a set came back, as far as the logs say: a part that was worked on before, the complaint of then, or neither. */
export type Cause = (typeof CAUSES)[number];

export function causeOf(before: Stay, now: Stay): Cause {
  const touched = new Set(before.work.flatMap(({ designators }) => designators));
  if (now.work.some(({ designators }) => designators.some((one) => touched.has(one)))) return "same part";
  if (now.read.some((one) => before.read.includes(one))) return "same complaint";
  return now.read.length === 0 && now.work.length === 0 ? "not known" : "another matter";
}

const DAY = 86_400_000;
const MONTH_DAYS = 365.2425 / 12;

/** Hand-backs that are old enough to say whether the set came back, and what those were that did. */
export type CameBack = { handedBack: number; causes: { cause: Cause; count: number }[]; back: number };

/** @param months so soon after its hand-back a visit is a comeback @param now ISO */
export function cameBackOf(sets: readonly PicturedSet[], months: number, now: string): CameBack {
  const within = months * MONTH_DAYS * DAY;
  const counts = new Map<Cause, number>(CAUSES.map((cause) => [cause, 0]));
  let handedBack = 0;
  for (const { stays } of sets)
    stays.forEach((stay, index) => {
      if (!stay.closedAt) return;
      const next = stays[index + 1];
      const days = next ? Date.parse(next.openedAt) - Date.parse(stay.closedAt) : Infinity;
      const soon = days >= 0 && days <= within;
      if (soon || Date.parse(now) - Date.parse(stay.closedAt) >= within) handedBack += 1;
      if (!soon || !next) return;
      const cause = causeOf(stay, next);
      counts.set(cause, (counts.get(cause) ?? 0) + 1);
    });
  const causes = CAUSES.map((cause) => ({ cause, count: counts.get(cause) ?? 0 }));
  return { handedBack, causes, back: causes.reduce((sum, { count }) => sum + count, 0) };
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
