import type { Stay } from "./stays";

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
};

const DAY = 86_400_000;
/** Days of a month, on the average of the Gregorian year. */
const MONTH_DAYS = 365.2425 / 12;

/** Visits of a set that began within so many months of the hand-back before. */
export function comebacksOf(setId: string, stays: readonly Stay[], months: number): Comeback[] {
  return stays.slice(1).flatMap((stay, index): Comeback[] => {
    const before = stays[index];
    if (!before?.closedAt) return [];
    const days = (Date.parse(stay.openedAt) - Date.parse(before.closedAt)) / DAY;
    if (days < 0 || days > months * MONTH_DAYS) return [];
    const touched = new Set(before.work.flatMap(({ designators }) => designators));
    return [
      {
        setId,
        before: before.job,
        job: stay.job,
        days: Math.floor(days),
        at: stay.openedAt,
        complaint: stay.complaint ?? "not written down",
        again: stay.work.flatMap(({ designators, text }) => {
          const both = designators.filter((one) => touched.has(one));
          return both.length > 0 ? [`${both.join(", ")} ${text}`] : [];
        }),
      },
    ];
  });
}

/** The comebacks of several sets, the newest first. */
export const comebacks = (sets: readonly { setId: string; stays: readonly Stay[] }[], months: number): Comeback[] =>
  sets
    .flatMap(({ setId, stays }) => comebacksOf(setId, stays, months))
    .sort((a, b) => Date.parse(b.at) - Date.parse(a.at));
