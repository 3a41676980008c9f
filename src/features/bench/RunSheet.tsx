"use client";

import { Check, ChevronRight, Circle, CircleDashed, SkipForward, type LucideIcon } from "lucide-react";
import type { Step } from "@/core/model";
import type { SheetStep, StepState } from "@/core/visit";
import { LabourClock } from "./LabourClock";

const MARKS: Record<StepState, { icon: LucideIcon; word: string; tone: string }> = {
  done: { icon: Check, word: "done", tone: "text-success" },
  overridden: { icon: SkipForward, word: "passed with a reason", tone: "text-info" },
  lacking: { icon: Circle, word: "to do", tone: "text-warning" },
  optional: { icon: CircleDashed, word: "if asked for", tone: "dim" },
};

type RunSheetProps = { sheet: readonly SheetStep[]; selected: Step; next: Step; onSelect: (step: Step) => void };

/** The visit's steps in working order, with their state and what each still lacks. On a tablet it lies along the top. */
export function RunSheet({ sheet, selected, next, onSelect }: RunSheetProps) {
  return (
    <div className="no-print flex overflow-auto border-b border-base-300 bg-base-200 lg:block lg:border-r lg:border-b-0">
      <nav aria-label="Run sheet" className="min-w-0 grow">
        <ol className="grid grid-cols-10 gap-0.5 p-1 lg:flex lg:flex-col lg:gap-1 lg:p-1.5">
          {sheet.map((item) => {
            const { icon: Icon, word, tone } = MARKS[item.state];
            const current = item.step === selected;
            return (
              <li key={item.step} className="min-w-0">
                <button
                  type="button"
                  aria-current={current ? "step" : undefined}
                  onClick={() => onSelect(item.step)}
                  className={`flex h-full min-h-14 w-full flex-col items-center gap-x-2 rounded-field px-0.5 py-1 text-center text-sm hover:bg-base-300 lg:min-h-11 lg:flex-row lg:px-2 lg:text-left lg:text-base ${current ? "bg-base-100 font-bold ring-2 ring-primary" : ""}`}
                >
                  <Icon size={20} className={`shrink-0 ${tone}`} aria-label={word} />
                  <span className="min-w-0 grow">
                    <span className="lg:flex lg:items-center lg:whitespace-nowrap">
                      {item.name}
                      {item.step === next ? (
                        <ChevronRight size={16} className="ml-1 inline text-primary" aria-label="next" />
                      ) : null}
                    </span>
                    <span
                      className="dim hidden truncate text-sm font-normal lg:block lg:max-w-[10.5rem]"
                      title={item.lacks.join("; ") || item.reason}
                    >
                      {item.reason ? `Passed: ${item.reason}` : (item.lacks[0] ?? word)}
                    </span>
                  </span>
                </button>
              </li>
            );
          })}
        </ol>
      </nav>
      <div className="flex shrink-0 items-center border-l border-base-300 p-0.5 lg:block lg:border-t lg:border-l-0 lg:p-1.5">
        <LabourClock step={selected} />
      </div>
    </div>
  );
}
