import { closedAt } from "../history";
import { describeWork, ofKind } from "../kinds";
import type { FileOf } from "./file";

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

/** Sets that were back within so many months of their hand-back, the newest first. */
export function comebacks(files: readonly FileOf[], months: number): Comeback[] {
  return files
    .flatMap((file): Comeback[] => {
      const visits = [...file.visits].sort((a, b) => Date.parse(a.openedAt) - Date.parse(b.openedAt));
      return visits.slice(1).flatMap((visit, index): Comeback[] => {
        const before = visits[index];
        const left = before ? closedAt(file.settled, before.id) : undefined;
        if (!before || !left) return [];
        const days = (Date.parse(visit.openedAt) - Date.parse(left)) / DAY;
        if (days < 0 || days > months * MONTH_DAYS) return [];
        const work = (visitId: string) =>
          ofKind(file.settled, "part-work").filter(({ entry }) => entry.visitId === visitId);
        const touched = new Set(work(before.id).flatMap(({ content }) => content.payload.designators));
        const taken = ofKind(file.settled, "take-in").findLast(({ entry }) => entry.visitId === visit.id);
        return [
          {
            setId: file.id,
            before: before.job,
            job: visit.job,
            days: Math.floor(days),
            at: visit.openedAt,
            complaint: taken?.content.payload.complaint ?? "not written down",
            again: work(visit.id).flatMap(({ content: { payload } }) => {
              const both = payload.designators.filter((one) => touched.has(one));
              return both.length > 0 ? [`${both.join(", ")} ${describeWork(payload)}`] : [];
            }),
          },
        ];
      });
    })
    .sort((a, b) => Date.parse(b.at) - Date.parse(a.at));
}
