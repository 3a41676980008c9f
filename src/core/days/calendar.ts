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

const two = (n: number) => String(n).padStart(2, "0");

/** A day by its numbers; undefined where the calendar has none such. @example 2026, 2, 29: undefined */
export function dayOfNumbers(year: number, month: number, day: number): string | undefined {
  const at = new Date(Date.UTC(year, month - 1, day));
  return at.getUTCFullYear() === year && at.getUTCMonth() === month - 1 && at.getUTCDate() === day
    ? `${year}-${two(month)}-${two(day)}`
    : undefined;
}

/** The last day of a month. */
export const endOfMonth = (year: number, month: number): string =>
  new Date(Date.UTC(year, month, 0)).toISOString().slice(0, 10);

/** A day so many months later; the last of a shorter month. @example 2026-01-31 and 1: 2026-02-28 */
export function monthsLater(day: string, months: number): string {
  const [year = 0, month = 1, of = 1] = day.split("-").map(Number);
  const there = month - 1 + months;
  const [y, m] = [year + Math.floor(there / 12), (((there % 12) + 12) % 12) + 1];
  return dayOfNumbers(y, m, of) ?? endOfMonth(y, m);
}

const WEEKDAY_NAMES = ["Monday", "Tuesday", "Wednesday", "Thursday", "Friday", "Saturday", "Sunday"];
const MONTH_NAMES = "January February March April May June July August September October November December".split(" ");

/** A day in words, so that no country misreads it. @example 2026-12-04: Friday, 4 December 2026 */
export const dayInWords = (day: string): string => {
  const [year, month = 1, of] = day.split("-").map(Number);
  return `${WEEKDAY_NAMES[weekday(day)]}, ${of} ${MONTH_NAMES[month - 1]} ${year}`;
};
