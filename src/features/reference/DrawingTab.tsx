"use client";

import { useMemo, useState } from "react";
import { modelName, type Model } from "@/core/model";
import { CircuitDrawing, type Picked } from "@/ui/circuit/CircuitDrawing";
import { PickedPlace } from "@/ui/circuit/PickedPlace";
import { useCircuit } from "@/ui/circuit/useCircuit";
import { drawingOfModel, useDrawing } from "@/ui/circuit/useDrawing";

type DrawingTabProps = { model: Model; version: number; onNet: () => void };

function Drawn({ model, version }: Omit<DrawingTabProps, "onNet">) {
  const { sheet } = model;
  const [picked, setPicked] = useState<Picked>();
  const { drawing, failed } = useDrawing(drawingOfModel(model.id, version));
  const question = useMemo(
    () => ({
      sheet: { ...sheet },
      ...(sheet.chart?.lineVolts === undefined ? {} : { line: sheet.chart.lineVolts }),
      values: [],
      readings: [],
      ratings: true,
    }),
    [sheet],
  );
  const { answer, failed: unsolved } = useCircuit(question);
  const volts = useMemo(
    () => new Map(answer?.ok ? answer.nodes.map(({ node, volts: value }) => [node, value]) : []),
    [answer],
  );
  if (failed) return <p className="border-l-4 border-warning pl-2">The drawing could not be fetched: {failed}.</p>;
  if (!drawing) return <p className="dim p-3">The circuit is being drawn…</p>;
  const why = unsolved ? `The circuit could not be solved: ${unsolved}` : answer && !answer.ok ? answer.why : undefined;
  return (
    <>
      {why ? <p className="mb-2 border-l-4 border-warning pl-2 font-semibold">{why}</p> : null}
      <div className="sticky top-0 z-10 mb-2 rounded-box bg-base-200 px-3 py-2 print:hidden">
        {picked && answer?.ok ? (
          <PickedPlace picked={picked} sheet={sheet} answer={answer} />
        ) : (
          <p className="min-h-6">
            {sheet.chart?.lineVolts ?? sheet.lineVolts} V line, no signal. Press a node for its volts, a part for what
            lies across it.
          </p>
        )}
      </div>
      <CircuitDrawing
        drawing={drawing}
        title={modelName(model)}
        live={sheet.supply === "live-chassis"}
        node={(node) => (volts.has(node) ? { net: volts.get(node) as number } : {})}
        picked={picked}
        onPick={setPicked}
      />
    </>
  );
}

/** The net of a model as a drawing, with the volts that follow from it. */
export function DrawingTab({ model, version, onNet }: DrawingTabProps) {
  if ((model.sheet.net?.length ?? 0) === 0)
    return (
      <div className="rounded-box bg-base-200 p-4">
        <p>This model has no net yet: how its parts are joined. It is proposed from the parts and their roles.</p>
        <button type="button" className="btn btn-primary mt-2 h-11" onClick={onNet}>
          Propose the net
        </button>
      </div>
    );
  return <Drawn model={model} version={version} />;
}
