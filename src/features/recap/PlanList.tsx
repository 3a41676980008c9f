"use client";

import { ChevronDown, ChevronRight } from "lucide-react";
import { useRef, useState } from "react";
import { roleText, type FilledLine } from "@/core/components";
import { printPart } from "@/core/kinds";
import { workOrder } from "@/core/visit";
import { useLogbook } from "@/ui/logbook";
import { ActionMark } from "./ActionMark";
import { needShort } from "./NeedFacts";
import { choiceText, PlanDetail } from "./PlanDetail";

/** What goes in, in one line of the row. */
function Goes({ line }: { line: FilledLine }) {
  if (line.filled.length === 0)
    return <span className="dim">{line.override ? `Decided: ${line.override}` : line.reason}</span>;
  return (
    <>
      {line.filled.map(({ need, chosen }) => (
        <span key={need.designator} className="block">
          {line.filled.length > 1 ? <span className="font-mono font-bold">{need.designator} </span> : null}
          {chosen ? (
            <>
              <span className="font-mono">{choiceText(chosen)}</span>{" "}
              <span className="dim whitespace-nowrap">
                {chosen.items
                  .map(({ bin }) => bin)
                  .filter(Boolean)
                  .join(", ")}
              </span>
            </>
          ) : (
            <span className="font-semibold text-warning">
              not in stock: <span className="font-mono">{needShort(need)}</span>
            </span>
          )}
        </span>
      ))}
    </>
  );
}

type PlanListProps = { lines: readonly FilledLine[]; onPick: (designator: string, ids: string[]) => void };

/** The plan, stage by stage. Arrow keys walk the lines, Enter opens one. */
export function PlanList({ lines, onPick }: PlanListProps) {
  const { model } = useLogbook();
  const [open, setOpen] = useState<string>();
  const list = useRef<HTMLDivElement>(null);
  const walk = (event: React.KeyboardEvent) => {
    const by = event.key === "ArrowDown" ? 1 : event.key === "ArrowUp" ? -1 : 0;
    const rows = [...(list.current?.querySelectorAll<HTMLElement>("[data-row]") ?? [])];
    const at = rows.indexOf(event.target as HTMLElement);
    if (by === 0 || at < 0) return;
    event.preventDefault();
    rows[at + by]?.focus();
  };
  return (
    <div ref={list} onKeyDown={walk} className="flex flex-col gap-3">
      {workOrder(lines).map(({ stage, lines: group }) => (
        <section key={stage} aria-label={stage}>
          <h2 className="border-b-2 border-base-300 font-bold">{stage}</h2>
          <ul>
            {group.map((line) => {
              const shown = open === line.designator;
              const Chevron = shown ? ChevronDown : ChevronRight;
              return (
                <li key={line.designator} className="border-b border-base-300">
                  <button
                    type="button"
                    data-row
                    aria-expanded={shown}
                    className="grid min-h-11 w-full grid-cols-[3.5rem_9.5rem_6.5rem_minmax(0,1fr)_1.25rem] items-center gap-2 px-1 py-1 text-left hover:bg-base-200"
                    onClick={() => setOpen(shown ? undefined : line.designator)}
                  >
                    <span className="font-mono font-bold">{line.designator}</span>
                    <span>
                      <span className="block font-mono">{printPart(line.drawn, line.designator, model.sheet)}</span>
                      <span className="dim block text-sm">{roleText({ role: line.role })}</span>
                    </span>
                    <ActionMark action={line.action} />
                    <span className="min-w-0">
                      <Goes line={line} />
                    </span>
                    <Chevron size={18} aria-hidden="true" />
                  </button>
                  {shown ? <PlanDetail line={line} onPick={onPick} /> : null}
                </li>
              );
            })}
          </ul>
        </section>
      ))}
    </div>
  );
}
