"use client";

import { useEffect, useState } from "react";
import { useLogbook } from "@/ui/logbook";

const EVERY_MS = 5000;

/** The present by the server's clock, looked at every few seconds; never before the last entry. */
export function useNow(): string {
  const { clock, input } = useLogbook();
  const [now, setNow] = useState(input.now);
  useEffect(() => {
    const look = () => setNow(clock());
    const first = window.setTimeout(look, 0);
    const timer = window.setInterval(look, EVERY_MS);
    return () => {
      window.clearTimeout(first);
      window.clearInterval(timer);
    };
  }, [clock]);
  return Date.parse(now) > Date.parse(input.now) ? now : input.now;
}
