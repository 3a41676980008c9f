import { monthsLater } from "../exchange";
import type { Stay } from "./stays";

/** A visit that began while the work of an earlier one was under warranty. */
export type Return = {
  /** the earlier job, and until when its work is warranted */
  job: number;
  until: string;
  /** what was done then */
  work: Stay["work"];
  /** days since it went out */
  days: number;
  /** the complaint is read as what it was read as then */
  sameComplaint: boolean;
  /** parts that were worked on then and again now */
  again: string[];
};

const DAY = 86_400_000;

/** The earlier visit of a set whose warranty still ran when a visit began; the last of them. */
export function returnOf(stays: readonly Stay[], visitId: string): Return | undefined {
  const index = stays.findIndex((stay) => stay.visitId === visitId);
  const now = stays[index];
  if (!now) return undefined;
  const earlier = stays.slice(0, index).findLast(({ closedAt, warrantyMonths, openedAt }) => {
    if (!closedAt || !warrantyMonths || openedAt >= now.openedAt) return false;
    return now.openedAt.slice(0, 10) <= monthsLater(closedAt, warrantyMonths);
  });
  if (!earlier?.closedAt || !earlier.warrantyMonths) return undefined;
  const touched = new Set(earlier.work.flatMap(({ designators }) => designators));
  return {
    job: earlier.job,
    until: monthsLater(earlier.closedAt, earlier.warrantyMonths),
    work: earlier.work,
    days: Math.max(0, Math.floor((Date.parse(now.openedAt) - Date.parse(earlier.closedAt)) / DAY)),
    sameComplaint: now.read.some((one) => earlier.read.includes(one)),
    again: [...new Set(now.work.flatMap(({ designators }) => designators))].filter((one) => touched.has(one)),
  };
}
