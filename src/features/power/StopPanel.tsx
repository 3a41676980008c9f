"use client";

import { OctagonX } from "lucide-react";
import { afterStop, STAGE_NAMES } from "@/core/power";
import { format } from "@/core/quantity";
import type { PowerRecord } from "@/core/visit";

/** The stop: why, and what to look at next, in order. */
export function StopPanel({ record, onResume }: { record: PowerRecord; onResume: () => void }) {
  const { payload, judgement } = record;
  const rules = judgement.reasons.flatMap(({ rule }) => (rule ? [rule] : []));
  return (
    <section aria-label="Stop" className="rounded-box border-4 border-error p-3">
      <h2 className="flex items-center gap-2 text-3xl font-bold text-error">
        <OctagonX size={32} aria-hidden="true" /> Stop
        <span className="dim ml-auto text-base font-normal">
          {STAGE_NAMES[payload.stage]}, {format(payload.fraction, "percent")}
        </span>
      </h2>
      {judgement.reasons.map(({ text }) => (
        <p key={text} className="text-lg font-semibold">
          {text}
        </p>
      ))}
      <h3 className="mt-2 font-bold">What to check next, in this order</h3>
      <ol className="list-decimal pl-6">
        {afterStop(rules, payload.stage).map((text) => (
          <li key={text} className="py-0.5">
            {text}
          </li>
        ))}
      </ol>
      <button type="button" className="btn btn-outline mt-2 h-auto min-h-11 py-1.5" onClick={onResume}>
        Mended: rise again from the bottom of this stage
      </button>
    </section>
  );
}
