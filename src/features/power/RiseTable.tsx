"use client";

import { STAGE_NAMES } from "@/core/power";
import { format } from "@/core/quantity";
import type { StepProgress } from "@/core/visit";
import { VerdictMark, type Mark } from "@/ui/VerdictMark";
import { ResultTable } from "@/ui/ResultTable";

const MARKS: Record<string, Mark> = { go: "good", watch: "watch", stop: "bad", none: "none" };

/** What the steps of the rise read, each as it was taken last. */
export function RiseTable({ steps }: { steps: readonly StepProgress[] }) {
  const rows = steps.flatMap((step) => (step.record ? [{ step, record: step.record }] : []));
  const print = (value: number | undefined, quantity: "voltage" | "current") =>
    value === undefined ? "–" : format(value, quantity, 3);
  const bplus = rows.some(({ record }) => record.payload.bplus);
  return (
    <ResultTable
      tight
      rows={rows}
      keyOf={({ step }) => step.key}
      titleOf={({ record }) => record.judgement.reasons.map(({ text }) => text).join(" ")}
      columns={[
        {
          head: "Stage",
          names: true,
          className: "font-normal",
          cell: ({ step, record }) => (record.payload.lamp ? "With lamp" : STAGE_NAMES[step.stage]),
        },
        {
          head: "Line",
          className: "whitespace-nowrap",
          cell: ({ step, record }) => print(record.payload.lineVolts?.value ?? step.volts, "voltage"),
        },
        {
          head: "Current",
          className: "whitespace-nowrap",
          cell: ({ record: { payload } }) => print(payload.endAmps?.value ?? payload.amps?.value, "current"),
        },
        bplus && {
          head: "B+",
          className: "whitespace-nowrap",
          cell: ({ record }) => print(record.payload.bplus?.value, "voltage"),
        },
        {
          head: <span className="sr-only">Verdict</span>,
          cell: ({ record }) => <VerdictMark mark={MARKS[record.judgement.verdict] ?? "none"} iconOnly />,
        },
      ]}
    />
  );
}
