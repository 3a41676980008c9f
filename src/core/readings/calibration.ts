/** Is a meter's calibration still good? */
export type Calibration = { state: "good" | "soon" | "overdue" | "never"; due?: string };

/**
 * This long before it is due a calibration is announced, days. Shop rule.
 * @example due on 1 July: announced from 1 June on
 */
const SOON_DAYS = 30;
const DAY = 86_400_000;

/**
 * When a calibration is due: so many calendar months after it was done; a month without that day ends earlier.
 * @param calibratedOn ISO date, or null @param everyMonths from 1 @param today ISO date
 */
export function calibrationOf(calibratedOn: string | null, everyMonths: number, today: string): Calibration {
  if (!calibratedOn) return { state: "never" };
  const [year = 0, month = 1, day = 1] = calibratedOn.split("-").map(Number);
  const lastDay = new Date(Date.UTC(year, month - 1 + everyMonths + 1, 0)).getUTCDate();
  const due = new Date(Date.UTC(year, month - 1 + everyMonths, Math.min(day, lastDay)));
  const left = (due.getTime() - Date.parse(`${today.slice(0, 10)}T00:00:00Z`)) / DAY;
  return { due: due.toISOString().slice(0, 10), state: left < 0 ? "overdue" : left <= SOON_DAYS ? "soon" : "good" };
}
