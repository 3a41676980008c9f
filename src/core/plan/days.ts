import { weekday, daysLater } from "../days";
import type { Window } from "./clock";
import type { Week } from "./rules";
import { DAY } from "./task";

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
