"use client";

import type { Step } from "@/core/model";
import { DoneForm } from "./DoneForm";

/** Steps that are done only when asked for: what was done is written in words. */
export function AskedForPlate({ step }: { step: Extract<Step, "modify" | "align"> }) {
  const modify = step === "modify";
  return (
    <div>
      <p className="dim">
        {modify
          ? "Only if the owner asked for it. Say what was fitted, where it is tapped, what was changed on the chassis, and how to undo it."
          : "Only when the cause is known and cured: an untouched set is usually nearly right. Record how far each core was moved, and in or out of the cabinet."}
      </p>
      <DoneForm
        step={step}
        label={modify ? "What was modified" : "What was aligned"}
        placeholder={
          modify
            ? "audio outlet at the volume control, existing hole used, reversible"
            : "IFs at 465 kHz, cores moved less than a quarter turn, in the cabinet"
        }
        button={modify ? "Modified" : "Aligned"}
      />
    </div>
  );
}
