"use client";

import { useState } from "react";
import { QUANTITIES, QUANTITY_WORDS, type Quantity } from "@/core/quantity";
import { chartTolerance, judge } from "@/core/readings";
import { pointRows, type PointRow } from "@/core/visit";
import { ErrorText } from "@/ui/Field";
import { LineHint } from "@/ui/LineHint";
import { useLogbook } from "@/ui/logbook";
import { ValueText } from "@/ui/ValueText";
import { ReadingCell } from "./ReadingCell";
import { lineVoltsOf, newPoint } from "./rows";
import { SetUpFields } from "./SetUp";
import { useReadings } from "./useReadings";
import { VerdictCell } from "./VerdictCell";

/** What is expected at a point with the line as it is now. */
export function ExpectedCell({ row, lineVolts }: { row: PointRow; lineVolts: number | undefined }) {
  if (!row.expected) return <span className="dim">–</span>;
  const { corrected = row.expected.value } = judge({
    quantity: row.quantity,
    measured: 1,
    expected: row.expected,
    ...(lineVolts ? { lineVolts } : {}),
  });
  return (
    <>
      <ValueText value={corrected} quantity={row.quantity} />{" "}
      <span className="dim text-sm whitespace-nowrap">±{Math.round(row.expected.tolerance * 100)} %</span>
    </>
  );
}

function AddPoint({ onAdd, taken, tolerance }: { onAdd: (row: PointRow) => void; taken: string[]; tolerance: number }) {
  const [point, setPoint] = useState("");
  const [quantity, setQuantity] = useState<Quantity>("voltage");
  const [expected, setExpected] = useState("");
  const [error, setError] = useState<string>();
  const add = () => {
    const made = newPoint(point, quantity, expected, tolerance, taken);
    if ("message" in made) return setError(made.message);
    onAdd(made.row);
    setPoint("");
    setExpected("");
    return setError(undefined);
  };
  return (
    <form
      className="mt-3 rounded-box bg-base-200 p-2"
      onSubmit={(event) => {
        event.preventDefault();
        add();
      }}
    >
      <div className="flex flex-wrap items-end gap-2">
        <label className="flex min-w-32 grow flex-col">
          <span className="text-sm font-semibold">Another point</span>
          <input
            className="input h-11 w-full"
            value={point}
            placeholder="V4 plate"
            onChange={(event) => setPoint(event.target.value)}
          />
        </label>
        <label className="flex flex-col">
          <span className="text-sm font-semibold">is</span>
          <select
            className="select h-11 w-40"
            value={quantity}
            onChange={(event) => setQuantity(event.target.value as Quantity)}
          >
            {QUANTITIES.map((one) => (
              <option key={one} value={one}>
                {QUANTITY_WORDS[one]}
              </option>
            ))}
          </select>
        </label>
        <label className="flex flex-col">
          <span className="text-sm font-semibold">Expected, if known</span>
          <input
            className="input h-11 w-32 font-mono"
            value={expected}
            placeholder="240 V"
            onChange={(event) => setExpected(event.target.value)}
          />
        </label>
        <button className="btn h-11">Add</button>
      </div>
      {error ? <ErrorText>{error}</ErrorText> : null}
    </form>
  );
}

/** Baseline: the chart's points with what was measured, judged while one types. */
export function ReadingsPlate() {
  const { model, settled, visit } = useLogbook();
  const { cell, setUp, setSetUp } = useReadings("baseline");
  const [added, setAdded] = useState<PointRow[]>([]);
  const { volts } = lineVoltsOf(setUp.line);
  const known = pointRows(model.sheet, model.year, settled, visit.id).filter((row) => !row.designator);
  const rows = [...known, ...added.filter((row) => !known.some((other) => other.point === row.point))];
  const first = rows[0];
  return (
    <div>
      <SetUpFields setUp={setUp} onChange={setSetUp} lineVolts={model.sheet.lineVolts} />
      {model.sheet.chartMeter ? (
        <p className="dim mb-2 text-sm">The chart was made with a {model.sheet.chartMeter}.</p>
      ) : null}
      {rows.length > 0 ? (
        <table className="table">
          <thead>
            <tr className="text-base text-base-content">
              <th scope="col" className="px-2 py-2">
                Point
              </th>
              <th scope="col" className="px-2 py-2">
                Expected{volts ? " now" : ""}
              </th>
              <th scope="col" className="px-2 py-2">
                Measured
              </th>
              <th scope="col" className="px-2 py-2">
                Verdict
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
                    <ReadingCell row={row} text={one.text} live={one.live} onText={one.setText} onSave={one.save} />
                  </td>
                  <td className="px-2 py-0.5">
                    <VerdictCell cell={one} />
                  </td>
                </tr>
              );
            })}
          </tbody>
        </table>
      ) : (
        <p className="dim py-2">
          This model has no voltage chart yet. Add the points you measure; what you expect there is kept with each
          reading.
        </p>
      )}
      <AddPoint
        onAdd={(row) => setAdded([...added, row])}
        taken={rows.map((row) => row.point)}
        tolerance={chartTolerance(model.year ?? undefined)}
      />
      <div className="mt-2">
        <LineHint
          line={`${first?.point ?? "B+"} ${cell(first ?? { point: "B+", quantity: "voltage" }).text || "248"} @ ${setUp.line || model.sheet.lineVolts}${setUp.meter ? ` with ${setUp.meter}` : ""} baseline`}
        />
      </div>
    </div>
  );
}
