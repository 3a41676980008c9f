"use client";

import { useSyncExternalStore } from "react";
import { clock, day, dayAndClock } from "./dates";

const FORMATS = { clock, day, full: dayAndClock };

const never = () => () => {};

/** A moment in the reader's own time zone; the server's is shown until the page is alive. */
export function Time({ iso, as = "full" }: { iso: string; as?: keyof typeof FORMATS }) {
  const text = useSyncExternalStore(
    never,
    () => FORMATS[as](iso),
    () => FORMATS[as](iso),
  );
  return (
    <time dateTime={iso} suppressHydrationWarning>
      {text}
    </time>
  );
}
