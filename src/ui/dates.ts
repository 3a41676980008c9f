/** The zone of the reader's machine, or UTC: what the server writes, as it cannot know the reader's. */
export type Zone = "local" | "utc";

const MONTHS = ["Jan", "Feb", "Mar", "Apr", "May", "Jun", "Jul", "Aug", "Sep", "Oct", "Nov", "Dec"];

const formats = new Map<Zone, Intl.DateTimeFormat>();
function formatOf(zone: Zone): Intl.DateTimeFormat {
  const known = formats.get(zone);
  if (known) return known;
  const made = new Intl.DateTimeFormat("en-GB", {
    dateStyle: "short",
    timeStyle: "short",
    hourCycle: "h23",
    ...(zone === "utc" ? { timeZone: "UTC" } : {}),
  });
  formats.set(zone, made);
  return made;
}

/** A moment taken apart in a zone: texts of two digits, of the year four. */
function partsOf(iso: string, zone: Zone) {
  const parts = formatOf(zone).formatToParts(new Date(iso));
  const part = (type: Intl.DateTimeFormatPartTypes) => parts.find((one) => one.type === type)?.value ?? "";
  return {
    year: part("year"),
    month: part("month"),
    day: part("day"),
    hour: part("hour"),
    minute: part("minute"),
  };
}

/** Dates as the bench reads them: day first, month in letters, so that no country misreads them. */
export function day(iso: string, zone: Zone = "local"): string {
  const at = partsOf(iso, zone);
  return `${Number(at.day)} ${MONTHS[Number(at.month) - 1] ?? ""} ${at.year}`;
}
export function clock(iso: string, zone: Zone = "local"): string {
  const at = partsOf(iso, zone);
  return `${at.hour}:${at.minute}`;
}
export const dayAndClock = (iso: string, zone: Zone = "local"): string => `${day(iso, zone)}, ${clock(iso, zone)}`;

/** The value of a date field. */
export function dateField(iso: string): string {
  const at = partsOf(iso, "local");
  return `${at.year}-${at.month}-${at.day}`;
}
/** The value of a field for date and time. */
export const momentField = (iso: string): string => `${dateField(iso)}T${clock(iso)}`;

/** Units of time in minutes, and how many of one are said before the next one is taken. */
const UNITS = [
  { unit: "minute", minutes: 1, below: 60 },
  { unit: "hour", minutes: 60, below: 24 },
  { unit: "day", minutes: 1440, below: 30 },
  { unit: "month", minutes: 43_830, below: 12 },
  { unit: "year", minutes: 525_960, below: Infinity },
] as const;

/** Making one takes longer than everything else on a card of the Board. */
const formatOfUnit = new Map(
  UNITS.map(({ unit }) => [unit, new Intl.NumberFormat("en-GB", { style: "unit", unit, unitDisplay: "long" })]),
);

/** How long ago it was, in its largest whole unit: `3 days`. */
export function since(iso: string, now: string): string {
  const minutes = Math.abs(Date.parse(now) - Date.parse(iso)) / 60_000;
  const { unit, minutes: each } =
    UNITS.find((one) => Math.round(minutes / one.minutes) < one.below) ?? UNITS[UNITS.length - 1] ?? UNITS[0];
  return formatOfUnit.get(unit)?.format(Math.round(minutes / each)) ?? "";
}
