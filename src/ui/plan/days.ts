/** Days, times and shares of a plan in words. Nothing of core is loaded for them: the Board has them at once. */

const DAYS = ["Mon", "Tue", "Wed", "Thu", "Fri", "Sat", "Sun"];
const MONTHS = ["Jan", "Feb", "Mar", "Apr", "May", "Jun", "Jul", "Aug", "Sep", "Oct", "Nov", "Dec"];

/** A day as it is spoken of in a week: `Fri 4 Dec`. @param day like 2026-12-04 */
export function dayWords(day: string): string {
  const at = new Date(`${day}T12:00:00Z`);
  return `${DAYS[(at.getUTCDay() + 6) % 7] ?? ""} ${at.getUTCDate()} ${MONTHS[at.getUTCMonth()] ?? ""}`;
}

/** Time of work as it is planned: to five minutes below an hour, to a quarter above. */
export function workTime(minutes: number): string {
  if (minutes < 57.5) return `${Math.max(5, Math.round(minutes / 5) * 5)} min`;
  const quarters = Math.round(minutes / 15);
  const [hours, rest] = [Math.floor(quarters / 4), (quarters % 4) * 15];
  return rest === 0 ? `${hours} h` : `${hours} h ${rest}`;
}

/** A share as it is said of a promise. */
export const surely = (share: number): string => `${Math.round(share * 100)} %`;
