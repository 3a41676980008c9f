"use client";

import { ArrowRight } from "lucide-react";
import { compareVisit, OUTCOME_WORDS, type Comparison, type Outcome } from "@/core/visit";
import { LineHint } from "@/ui/LineHint";
import { useLogbook } from "@/ui/logbook";
import { ValueText } from "@/ui/ValueText";
import { VerdictMark, type Mark } from "@/ui/VerdictMark";
import { ExpectedCell } from "./ReadingsPlate";
import { ReadingCell } from "./ReadingCell";
import { lineVoltsOf } from "./rows";
import { SetUpFields } from "./SetUp";
import { useReadings } from "./useReadings";
import { VerdictCell } from "./VerdictCell";

const OUTCOME_MARKS: Record<Outcome, Mark> = {
  mended: "good",
  good: "good",
  "still-out": "bad",
  worse: "bad",
  better: "watch",
  "no-baseline": "none",
  "to-measure": "none",
  unjudged: "none",
};

function Before({ row }: { row: Comparison }) {
  if (!row.before) return <span className="dim">none</span>;
  const { payload, judgement } = row.before;
  return (
    <span className="flex items-center gap-1.5">
      <ValueText value={payload.measured.value} quantity={row.quantity} digits={4} />
      {judgement.verdict === "none" ? null : <VerdictMark mark={judgement.verdict} iconOnly />}
    </span>
  );
}

/** Prove: the baseline again, side by side, in the same set-up. Differences of the set-up are shown. */
export function ProvePlate() {
  const { model, settled, visit } = useLogbook();
  const { cell, setUp, setSetUp } = useReadings("prove");
  const { volts } = lineVoltsOf(setUp.line);
  const rows = compareVisit(model.sheet, model.year, settled, visit.id);
  const compared = rows.some((row) => row.before);
  return (
    <div>
      {compared ? null : (
        <p className="mb-2 border-l-4 border-warning pl-2">
          There is no baseline to compare with: these readings say how the set is now, not what the repair did.
        </p>
      )}
      <SetUpFields setUp={setUp} onChange={setSetUp} lineVolts={model.sheet.lineVolts} />
      {rows.length === 0 ? (
        <p className="dim py-2">Nothing was measured at the baseline. Readings can be written on the bench line.</p>
      ) : null}
      <table className="table" hidden={rows.length === 0}>
        <thead>
          <tr className="text-base text-base-content">
            <th scope="col" className="px-2 py-2">
              Point
            </th>
            <th scope="col" className="px-2 py-2">
              Expected
            </th>
            <th scope="col" className="px-2 py-2">
              Before
            </th>
            <th scope="col" className="px-2 py-2">
              <ArrowRight size={16} className="mr-1 inline" aria-hidden="true" />
              Now
            </th>
            <th scope="col" className="px-2 py-2">
              Outcome
            </th>
          </tr>
        </thead>
        <tbody>
          {rows.map((row) => {
            const one = cell(row);
            return (
              <tr key={row.point} className="text-base">
                <th scope="row" className="px-2 py-0.5 font-semibold">
                  {row.point}
                </th>
                <td className="px-2 py-0.5">
                  <ExpectedCell row={row} lineVolts={volts} />
                </td>
                <td className="px-2 py-0.5">
                  <Before row={row} />
                </td>
                <td className="px-2 py-0.5">
                  <ReadingCell row={row} text={one.text} live={one.live} onText={one.setText} onSave={one.save} />
                </td>
                <td className="px-2 py-0.5">
                  {row.after ? (
                    <VerdictMark mark={OUTCOME_MARKS[row.outcome]} note={OUTCOME_WORDS[row.outcome]} />
                  ) : (
                    <VerdictCell cell={one} />
                  )}
                  {one.stale ? (
                    <span className="block text-sm text-warning">
                      read {one.stale.payload.measured.text} before the last work: measure again
                    </span>
                  ) : null}
                  {row.setup.map((difference) => (
                    <span key={difference} className="block text-sm text-warning">
                      {difference}
                    </span>
                  ))}
                </td>
              </tr>
            );
          })}
        </tbody>
      </table>
      <div className="mt-2">
        <LineHint line={`${rows[0]?.point ?? "B+"} 251 @ ${setUp.line || model.sheet.lineVolts} prove`} />
      </div>
    </div>
  );
}
