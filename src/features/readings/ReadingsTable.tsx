"use client";

import { printMeasured, correctedFor, type Circumstances, type PointRow } from "@/core/readings";
import { format } from "@/core/quantity";
import type { Pass } from "@/core/visit";
import { ValueText } from "@/ui/ValueText";
import { VerdictMark } from "@/ui/VerdictMark";
import { ReadingCell } from "./ReadingCell";
import type { Cell } from "./useReadings";
import { VerdictCell } from "./VerdictCell";

/** A correction below this is smaller than any needle's width, as a fraction. */
const WORTH_SHOWING = 0.015;

/** What is expected at a point here and now; the chart's own figure below, where it is another. */
export function ExpectedCell({ row, now }: { row: PointRow; now: Circumstances }) {
  const { expected, quantity } = row;
  if (!expected) return <span className="dim">–</span>;
  if (expected.rule && expected.rule !== "winding") return <span>{expected.text}</span>;
  const { value } = correctedFor(expected, quantity, now);
  const moved = Math.abs(value / expected.value - 1) > WORTH_SHOWING;
  return (
    <span className="flex flex-col leading-tight">
      <span className="whitespace-nowrap">
        <ValueText value={value} quantity={quantity} />{" "}
        <span className="dim text-sm">±{Math.round(expected.tolerance * 100)} %</span>
      </span>
      {moved ? <span className="dim text-sm whitespace-nowrap">chart {format(expected.value, quantity)}</span> : null}
    </span>
  );
}

/** A reading of another pass, with its verdict as a mark. */
export function PassValue({ pass, row }: { pass: Pass; row: PointRow }) {
  const taken = pass.taken.get(row.point);
  if (!taken) return <span className="dim">–</span>;
  const { payload, judgement } = taken;
  return (
    <span className="flex items-center gap-1 font-mono whitespace-nowrap">
      {printMeasured(payload.measured.value, row.quantity)}
      {judgement.verdict === "none" ? null : <VerdictMark mark={judgement.verdict} iconOnly />}
    </span>
  );
}

type ReadingsTableProps = {
  label: string;
  rows: readonly PointRow[];
  passes?: readonly Pass[];
  nowTitle: string;
  cellOf: (row: PointRow) => Cell;
  circumstances: (row: PointRow) => Circumstances;
  focused: string | undefined;
  onFocus: (point: string) => void;
  /** what stands behind the measured value; the verdict by default */
  outcome?: (row: PointRow, cell: Cell) => React.ReactNode;
  outcomeTitle?: string;
};

const HEAD = "px-2 py-1.5";

/** Points with what is expected here and now, what other passes read, what is read now, and the verdict as one types. */
export function ReadingsTable(props: ReadingsTableProps) {
  const { rows, passes = [], cellOf, circumstances, focused, onFocus, outcome } = props;
  return (
    <div className="overflow-x-auto">
      <table className="table" aria-label={props.label}>
        <thead>
          <tr className="text-base text-base-content">
            <th scope="col" className={HEAD}>
              Point
            </th>
            <th scope="col" className={HEAD}>
              Expected
            </th>
            {passes.map((pass) => (
              <th key={pass.key} scope="col" className={`${HEAD} max-w-28 truncate`} title={pass.name}>
                {pass.name}
              </th>
            ))}
            <th scope="col" className={HEAD}>
              {props.nowTitle}
            </th>
            <th scope="col" className={HEAD}>
              {props.outcomeTitle ?? "Verdict"}
            </th>
          </tr>
        </thead>
        <tbody>
          {rows.map((row) => {
            const cell = cellOf(row);
            return (
              <tr key={row.point} className={`text-base ${focused === row.point ? "bg-base-200" : ""}`}>
                <th scope="row" className="px-2 py-0.5 font-semibold whitespace-nowrap">
                  {row.point}
                </th>
                <td className="px-2 py-0.5">
                  <ExpectedCell row={row} now={circumstances(row)} />
                </td>
                {passes.map((pass) => (
                  <td key={pass.key} className="px-2 py-0.5">
                    <PassValue pass={pass} row={row} />
                  </td>
                ))}
                <td className="px-2 py-0.5">
                  <ReadingCell row={row} cell={cell} onFocus={() => onFocus(row.point)} />
                </td>
                <td className="px-2 py-0.5">{outcome?.(row, cell) ?? <VerdictCell row={row} cell={cell} />}</td>
              </tr>
            );
          })}
        </tbody>
      </table>
    </div>
  );
}
