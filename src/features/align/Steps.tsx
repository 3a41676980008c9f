"use client";

import { CircleCheck, Circle, CircleDashed, RotateCw, SkipForward } from "lucide-react";
import { doneText, stepKey, type GroupState } from "@/core/alignment";
import type { AlignmentRow } from "@/core/model";
import { format } from "@/core/quantity";
import type { Align } from "./useAlign";
import { stateText, stepText } from "./words";

const MARKS = {
  untouched: Circle,
  running: CircleDashed,
  again: RotateCw,
  done: CircleCheck,
  skipped: SkipForward,
} as const;

function StepRow({ align, row, group }: { align: Align; row: AlignmentRow; group: GroupState }) {
  const { key, choose } = align;
  const here = stepKey(row) === key;
  const done = group.rounds.flatMap(({ number, steps }) => {
    const step = steps.find((one) => one.row === row);
    return step?.done ? [{ number, done: step.done }] : [];
  });
  return (
    <li>
      <button
        type="button"
        aria-current={here ? "step" : undefined}
        className={`flex min-h-10 w-full flex-wrap items-baseline gap-x-2 rounded-field px-2 py-1 text-left hover:bg-base-200 ${here ? "bg-base-200 font-semibold" : ""}`}
        onClick={() => choose(row)}
      >
        <span>{stepText(row)}</span>
        {row.hertz === undefined ? null : (
          <span className="dim font-mono text-sm">{format(row.hertz, "frequency", 5)}</span>
        )}
        <span className="ml-auto text-sm">
          {done.map(({ number, done: one }) => `${number}: ${doneText(one)}`).join(" · ")}
        </span>
      </button>
    </li>
  );
}

/** All steps in their groups, with what was done in each round. */
export function Steps({ align }: { align: Align }) {
  return (
    <ol className="flex flex-col gap-2" aria-label="Steps of the alignment">
      {align.state.groups.map((group) => {
        const Mark = MARKS[group.state];
        const tone = group.state === "done" ? "text-success" : group.state === "again" ? "text-warning" : "dim";
        return (
          <li key={group.group} className="rounded-box border border-base-300 p-1">
            <p className="flex flex-wrap items-center gap-2 px-2">
              <strong>{group.group}</strong>
              <span className={`inline-flex items-center gap-1 text-sm ${tone}`}>
                <Mark size={16} aria-hidden="true" /> {stateText(group)}
              </span>
            </p>
            <ol>
              {group.rows.map((row) => (
                <StepRow key={stepKey(row)} align={align} row={row} group={group} />
              ))}
            </ol>
          </li>
        );
      })}
    </ol>
  );
}
