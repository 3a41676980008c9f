import { UTCDate } from "@date-fns/utc";
import { format, formatDistanceStrict } from "date-fns";

/** The zone of the reader's machine, or UTC: what the server writes, as it cannot know the reader's. */
export type Zone = "local" | "utc";

const at = (iso: string, zone: Zone): Date => (zone === "utc" ? new UTCDate(iso) : new Date(iso));

/** Dates as the bench reads them: day first, month in letters, so that no country misreads them. */
export const day = (iso: string, zone: Zone = "local"): string => format(at(iso, zone), "d MMM yyyy");
export const clock = (iso: string, zone: Zone = "local"): string => format(at(iso, zone), "HH:mm");
export const dayAndClock = (iso: string, zone: Zone = "local"): string => format(at(iso, zone), "d MMM yyyy, HH:mm");
export const since = (iso: string, now: string): string => formatDistanceStrict(new Date(iso), new Date(now));
/** The value of a field for date and time. */
export const momentField = (iso: string): string => format(new Date(iso), "yyyy-MM-dd'T'HH:mm");
/** The value of a date field. */
export const dateField = (iso: string): string => format(new Date(iso), "yyyy-MM-dd");
