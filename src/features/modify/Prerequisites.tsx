"use client";

import type { Modification } from "@/core/kinds";
import { readyToOrder, type LineVerdict, type Prerequisite } from "@/core/modifications";
import { VerdictMark, type Mark } from "@/ui/VerdictMark";
import { TickLine, type TickAnswer } from "./Tick";

export const VERDICT_MARKS: Record<LineVerdict, { mark: Mark; note: string }> = {
  fits: { mark: "good", note: "fits" },
  "does-not": { mark: "bad", note: "does not fit" },
  look: { mark: "watch", note: "look" },
};

const ANSWERS: readonly TickAnswer[] = [
  { state: "done", button: "Seen", asks: "What was seen", example: "rev D is printed on the copper side" },
  { state: "na", button: "Not here", asks: "Why it does not apply", example: "this set has no such board" },
  { state: "unmet", button: "Not met", asks: "What is missing", example: "rev B only: the board comes first" },
];

/** Before anything is ordered: what the tool worked out, and what has to be seen with one's own eyes. */
export function Prerequisites({ modification, lines }: { modification: Modification; lines: readonly Prerequisite[] }) {
  const open = lines.filter(({ state }) => state !== "met").length;
  return (
    <section aria-label="Prerequisites">
      <p className={readyToOrder(lines) ? "dim" : "border-l-4 border-warning pl-2 font-semibold"}>
        {readyToOrder(lines)
          ? "All are confirmed: its parts may be set aside or ordered."
          : `${open} of ${lines.length} still to confirm by looking, or to mark as not applying. Nothing is ordered before.`}
      </p>
      <ul>
        {lines.map((line) => (
          <TickLine
            key={line.key}
            modification={modification}
            list="prerequisite"
            line={line}
            tick={line.tick}
            answers={ANSWERS}
            met={line.state === "met"}
          >
            <span className="flex flex-wrap items-center gap-x-2 text-sm">
              <VerdictMark {...VERDICT_MARKS[line.verdict]} />
              <span className="dim">{line.reason}</span>
            </span>
          </TickLine>
        ))}
      </ul>
    </section>
  );
}
