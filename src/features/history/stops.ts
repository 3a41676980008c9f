import { addDays, endOfDay, parseISO, startOfDay } from "date-fns";
import type { Settled } from "@/core/kinds";
import type { Visit } from "@/core/history";
import { dateField } from "@/ui/dates";

/** A day that one can stand on in a set's history. */
export type Stop = { day: string; label: string };

/** The last moment of a day, as an instant. */
export const momentOf = (dayText: string): string => endOfDay(parseISO(dayText)).toISOString();

/**
 * The days worth standing on: the day before each visit, every day with work, and today. Years without a visit take
 * no room, so that a slider over them is even.
 */
export function stopsOf(settled: readonly Settled[], visits: readonly Visit[], now: string): Stop[] {
  const stops = new Map<string, string>();
  for (const visit of visits)
    stops.set(dateField(addDays(startOfDay(new Date(visit.openedAt)), -1).toISOString()), `before job ${visit.job}`);
  for (const item of settled) {
    const job = visits.find((visit) => visit.id === item.entry.visitId)?.job;
    stops.set(dateField(item.at), `job ${job ?? ""}`);
  }
  const today = dateField(now);
  stops.set(today, "today");
  return [...stops.entries()].map(([day, label]) => ({ day, label })).sort((a, b) => (a.day < b.day ? -1 : 1));
}
