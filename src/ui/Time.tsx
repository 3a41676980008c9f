"use client";

import { clock, day, dayAndClock } from "./dates";
import { useZone } from "./zone";

const FORMATS = { clock, day, full: dayAndClock };

/** A moment in the reader's own time zone. */
export function Time({ iso, as = "full" }: { iso: string; as?: keyof typeof FORMATS }) {
  const zone = useZone();
  return <time dateTime={iso}>{FORMATS[as](iso, zone)}</time>;
}
