"use client";

import { useEffect, useState } from "react";

const EVERY_MS = 5000;

/**
 * The present by the server's clock: its time when the page was made and what has passed since by a clock that nobody
 * can set. A device whose clock is changed meanwhile keeps the right time here.
 */
export function useNow(serverNow: string): { now: string; exact: () => string } {
  const [passed, setPassed] = useState(0);
  useEffect(() => {
    const timer = window.setInterval(() => setPassed(performance.now()), EVERY_MS);
    return () => window.clearInterval(timer);
  }, []);
  const at = (ms: number) => new Date(Date.parse(serverNow) + ms).toISOString();
  return { now: at(passed), exact: () => at(performance.now()) };
}
