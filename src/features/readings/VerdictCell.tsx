"use client";

import { formatDeviation } from "@/core/quantity";
import type { PointRow } from "@/core/readings";
import { RatioBar } from "@/ui/RatioBar";
import { VerdictMark } from "@/ui/VerdictMark";
import type { Cell } from "./useReadings";

/** The verdict of a cell as it is typed, with its ratio as a bar around 1. */
export function VerdictCell({ row, cell }: { row: PointRow; cell: Cell }) {
  const { live, error } = cell;
  if (error) return <span className="font-semibold text-warning">{error}</span>;
  if (live.kind === "empty") return <span className="dim">–</span>;
  if (live.kind === "problem") return <span className="text-warning">{live.message}</span>;
  if (cell.asks)
    return <span className="font-semibold text-warning">{cell.asks === "power" ? "power on?" : "set-up first?"}</span>;
  const { verdict, ratio, reasons } = live.judgement;
  const out = verdict === "high" || verdict === "low";
  return (
    <span className="flex flex-col" title={reasons.join(" ")}>
      <span className="whitespace-nowrap">
        <VerdictMark mark={verdict} />
        {ratio !== undefined && row.expected?.rule !== "at-least" && row.expected?.rule !== "cold-heater" ? (
          <span className="ml-2">{formatDeviation(ratio - 1)}</span>
        ) : null}
      </span>
      {ratio !== undefined && ratio > 0 && row.expected && !row.expected.rule ? (
        <RatioBar ratio={ratio} tolerance={row.expected.tolerance} out={out} />
      ) : null}
    </span>
  );
}
