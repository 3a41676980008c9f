"use client";

import { useState } from "react";
import { hazards, storedCharge } from "@/core/power";
import { safeLines } from "@/core/visit";
import { useLogbook } from "@/ui/logbook";
import { Discharge } from "@/ui/Discharge";
import { LineHint } from "@/ui/LineHint";
import { ToConfirm } from "@/ui/ToConfirm";
import { SafeLine } from "./SafeLine";

/** Make safe: what can hurt here, the list of exactly this set, and what is left on the reservoir, measured. */
export function MakeSafePlate({ children }: { children?: React.ReactNode }) {
  const { model, settled, visit } = useLogbook();
  const [calculating, setCalculating] = useState(false);
  const lines = safeLines(model.sheet, model.year, settled, visit.id);
  const done = lines.filter((line) => line.record && line.record.payload.state !== "trouble").length;
  const stored = lines.some((line) => line.limitVolts !== undefined);
  return (
    <div>
      <ul className="mb-3 flex flex-col gap-1">
        {hazards(model.sheet, model.year)
          .filter((hazard) => hazard.level === "danger")
          .map((hazard) => (
            <li key={hazard.short} className="border-l-4 border-error pl-2">
              <strong>{hazard.short}.</strong> {hazard.detail}
            </li>
          ))}
      </ul>
      <h2 className="text-lg font-bold">
        {done} of {lines.length} lines are in order
      </h2>
      <ToConfirm kind="check" />
      <ToConfirm kind="step" />
      <ol>
        {lines.map((line) => (
          <SafeLine key={line.key} line={line} />
        ))}
      </ol>
      <div className="mt-2">
        <LineHint line={stored ? "safe residual 0.3 V" : `safe ${lines[0]?.key ?? "burnt"} ok`} />
      </div>
      {stored ? (
        <div className="mt-3">
          <button
            type="button"
            className="btn btn-outline h-11"
            aria-expanded={calculating}
            onClick={() => setCalculating(!calculating)}
          >
            How long does it take to discharge?
          </button>
          {calculating ? <Discharge {...storedCharge(model.sheet)} /> : null}
        </div>
      ) : null}
      {children}
      <p className="dim mt-4 text-sm">
        A reminder for trained people. Mains wiring, fuses and earthing follow the local electrical code, and are work
        for a qualified person where it says so.
      </p>
    </div>
  );
}
