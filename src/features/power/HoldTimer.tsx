"use client";

import { useEffect, useState } from "react";

const clock = (seconds: number) => `${Math.floor(seconds / 60)}:${String(Math.floor(seconds % 60)).padStart(2, "0")}`;

type HoldTimerProps = { seconds: number; startedAt: number | undefined; onStart: () => void };

/** Counts a hold down; it begins with the first current that is read, or when it is told to. */
export function HoldTimer({ seconds, startedAt, onStart }: HoldTimerProps) {
  const [now, setNow] = useState(() => Date.now());
  useEffect(() => {
    if (startedAt === undefined) return;
    const timer = window.setInterval(() => setNow(Date.now()), 500);
    return () => window.clearInterval(timer);
  }, [startedAt]);
  if (startedAt === undefined)
    return (
      <button type="button" className="btn btn-outline h-11" onClick={onStart}>
        Hold {clock(seconds)}
      </button>
    );
  const left = seconds - Math.max(0, now - startedAt) / 1000;
  return (
    <span className="flex items-baseline gap-2" role="timer" aria-label={left > 0 ? "Hold" : "The hold is over"}>
      <span className={`font-mono text-3xl font-bold ${left > 0 ? "" : "text-success"}`}>
        {left > 0 ? clock(left) : `+${clock(-left)}`}
      </span>
      <span className="dim">{left > 0 ? "to hold" : "hold is over"}</span>
    </span>
  );
}
