"use client";

import { useMemo } from "react";
import { CheckAndPutRight } from "./CheckAndPutRight";
import type { PanelProps } from "./hand";
import { FindTest } from "./TestList";

/** The parts: each can be checked by itself, or put right; then one listens. */
export function Parts({ view, act, busy }: PanelProps) {
  const rows = useMemo(() => view.tests.filter(({ check }) => check), [view.tests]);
  return (
    <div className="flex flex-col gap-2">
      <p className="dim">
        Put right is exchanged, cleaned, joined or set anew: 5 min, then one listens. A sound part costs 8 points.
      </p>
      <FindTest rows={rows} label="Find a part">
        {(row) => <CheckAndPutRight row={row} view={view} act={act} busy={busy} />}
      </FindTest>
    </div>
  );
}
