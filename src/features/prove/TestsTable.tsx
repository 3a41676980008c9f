"use client";

import { useState } from "react";
import { formatDeviation } from "@/core/quantity";
import type { TestRow } from "@/core/visit";
import { ErrorText } from "@/ui/form";
import { OutcomeMark } from "@/ui/OutcomeMark";
import { StillHolds } from "@/ui/StillHolds";
import { VerdictMark } from "@/ui/VerdictMark";
import { useLogbook } from "@/ui/logbook";
import { readTest } from "./test-fields";

/** The cell of a test that is made again, in the set-up of the first time. */
function Again({ row }: { row: TestRow }) {
  const { append } = useLogbook();
  const known = row.after?.payload.measured.text ?? "";
  const [text, setText] = useState(known);
  const [error, setError] = useState<string>();
  const from = row.before?.payload ?? row.after?.payload;
  const save = async () => {
    if (!text.trim() || text.trim() === known || !from) return undefined;
    const read = readTest(
      {
        test: from.test,
        condition: from.condition ?? "",
        measured: text,
        unit: from.unit ?? "",
        sense: from.sense === "at-most" ? "at-most" : "at-least",
        limit: from.nominal?.text ?? "",
        setup: from.setup ?? "",
      },
      "prove",
    );
    if (!read.ok) return setError(read.message);
    const outcome = await append({ kind: "test-result", payload: read.payload });
    setError(outcome.ok ? undefined : outcome.problems[0]?.message);
    return undefined;
  };
  return (
    <form
      onSubmit={(event) => {
        event.preventDefault();
        void save();
      }}
    >
      <span className="inline-flex items-center gap-1">
        <input
          className="input h-10 w-20 text-right font-mono"
          inputMode="decimal"
          aria-label={`Now: ${row.test}${row.condition ? ` at ${row.condition}` : ""}${row.unit ? `, ${row.unit}` : ""}`}
          value={text}
          placeholder="now"
          onChange={(event) => {
            setError(undefined);
            setText(event.target.value);
          }}
          onBlur={() => void save()}
        />
        {row.unit ? <span className="dim">{row.unit}</span> : null}
      </span>
      {error ? <ErrorText>{error}</ErrorText> : null}
    </form>
  );
}

/** Tests before and after with their limit and verdict; where the set-up differs, it says so. */
export function TestsTable({ rows, proving }: { rows: readonly TestRow[]; proving: boolean }) {
  const unit = (row: TestRow) => (row.unit ? ` ${row.unit}` : "");
  return (
    <div className="overflow-x-auto">
      <table className="table [&_td]:px-2 [&_th]:px-2">
        <thead>
          <tr className="text-base text-base-content">
            <th scope="col">Test</th>
            <th scope="col" className="text-right">
              Limit
            </th>
            <th scope="col" className="text-right">
              Before
            </th>
            {proving ? (
              <>
                <th scope="col" className="text-right">
                  Now
                </th>
                <th scope="col" className="text-right">
                  Change
                </th>
              </>
            ) : null}
            <th scope="col">{proving ? "Outcome" : "Verdict"}</th>
          </tr>
        </thead>
        <tbody>
          {rows.map((row) => (
            <tr key={row.key} className="text-base">
              <th scope="row" className="py-1 font-normal">
                <strong>{row.test}</strong>{" "}
                {row.condition ? <span className="whitespace-nowrap">at {row.condition}</span> : null}
              </th>
              <td className="py-1.5 text-right whitespace-nowrap">
                {row.limit ? `${row.limit.sense === "at-most" ? "≤" : "≥"} ${row.limit.text}${unit(row)}` : "–"}
              </td>
              <td className="py-1.5 text-right font-mono whitespace-nowrap">
                {row.before ? `${row.before.payload.measured.text}${unit(row)}` : "–"}
              </td>
              {proving ? (
                <>
                  <td className="py-1.5 text-right whitespace-nowrap">
                    <Again key={row.after?.id} row={row} />
                  </td>
                  <td className="py-1.5 text-right font-mono whitespace-nowrap">
                    {row.change === undefined ? "" : formatDeviation(row.change)}
                  </td>
                </>
              ) : null}
              <td className="py-1.5">
                {proving ? (
                  <OutcomeMark outcome={row.outcome} />
                ) : row.before && row.before.verdict !== "none" ? (
                  <VerdictMark mark={row.before.verdict} />
                ) : (
                  <span className="dim">no limit</span>
                )}
                {proving && row.against ? <span className="block text-sm">{row.against}</span> : null}
                {proving && row.mark && row.after ? (
                  <StillHolds
                    result={row.after.id}
                    name={[row.test, row.condition].filter(Boolean).join(" at ")}
                    mark={row.mark}
                  />
                ) : null}
                {row.setup.map((difference) => (
                  <span key={difference} className="block text-sm text-warning">
                    {difference}
                  </span>
                ))}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  );
}
