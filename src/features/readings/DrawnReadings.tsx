"use client";

import { useMemo } from "react";
import type { AtNode } from "@/core/drawing";
import { asBuilt, historyOf } from "@/core/history";
import { describe } from "@/core/kinds";
import { modelName, nodeOfPoint } from "@/core/model";
import type { Phase } from "@/core/readings";
import { circuitQuestion, type Taken } from "@/core/visit";
import { CircuitDrawing, type Picked } from "@/ui/circuit/CircuitDrawing";
import { PickedPlace } from "@/ui/circuit/PickedPlace";
import { useCircuit } from "@/ui/circuit/useCircuit";
import { drawingOfModel, useDrawing } from "@/ui/circuit/useDrawing";
import { Link } from "@/ui/Link";
import { useLogbook } from "@/ui/logbook";
import { Time } from "@/ui/Time";

type DrawnReadingsProps = {
  phase: Phase;
  taken: ReadonlyMap<string, Taken>;
  picked: Picked | undefined;
  onPick: (picked: Picked) => void;
};

/** Entries of a part that stand under the drawing; all of them are in the set's file. */
const LAST_ENTRIES = 3;

/** What became of a part, the newest first. */
function PastOfPart({ part }: { part: string }) {
  const { settled, setId } = useLogbook();
  const [designator = part] = part.split(/[/ ]/);
  const past = historyOf(settled, designator).toReversed();
  if (past.length === 0) return <p className="dim">Nothing is written of {designator} yet.</p>;
  return (
    <ul aria-label={`${designator} so far`}>
      {past.slice(0, LAST_ENTRIES).map(({ entry, at, content }) => {
        if (!content) return null;
        const { subject, text } = describe(content);
        return (
          <li key={entry.id}>
            <span className="dim mr-2 text-sm">
              <Time iso={at} as="day" />
            </span>
            <strong>{subject}</strong> {text}
          </li>
        );
      })}
      {past.length > LAST_ENTRIES ? (
        <li>
          <Link href={`/sets/${setId}`} className="link">
            {past.length - LAST_ENTRIES} earlier in the set’s file
          </Link>
        </li>
      ) : null}
    </ul>
  );
}

/** The circuit of this set with what was read at its nodes and what became of its parts. */
export function DrawnReadings({ phase, taken, picked, onPick }: DrawnReadingsProps) {
  const { model, settled, visit, serial, input } = useLogbook();
  const { drawing, failed } = useDrawing(drawingOfModel(model.id, model.version));
  const question = useMemo(() => {
    const asked = circuitQuestion({ sheet: model.sheet, settled, visitId: visit.id, phase });
    return asked && { ...asked, readings: [], ratings: true };
  }, [model.sheet, settled, visit.id, phase]);
  const { answer } = useCircuit(question);
  const nodes = useMemo(() => {
    const at = new Map<string, AtNode>();
    if (answer?.ok) {
      for (const { node, volts } of answer.nodes) at.set(node, { net: volts });
      // A point of the chart is given with the meter of the chart.
      for (const { node, volts } of answer.points) at.set(node, { net: volts });
    }
    for (const [point, { payload, judgement }] of taken)
      if (payload.quantity === "voltage")
        at.set(nodeOfPoint(point), {
          ...at.get(nodeOfPoint(point)),
          read: payload.measured.value,
          ...(judgement.verdict === "none"
            ? {}
            : { fits: judgement.verdict !== "high" && judgement.verdict !== "low" }),
        });
    return at;
  }, [answer, taken]);
  const states = useMemo(
    () => new Map(asBuilt(settled, model.sheet, input.now).map(({ designator, state }) => [designator, state])),
    [settled, model.sheet, input.now],
  );
  if (failed)
    return (
      <p className="border-l-4 border-warning pl-2">
        The drawing could not be fetched: {failed}. The table has the same points.
      </p>
    );
  if (!drawing) return <p className="dim p-3">The circuit is being drawn…</p>;
  return (
    <>
      <div className="mb-2 rounded-box bg-base-200 px-3 py-2 print:hidden">
        {picked && answer?.ok ? (
          <>
            <PickedPlace picked={picked} sheet={model.sheet} answer={answer} />
            {picked.kind === "part" ? <PastOfPart part={picked.name} /> : null}
          </>
        ) : (
          <p className="min-h-6">Press a node to read it, a part for what became of it.</p>
        )}
      </div>
      <CircuitDrawing
        drawing={drawing}
        title={`${modelName(model)} ${serial}`.trim()}
        live={model.sheet.supply === "live-chassis"}
        node={(node) => nodes.get(node) ?? {}}
        part={(part) => states.get(part.split(/[/ ]/)[0] ?? part)}
        single
        picked={picked}
        onPick={onPick}
      />
    </>
  );
}
