"use client";

import { useMemo } from "react";
import type { PanelProps } from "./hand";
import { FindTest } from "./TestList";
import { minutesText } from "./words";

/** The parts: each can be checked by itself, or put right; then one listens. */
export function Parts({ view, act, busy }: PanelProps) {
  const rows = useMemo(() => view.tests.filter(({ check }) => check), [view.tests]);
  return (
    <div className="flex flex-col gap-2">
      <p className="dim">
        Put right is exchanged, cleaned, joined or set anew: 5 min, then one listens. A sound part costs 8 points.
      </p>
      <FindTest rows={rows} label="Find a part">
        {(row) => (
          <>
            <span className="min-w-52 flex-1">{row.name.replace(/^Check (the )?/, "")}</span>
            <button
              type="button"
              className="btn btn-outline h-10"
              disabled={busy}
              aria-label={row.name}
              onClick={() => void act({ do: "test", test: row.id })}
            >
              Check, {minutesText(row.minutes)}
            </button>
            <button
              type="button"
              className="btn btn-outline btn-primary h-10"
              disabled={busy}
              aria-label={`Put right: ${row.name.replace(/^Check (the )?/, "")}`}
              onClick={() => void act({ do: "exchange", check: row.id })}
            >
              {view.state.exchanged.includes(row.id) ? "Put right again" : "Put right"}
            </button>
          </>
        )}
      </FindTest>
    </div>
  );
}
