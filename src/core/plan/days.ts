import type { Window } from "./clock";
import type { Week } from "./rules";
import { DAY } from "./task";

const DAY_MS = 86_400_000;

/** A day so many days later. @example 2026-02-27 and 3: 2026-03-02 */
export const daysLater = (day: string, days: number): string =>
  new Date(Date.parse(`${day}T00:00:00Z`) + days * DAY_MS).toISOString().slice(0, 10);

/** Days from one day to another; below zero when it lies before. */
export const daysBetween = (from: string, to: string): number =>
  Math.round((Date.parse(`${to}T00:00:00Z`) - Date.parse(`${from}T00:00:00Z`)) / DAY_MS);

/** The weekday of a day, Monday 0. */
export const weekday = (day: string): number => (new Date(`${day}T00:00:00Z`).getUTCDay() + 6) % 7;

/** A day so many working days later: nobody delivers at the weekend. @example Friday and 2: Tuesday */
export function workdaysLater(day: string, days: number): string {
  let [at, left] = [day, days];
  while (left > 0) {
    at = daysLater(at, 1);
    if (weekday(at) < 5) left -= 1;
  }
  return at;
}

/** Minutes since midnight of a time like 09:30. */
export const minuteOf = (time: string): number => {
  const [hours = 0, minutes = 0] = time.split(":").map(Number);
  return hours * 60 + minutes;
};

/** Days on which somebody, or nobody, is here. */
export type Away = { person?: string; from: string; to: string; why: string };

/**
 * When somebody is in the shop over so many days.
 * @param share so much of their time is work; the day ends sooner by the rest
 */
export function windowsOf(week: Week, first: string, days: number, away: readonly Away[], share: number): Window[] {
  return Array.from({ length: days }, (_, index) => index).flatMap((index): Window[] => {
    const day = daysLater(first, index);
    const hours = week[weekday(day)];
    if (!hours || away.some(({ from, to }) => day >= from && day <= to)) return [];
    const from = minuteOf(hours.from);
    return [{ from: index * DAY + from, to: index * DAY + from + Math.round((minuteOf(hours.to) - from) * share) }];
  });
}

/** The day of the plan in which a moment lies; the end of a day belongs to it. */
export const dayOf = (minute: number): number => Math.max(0, Math.ceil(minute / DAY) - 1);
