"use client";

import { STAGE_NAMES } from "@/core/power";
import { format } from "@/core/quantity";
import type { StepProgress } from "@/core/visit";
import { VerdictMark, type Mark } from "@/ui/VerdictMark";

const MARKS: Record<string, Mark> = { go: "good", watch: "watch", stop: "bad", none: "none" };

/** What the steps of the rise read, each as it was taken last. */
export function RiseTable({ steps }: { steps: readonly StepProgress[] }) {
  const rows = steps.flatMap((step) => (step.record ? [{ step, record: step.record }] : []));
  const print = (value: number | undefined, quantity: "voltage" | "current") =>
    value === undefined ? "–" : format(value, quantity, 3);
  const bplus = rows.some(({ record }) => record.payload.bplus);
  return (
    <table className="table">
      <thead>
        <tr className="text-base text-base-content">
          {["Stage", "Line", "Current", ...(bplus ? ["B+"] : []), ""].map((title) => (
            <th key={title} scope="col" className="px-1.5 py-1">
              {title || <span className="sr-only">Verdict</span>}
            </th>
          ))}
        </tr>
      </thead>
      <tbody>
        {rows.map(({ step, record: { payload, judgement } }) => (
          <tr key={step.key} className="text-base" title={judgement.reasons.map(({ text }) => text).join(" ")}>
            <th scope="row" className="px-1.5 py-1 font-normal">
              {payload.lamp ? "With lamp" : STAGE_NAMES[step.stage]}
            </th>
            <td className="px-1.5 py-1 whitespace-nowrap">
              {print(payload.lineVolts?.value ?? step.volts, "voltage")}
            </td>
            <td className="px-1.5 py-1 whitespace-nowrap">
              {print(payload.endAmps?.value ?? payload.amps?.value, "current")}
            </td>
            {bplus ? <td className="px-1.5 py-1 whitespace-nowrap">{print(payload.bplus?.value, "voltage")}</td> : null}
            <td className="px-1.5 py-1">
              <VerdictMark mark={MARKS[judgement.verdict] ?? "none"} iconOnly />
            </td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}
