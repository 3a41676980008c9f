import { format, formatDistanceStrict } from "date-fns";

/** Dates as the bench reads them: day first, month in letters, so that no country misreads them. */
export const day = (iso: string): string => format(new Date(iso), "d MMM yyyy");
export const clock = (iso: string): string => format(new Date(iso), "HH:mm");
export const dayAndClock = (iso: string): string => format(new Date(iso), "d MMM yyyy, HH:mm");
export const since = (iso: string, now: string): string => formatDistanceStrict(new Date(iso), new Date(now));
/** The value of a field for date and time. */
export const momentField = (iso: string): string => format(new Date(iso), "yyyy-MM-dd'T'HH:mm");
/** The value of a date field. */
export const dateField = (iso: string): string => format(new Date(iso), "yyyy-MM-dd");
