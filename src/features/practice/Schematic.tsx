"use client";

import { useState } from "react";
import type { AtNode } from "@/core/drawing";
import { nodeOfPoint } from "@/core/model";
import { CircuitDrawing, type Picked } from "@/ui/circuit/CircuitDrawing";
import { useDrawing } from "@/ui/circuit/useDrawing";
import { CheckAndPutRight } from "./CheckAndPutRight";
import type { PanelProps } from "./hand";
import { lastReadings } from "./readings";

type SchematicProps = PanelProps & {
  /** the meter's probe goes to this point */
  onProbe: (point: string) => void;
};

/** The circuit of a sound set of this kind, with what was read: a node is probed, a part is checked or put right. */
export function Schematic({ view, act, busy, onProbe }: SchematicProps) {
  const { drawing, failed } = useDrawing(`/api/practice/${view.id}/drawing`);
  const [picked, setPicked] = useState<Picked>();
  const points = new Map(view.points.map((one) => [nodeOfPoint(one.point), one]));
  const volts = lastReadings(view.done, "volts");
  if (failed)
    return (
      <p className="border-l-4 border-warning pl-2">
        The drawing could not be fetched: {failed}. The list has the same points.
      </p>
    );
  if (!drawing) return <p className="dim p-3">The circuit is being drawn…</p>;
  const node = (name: string): AtNode => {
    const known = points.get(name);
    const read = known && volts.get(known.point)?.read;
    return {
      ...(known?.net === undefined ? {} : { net: known.net }),
      ...(typeof read?.value === "number" ? { read: read.value, fits: read.verdict === "good" } : {}),
    };
  };
  const [part] = picked?.kind === "part" ? picked.name.split(/[/ ]/) : [];
  const rows = part ? view.tests.filter(({ check, name }) => check && name.split(/[\s,]+/).includes(part)) : [];
  const pick = (next: Picked) => {
    setPicked(next);
    const point = next.kind === "node" ? points.get(next.name)?.point : undefined;
    if (point !== undefined && !busy) onProbe(point);
  };
  return (
    <>
      <div className="rounded-box bg-base-200 px-3 py-1">
        {part && rows.length > 0 ? (
          <ul aria-label={`What can be done with ${part}`}>
            {rows.map((row) => (
              <li key={row.id} className="flex flex-wrap items-center gap-2 py-1">
                <CheckAndPutRight row={row} view={view} act={act} busy={busy} />
              </li>
            ))}
          </ul>
        ) : (
          <p className="min-h-6">
            {part
              ? `${part} is no part of a fault that is searched here.`
              : picked && !points.has(picked.name)
                ? "The meter has no point there."
                : "Press a node to put the probe on it, a part to check it or put it right."}
          </p>
        )}
      </div>
      <CircuitDrawing
        drawing={drawing}
        title={view.name}
        live={view.live}
        node={node}
        single
        picked={picked}
        onPick={pick}
      />
    </>
  );
}
