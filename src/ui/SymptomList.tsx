"use client";

import { openPoints } from "@/core/history";
import type { Standing } from "@/core/kinds";
import { useLogbook } from "./logbook";
import { VerdictMark } from "./VerdictMark";

type SymptomListProps = {
  symptoms: readonly Standing<"symptom">[];
  /** what stands under a symptom: how the search read it */
  under?: (entryId: string) => React.ReactNode;
};

/** Symptoms, each there or gone, with the way to say that one is gone. */
export function SymptomList({ symptoms, under }: SymptomListProps) {
  const { settled, input, append } = useLogbook();
  const open = new Set(openPoints(settled, input.now).map((point) => point.id));
  return (
    <ul>
      {symptoms.map(({ entry, content: { payload } }) => (
        <li key={entry.id} className="flex min-h-11 items-center gap-2 border-b border-base-300">
          <VerdictMark mark={open.has(entry.id) ? "bad" : "good"} note={open.has(entry.id) ? "there" : "gone"} />
          <div className="grow">
            {payload.what}
            {under?.(entry.id)}
          </div>
          {open.has(entry.id) ? (
            <button
              type="button"
              className="btn btn-outline h-10"
              onClick={() =>
                void append({
                  kind: "symptom",
                  payload: { v: 1, what: payload.what, state: "gone", about: entry.id },
                })
              }
            >
              It is gone
            </button>
          ) : null}
        </li>
      ))}
    </ul>
  );
}
