"use client";

import { useZone } from "./zone";

/** What reckons in days of the reader's zone is drawn on the reader's device only. */
export function OnDevice({ children }: { children: React.ReactNode }) {
  return useZone() === "local" ? children : <p className="dim p-3">Loading…</p>;
}
