"use client";

import { formatDeviation } from "@/core/quantity";
import { VerdictMark } from "@/ui/VerdictMark";
import type { Cell } from "./useReadings";

/** The verdict of a cell as it is typed, with its first reason. */
export function VerdictCell({ cell }: { cell: Cell }) {
  const { live, error } = cell;
  if (error) return <span className="font-semibold text-warning">{error}</span>;
  if (live.kind === "empty") return <span className="dim">–</span>;
  if (live.kind === "problem") return <span className="text-warning">{live.message}</span>;
  const { verdict, ratio, reasons } = live.judgement;
  return (
    <span title={reasons.join(" ")}>
      <VerdictMark mark={verdict} />
      {ratio !== undefined ? <span className="ml-2">{formatDeviation(ratio - 1)}</span> : null}
      {verdict === "no-proof" || ratio === undefined ? <span className="dim block text-sm">{reasons[0]}</span> : null}
    </span>
  );
}
