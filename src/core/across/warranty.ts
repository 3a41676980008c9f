import { monthsLater } from "../exchange";
import type { Sheet } from "../model";
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
  /** stages that were worked on then, and again now with other parts of them */
  stages: string[];
};

const DAY = 86_400_000;

/** A visit whose work is under warranty on a day, and until when; the last of them. @param at ISO */
export function warrantyOn(
  stays: readonly Stay[],
  at: string,
): { stay: Stay; closedAt: string; until: string } | undefined {
  const found = stays.flatMap((stay) => {
    const { closedAt, warrantyMonths } = stay;
    if (!closedAt || !warrantyMonths) return [];
    const until = monthsLater(closedAt, warrantyMonths);
    return at.slice(0, 10) <= until ? [{ stay, closedAt, until }] : [];
  });
  return found.at(-1);
}

/** Stages in which parts were worked on, by the set's sheet. */
function stagesOf(work: Stay["work"], sheet: Pick<Sheet, "components" | "tubes">): Set<string> {
  const stages = new Map<string, string | undefined>([
    ...sheet.components.map(({ designator, stage }) => [designator, stage] as const),
    ...sheet.tubes.map(({ position, work: stage }) => [position, stage] as const),
  ]);
  return new Set(work.flatMap(({ designators }) => designators.flatMap((one) => stages.get(one) ?? [])));
}

/** The earlier visit of a set whose warranty still ran when a visit began; the last of them. */
export function returnOf(
  stays: readonly Stay[],
  visitId: string,
  sheet: Pick<Sheet, "components" | "tubes">,
): Return | undefined {
  const index = stays.findIndex((stay) => stay.visitId === visitId);
  const now = stays[index];
  if (!now) return undefined;
  const past = stays.slice(0, index).filter(({ openedAt }) => openedAt < now.openedAt);
  const warranty = warrantyOn(past, now.openedAt);
  if (!warranty) return undefined;
  const { stay: earlier, closedAt, until } = warranty;
  const touched = new Set(earlier.work.flatMap(({ designators }) => designators));
  const before = stagesOf(earlier.work, sheet);
  return {
    job: earlier.job,
    until,
    work: earlier.work,
    days: Math.max(0, Math.floor((Date.parse(now.openedAt) - Date.parse(closedAt)) / DAY)),
    sameComplaint: now.read.some((one) => earlier.read.includes(one)),
    again: [...new Set(now.work.flatMap(({ designators }) => designators))].filter((one) => touched.has(one)),
    stages: [...stagesOf(now.work, sheet)].filter((one) => before.has(one)),
  };
}
