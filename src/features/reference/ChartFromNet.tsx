"use client";

import { useMemo, useState } from "react";
import type { CircuitSheet } from "@/core/circuit";
import { electrodeNode, type Sheet } from "@/core/model";
import { format, readNumber } from "@/core/quantity";
import { parseMeterLoad, printMeterLoad, rangeFor } from "@/core/readings";
import { tableOf } from "@/core/tables";
import { TextField } from "@/ui/form";
import { useCircuit } from "@/ui/circuit/useCircuit";
import { causeText, nodeText } from "@/ui/circuit/words";

type ChartFromNetProps = {
  sheet: Sheet;
  /** points that stand in the grid already, as they are written */
  there: ReadonlySet<string>;
  onTake: (rows: Record<string, string>[]) => void;
};

/** Electrodes and rails are worth a row of a chart; inner nodes are not. */
const worthARow = (node: string, sheet: CircuitSheet): boolean => {
  const one = electrodeNode(node);
  if (!one) return /^(b ?\+( \d)?|reservoir)$/i.test(node);
  const known = sheet.tubes.some(({ position }) => position === one.device);
  return known && ["plate", "screen", "cathode", "collector", "emitter", "base"].includes(one.electrode);
};

/** Below this a point says little, V. */
const WORTH_MEASURING = 0.2;

/** The voltage chart as the net gives it, for a line and a meter of one's choice; beside the chart where there is one. */
export function ChartFromNet({ sheet, there, onTake }: ChartFromNetProps) {
  const [line, setLine] = useState(String(sheet.chart?.lineVolts ?? sheet.lineVolts));
  const [meter, setMeter] = useState(printMeterLoad(sheet.chart?.meter) || "11 MΩ");
  const volts = readNumber(line, /V/) ?? 0;
  const load = useMemo(() => parseMeterLoad(meter), [meter]);
  const known = load !== undefined || meter.trim() === "";
  const lineTrouble = volts > 0 && volts <= 480 ? undefined : "A line voltage lies between 0 and 480 V.";
  const meterTrouble = known ? undefined : "What the meter is to the circuit: 11 MΩ, or 1000 Ω/V. Empty is no meter.";
  const question = useMemo(() => {
    if (lineTrouble || !known) return undefined;
    const circuit: CircuitSheet = { ...sheet };
    // Every electrode is asked for as if it stood in the chart.
    const nodes = new Set((sheet.net ?? []).flatMap(({ from, to, tap }) => [from, to, ...(tap ? [tap] : [])]));
    const extra = [...nodes]
      .filter((node) => worthARow(node, circuit))
      .map(nodeText)
      .filter((point) => !sheet.points.some((one) => one.point === point))
      .map((point) => ({ point, quantity: "voltage" as const, expected: 0 }));
    return {
      sheet: { ...circuit, points: [...sheet.points, ...extra] },
      line: volts,
      values: [],
      readings: [],
      meter: load ?? {},
      reconcile: true,
    };
  }, [sheet, volts, load, known, lineTrouble]);
  const { answer, thinking, failed } = useCircuit(question);
  const points = answer?.ok ? answer.points : [];
  const charted = points.filter(({ point }) => there.has(point));
  const fresh = points.filter(({ point, volts: value }) => !there.has(point) && Math.abs(value) > WORTH_MEASURING);
  const apart = charted.filter(({ disagrees }) => disagrees);
  return (
    <section aria-label="By the net" className="rounded-box border border-base-300 p-3" aria-busy={thinking}>
      <div className="flex flex-wrap items-end gap-3">
        <h2 className="self-center font-bold">By the net</h2>
        <TextField
          label="Line, V"
          numeric
          value={line}
          onChange={setLine}
          error={lineTrouble}
          inputClass="w-24 font-mono"
        />
        <TextField label="Meter" value={meter} onChange={setMeter} error={meterTrouble} inputClass="w-36 font-mono" />
        <button
          type="button"
          className="btn btn-outline h-11"
          disabled={fresh.length === 0 || thinking}
          onClick={() =>
            onTake(
              fresh.map(({ point, volts: value }) =>
                tableOf("voltages").write({
                  point,
                  quantity: "voltage",
                  expected: Number(value.toPrecision(3)),
                  text: String(Number(value.toPrecision(3))),
                  withLine: true,
                  range: rangeFor(value),
                  note: "computed from the net",
                }),
              ),
            )
          }
        >
          {fresh.length === 0 ? "Every point is in the chart" : `Take ${fresh.length} points into the chart`}
        </button>
        <span className="dim text-sm" role="status">
          {thinking ? "the circuit is being solved…" : ""}
        </span>
      </div>
      {failed ? <p className="mt-1 font-semibold text-warning">The circuit could not be solved: {failed}</p> : null}
      {answer && !answer.ok ? <p className="mt-1 font-semibold text-warning">{answer.why}</p> : null}
      {points.length > 0 ? (
        <>
          <p className="mt-1">
            {apart.length === 0
              ? `Chart and net agree at ${charted.length} of ${charted.length} points.`
              : `Chart and net disagree at ${apart.map(({ point }) => point).join(", ")}: one of them is wrong, or was made with another meter or line.`}
            {apart.length > 0 && answer?.ok && answer.reconciles
              ? ` They would agree if this were so: ${causeText(answer.reconciles)}.`
              : ""}
          </p>
          <ul className="mt-1 grid grid-cols-[repeat(auto-fill,minmax(13rem,1fr))] gap-x-4">
            {[...charted, ...fresh].map(({ point, chart, volts: value, unloaded, disagrees: wrong }) => (
              <li key={point} className="flex items-baseline gap-2 border-t border-base-300 py-0.5">
                <strong className="grow whitespace-nowrap">{point}</strong>
                <span className="font-mono whitespace-nowrap" title={`${format(unloaded, "voltage", 3)} with no meter`}>
                  {format(value, "voltage", 3)}
                </span>
                {there.has(point) ? (
                  <span className={`text-sm whitespace-nowrap ${wrong ? "font-semibold text-warning" : "dim"}`}>
                    chart {format(chart, "voltage", 3)}
                  </span>
                ) : null}
              </li>
            ))}
          </ul>
        </>
      ) : null}
    </section>
  );
}
