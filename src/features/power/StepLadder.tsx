"use client";

import { Check, Circle, OctagonX, RotateCcw } from "lucide-react";
import { STAGE_NAMES } from "@/core/power";
import { format } from "@/core/quantity";
import type { StepProgress } from "@/core/visit";

const MARKS = {
  done: { icon: Check, word: "done" },
  stopped: { icon: OctagonX, word: "stopped here" },
  "before-stop": { icon: RotateCcw, word: "again, after the stop" },
  "to-do": { icon: Circle, word: "to do" },
} as const;

type StepLadderProps = { steps: readonly StepProgress[]; current: string | undefined; onSelect: (key: string) => void };

/** The steps of the rise with their state; one that was done can be taken again. */
export function StepLadder({ steps, current, onSelect }: StepLadderProps) {
  const stages = [...new Set(steps.map((step) => step.stage))];
  return (
    <div className="flex flex-wrap gap-x-4 gap-y-1" role="group" aria-label="Steps of the power-up">
      {stages.map((stage) => (
        <div key={stage} className="flex flex-wrap items-center gap-1">
          <span className="dim mr-1 w-24 text-sm">{STAGE_NAMES[stage]}</span>
          {steps
            .filter((step) => step.stage === stage)
            .map((step) => {
              const { icon: Icon, word } = MARKS[step.state];
              const tone = step.state === "stopped" ? "text-error" : step.state === "done" ? "text-success" : "";
              const name = step.measures.includes("lamp")
                ? "with lamp"
                : step.key === "lamp-out"
                  ? "without"
                  : format(step.volts, "voltage", 3);
              return (
                <button
                  key={step.key}
                  type="button"
                  aria-pressed={step.key === current}
                  aria-label={`${STAGE_NAMES[stage]}, ${name}: ${word}`}
                  onClick={() => onSelect(step.key)}
                  className={`btn h-10 px-2.5 ${step.key === current ? "btn-active border-2 border-primary" : "btn-outline"}`}
                >
                  <Icon size={16} aria-hidden="true" className={tone} />
                  <span className="tabular-nums">{name}</span>
                </button>
              );
            })}
        </div>
      ))}
    </div>
  );
}
