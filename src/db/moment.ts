/** An instant as PostgreSQL prints it: `1930-05-01 10:00:00.5+00`. Some old zones have seconds in their offset. */
const PRINTED =
  /^(\d{4,})-(\d\d)-(\d\d)[ T](\d\d):(\d\d):(\d\d)(?:\.(\d+))?(?:Z|([+-])(\d\d)(?::?(\d\d))?(?::?(\d\d))?)?$/;
/** The last instant that JavaScript has, ms since 1970. */
const LAST = 8_640_000_000_000_000;

/**
 * A stored instant as an ISO instant in UTC, to the millisecond. It never throws: one row that holds what is no instant
 * (a date before Christ, `infinity`) must not cost the page, so it comes out as the beginning of 1970.
 */
export function iso(text: string): string {
  const [, year, month, day, hour, minute, second, fraction = "", sign, ...offset] = PRINTED.exec(text) ?? [];
  if (!year) return new Date(0).toISOString();
  const local = Date.UTC(Number(year), Number(month) - 1, Number(day), Number(hour), Number(minute), Number(second));
  const [hours = 0, minutes = 0, seconds = 0] = offset.map((part) => Number(part ?? 0));
  const behind = (sign === "-" ? -1 : 1) * (hours * 3600 + minutes * 60 + seconds) * 1000;
  // What is finer than a millisecond is left out, as it is where an entry is sealed.
  const moment = local + Number(fraction.slice(0, 3).padEnd(3, "0")) - behind;
  return new Date(Math.abs(moment) <= LAST ? moment : 0).toISOString();
}
