"use client";

import { format, formatDeviation } from "@/core/quantity";
import { currentRow, testRows, tubeRows, type TubeTaken } from "@/core/visit";
import { SideBySide } from "@/ui/SideBySide";
import { useLogbook } from "@/ui/logbook";
import { VerdictMark } from "@/ui/VerdictMark";
import { TestForm } from "./TestForm";
import { TestsTable } from "./TestsTable";

function Tubes() {
  const { settled, visit } = useLogbook();
  const rows = tubeRows(settled, visit.id);
  if (rows.length === 0) return null;
  const said = (taken: TubeTaken | undefined) =>
    taken ? (
      <span className="inline-flex items-center gap-2">
        <span className="font-mono">{taken.ratio === undefined ? "tested" : `${Math.round(taken.ratio * 100)} %`}</span>
        {taken.verdict === "none" ? null : <VerdictMark mark={taken.verdict} />}
      </span>
    ) : (
      <span className="dim">not tested again</span>
    );
  return (
    <section aria-label="Tubes" className="mt-4">
      <h2 className="font-bold">Tubes, share of nominal</h2>
      <table className="table">
        <thead>
          <tr className="text-base text-base-content">
            <th scope="col">Tube</th>
            <th scope="col">First test of this visit</th>
            <th scope="col">Last</th>
            <th scope="col">In between</th>
          </tr>
        </thead>
        <tbody>
          {rows.map((row) => (
            <tr key={row.designator} className="text-base">
              <th scope="row" className="py-1.5 font-mono">
                {row.designator}
              </th>
              <td className="py-1.5">{said(row.before)}</td>
              <td className="py-1.5">{said(row.after)}</td>
              <td className="py-1.5">{row.replaced ? "replaced" : <span className="dim">the same tube</span>}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </section>
  );
}

function Current() {
  const { settled, visit } = useLogbook();
  const row = currentRow(settled, visit.id);
  if (!row?.before) return null;
  return (
    <p className="mt-3">
      <strong>Line current at full line:</strong> <span className="font-mono">{format(row.before, "current")}</span> at
      first power
      {row.after === undefined ? (
        <span className="dim">, not measured again: power it up once more with the current watched</span>
      ) : (
        <>
          , <span className="font-mono">{format(row.after, "current")}</span> at the last
          {row.change === undefined ? "" : ` (${formatDeviation(row.change)})`}
        </>
      )}
      {row.expected ? <span className="dim">, about {format(row.expected, "current")} by the plate</span> : null}
    </p>
  );
}

/** Free tests of the whole set: at the baseline they are taken, at the proof they stand beside the baseline's. */
export function TestsPlate({ phase }: { phase: "baseline" | "prove" }) {
  const { settled, visit } = useLogbook();
  const proving = phase === "prove";
  const rows = testRows(settled, visit.id);
  const compared = rows.some(({ before }) => before);
  const tests = (
    <>
      {proving && rows.length > 0 && !compared ? (
        <p className="mb-2 border-l-4 border-warning pl-2">
          There is no baseline to compare with: these tests say how the set is now, not what the repair did.
        </p>
      ) : null}
      {rows.length === 0 ? (
        <p className="dim">
          {proving
            ? "Nothing was tested at the baseline: a test added here says how the set is now, not what the repair did."
            : "No test yet: output into a dummy load, sensitivity for 10 dB (S+N)/N, dial error at three points, hum."}
        </p>
      ) : (
        <TestsTable rows={rows} proving={proving} />
      )}
      <TestForm phase={phase} />
    </>
  );
  if (!proving) return <div className="max-w-[64rem]">{tests}</div>;
  return (
    <SideBySide
      narrow="below"
      side={
        <>
          <Current />
          <Tubes />
        </>
      }
    >
      {tests}
    </SideBySide>
  );
}
