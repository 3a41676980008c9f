"use client";

import { Check, ChevronRight, Circle, CircleDashed, SkipForward, type LucideIcon } from "lucide-react";
import type { Step } from "@/core/model";
import type { SheetStep, StepState } from "@/core/visit";

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
    <nav aria-label="Run sheet" className="no-print overflow-auto border-b border-base-300 bg-base-200 lg:border-r lg:border-b-0">
      <ol className="flex gap-1 p-1.5 lg:flex-col">
        {sheet.map((item) => {
          const { icon: Icon, word, tone } = MARKS[item.state];
          const current = item.step === selected;
          return (
            <li key={item.step} className="shrink-0">
              <button
                type="button"
                aria-current={current ? "step" : undefined}
                onClick={() => onSelect(item.step)}
                className={`flex min-h-11 w-full items-center gap-2 rounded-field px-2 py-1 text-left hover:bg-base-300 ${current ? "bg-base-100 font-bold ring-2 ring-primary" : ""}`}
              >
                <Icon size={20} className={`shrink-0 ${tone}`} aria-label={word} />
                <span className="min-w-0 grow">
                  <span className="flex items-center whitespace-nowrap">
                    {item.name}
                    {item.step === next ? <ChevronRight size={16} className="ml-1 text-primary" aria-label="next" /> : null}
                  </span>
                  <span className="dim hidden truncate text-sm font-normal lg:block lg:max-w-[10.5rem]" title={item.lacks.join("; ") || item.reason}>
                    {item.reason ? `Passed: ${item.reason}` : (item.lacks[0] ?? word)}
                  </span>
                </span>
              </button>
            </li>
          );
        })}
      </ol>
    </nav>
  );
}
