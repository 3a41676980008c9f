"use client";

import { useState } from "react";
import { ofKind } from "@/core/kinds";
import { baselineWarning, compareVisit, passesOf, setupFor, type Comparison } from "@/core/visit";
import { LineHint } from "@/ui/LineHint";
import { useLogbook } from "@/ui/logbook";
import { OutcomeMark } from "@/ui/OutcomeMark";
import { PastOf } from "@/ui/PastOf";
import { SideBySide } from "@/ui/SideBySide";
import { StillHolds } from "@/ui/StillHolds";
import { SymptomList } from "@/ui/SymptomList";
import { Detail } from "./Detail";
import { ReadingsTable } from "./ReadingsTable";
import { SetUp } from "./SetUp";
import { useReadings, type Cell } from "./useReadings";
import { VerdictCell } from "./VerdictCell";

function OutcomeCell({ row, cell }: { row: Comparison; cell: Cell }) {
  return (
    <>
      {row.after ? <OutcomeMark outcome={row.outcome} /> : <VerdictCell row={row} cell={cell} />}
      {row.mark && row.after ? <StillHolds result={row.after.id} name={row.point} mark={row.mark} /> : null}
      {row.setup.map((difference) => (
        <span key={difference} className="block text-sm text-warning">
          {difference}
        </span>
      ))}
    </>
  );
}

/** The symptoms of the baseline belong to the proof as its readings do: each is there, or gone. */
function Symptoms() {
  const { settled, visit } = useLogbook();
  const symptoms = ofKind(settled, "symptom").filter(
    ({ entry, content }) => entry.visitId === visit.id && content.payload.state === "present",
  );
  if (symptoms.length === 0) return null;
  return (
    <section aria-label="Symptoms of the baseline" className="mt-3">
      <h2 className="font-bold">Symptoms, again under the same conditions</h2>
      <SymptomList symptoms={symptoms} />
    </section>
  );
}

/** Prove: the baseline again, side by side, in the same set-up. Differences of the set-up are shown. */
export function ProvePlate() {
  const { model, settled, visit } = useLogbook();
  const baseline = setupFor(settled, visit.id, "baseline");
  const { cell, taken, setUp, setSetUp, holds, writeSetup, circumstances, payload } = useReadings("prove", {
    like: baseline,
  });
  const [focused, setFocused] = useState<string>();
  const rows = compareVisit(model.sheet, model.year, settled, visit.id);
  const byPoint = new Map(rows.map((row) => [row.point, row]));
  const compared = rows.some((row) => row.before);
  const warning = baselineWarning(settled, visit.id);
  const before = passesOf(settled, visit.id).filter(
    (pass) => pass.phase !== "prove" && rows.some((row) => pass.taken.has(row.point)),
  );
  const shown = [
    ...before.filter((pass) => pass.phase === "baseline").slice(-1),
    ...before.filter((pass) => pass.phase === "check").slice(-1),
  ];
  const at = rows.find((row) => row.point === focused);
  return (
    <SideBySide side={<PastOf name={focused ?? rows[0]?.point} />}>
      {compared ? null : (
        <p className="mb-2 border-l-4 border-warning pl-2">
          There is no baseline to compare with: these readings say how the set is now, not what the repair did.
        </p>
      )}
      {compared && warning ? <p className="mb-2 border-l-4 border-warning pl-2 font-semibold">{warning}</p> : null}
      <SetUp
        setUp={setUp}
        payload={payload}
        holds={holds}
        onChange={setSetUp}
        onWrite={() => void writeSetup()}
        like={baseline?.payload}
      />
      {rows.length === 0 ? (
        <p className="dim py-2">Nothing was measured at the baseline. Readings can be written on the bench line.</p>
      ) : (
        <ReadingsTable
          label="Before and now"
          rows={rows}
          passes={shown}
          nowTitle="Now"
          outcomeTitle="Outcome"
          cellOf={cell}
          circumstances={circumstances}
          focused={focused}
          onFocus={setFocused}
          outcome={(row, one) => {
            const comparison = byPoint.get(row.point);
            return comparison ? <OutcomeCell row={comparison} cell={one} /> : null;
          }}
        />
      )}
      {at ? <Detail row={at} cell={cell(at)} taken={taken} checked={setUp.checked} /> : null}
      <Symptoms />
      <div className="mt-2">
        <LineHint line={`${rows[0]?.point ?? "B+"} 251 @ ${setUp.line || model.sheet.lineVolts} prove`} />
      </div>
    </SideBySide>
  );
}
