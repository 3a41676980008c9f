import type { Stay } from "./stays";

export const CAUSES = ["same part", "same complaint", "another matter", "not known"] as const;
/** Why a set came back, as far as the logs say: a part that was worked on before, the complaint of then, or neither. */
export type Cause = (typeof CAUSES)[number];

/** A visit that began soon after another had ended. */
export type Comeback = {
  setId: string;
  /** the job that ended, and the one that followed */
  before: number;
  job: number;
  /** days between hand-back and the next take-in */
  days: number;
  at: string;
  /** what it came back for */
  complaint: string;
  /** parts that were worked on in both visits, in words of the later one */
  again: string[];
  cause: Cause;
};

const DAY = 86_400_000;
/** Days of a month, on the average of the Gregorian year. */
const MONTH_DAYS = 365.2425 / 12;

/** So soon after its hand-back a visit is a comeback, ms. */
export const soonMs = (months: number): number => months * MONTH_DAYS * DAY;

function causeOf(before: Stay, now: Stay, again: readonly string[]): Cause {
  if (again.length > 0) return "same part";
  if (now.read.some((one) => before.read.includes(one))) return "same complaint";
  return now.read.length === 0 && now.work.length === 0 ? "not known" : "another matter";
}

/** Visits of a set that began within so many months of the hand-back before. */
export function comebacksOf(setId: string, stays: readonly Stay[], months: number): Comeback[] {
  return stays.slice(1).flatMap((stay, index): Comeback[] => {
    const before = stays[index];
    if (!before?.closedAt) return [];
    const after = Date.parse(stay.openedAt) - Date.parse(before.closedAt);
    if (after < 0 || after > soonMs(months)) return [];
    const touched = new Set(before.work.flatMap(({ designators }) => designators));
    const again = stay.work.flatMap(({ designators, text }) => {
      const both = designators.filter((one) => touched.has(one));
      return both.length > 0 ? [`${both.join(", ")} ${text}`] : [];
    });
    return [
      {
        setId,
        before: before.job,
        job: stay.job,
        days: Math.floor(after / DAY),
        at: stay.openedAt,
        complaint: stay.complaint ?? "not written down",
        again,
        cause: causeOf(before, stay, again),
      },
    ];
  });
}

/** The comebacks of several sets, the newest first. */
export const comebacks = (sets: readonly { setId: string; stays: readonly Stay[] }[], months: number): Comeback[] =>
  sets
    .flatMap(({ setId, stays }) => comebacksOf(setId, stays, months))
    .sort((a, b) => Date.parse(b.at) - Date.parse(a.at));
