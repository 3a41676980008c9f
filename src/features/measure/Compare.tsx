"use client";

import { useEffect, useMemo, useState } from "react";
import { compareRuns, figureText, runTable, setupDifferences, type Pair } from "@/core/sheets";
import type { Run } from "@/core/visit";
import { useLogbook } from "@/ui/logbook";
import { SelectField } from "@/ui/form";
import { axesOf } from "./axes";
import { RunChart } from "./RunChart";
import { runName } from "./rows";
import { Sums } from "./Sums";
import type { RunInView } from "./useRun";

type Other = { name: string; run: Run };

/** Runs of this sheet that other sets of the model have; asked for when somebody looks. */
function useOthers(model: string, sheet: string, set: string): Other[] {
  const [others, setOthers] = useState<Other[]>([]);
  useEffect(() => {
    let open = true;
    fetch(`/api/models/${model}/runs?sheet=${sheet}&not=${set}`)
      .then((answer) => (answer.ok ? (answer.json() as Promise<Other[]>) : []))
      .catch((): Other[] => [])
      .then((found) => open && setOthers(found));
    return () => {
      open = false;
    };
  }, [model, sheet, set]);
  return others;
}

const changed = ({ change }: Pair) => {
  if (!change) return "";
  const value = change.as === "%" ? change.value * 100 : change.value;
  return `${value > 0 ? "+" : ""}${value.toFixed(1)} ${change.as}`.replace("-", "−");
};

/** Another run beside the one in hand: what differs in the set-up first, then the figures and the curves over one another. */
export function Compare({ run: view }: { run: RunInView }) {
  const { sheet, run, mine, runs, table, phase } = view;
  const { visit, model, setId } = useLogbook();
  const others = useOthers(model.id, sheet.key, setId);
  const own = mine.filter((one) => one.id !== run?.id);
  const first = phase === "prove" ? mine.find((one) => one.visitId === visit.id && one.phase !== "prove") : undefined;
  const [chosen, setChosen] = useState<string>();
  const key = chosen ?? first?.id ?? "";
  const other = own.find(({ id }) => id === key) ?? others.find(({ run: one }) => one.id === key)?.run;
  const names = useMemo(
    () => new Map(runs.map((one) => [one.id, one.visitId === visit.id ? "this visit" : "an earlier visit"])),
    [runs, visit.id],
  );
  const axes = axesOf(sheet);
  const otherTable = other ? runTable(sheet, other.rows) : undefined;
  const rows =
    run && other && otherTable ? compareRuns({ rows: other.rows, table: otherTable }, { rows: run.rows, table }) : [];
  const differences = run && other ? setupDifferences(other.given, run.given) : [];
  const kept = [...new Map(rows.flatMap(({ pairs }) => pairs).map((pair) => [pair.key, pair])).values()];
  const nowName = "now";
  const otherName = other ? (phase === "prove" && other.id === first?.id ? "before" : runName(other, undefined)) : "";
  return (
    <section aria-label="Beside another run" className="mt-3">
      {axes ? (
        <RunChart
          {...axes}
          runs={[
            { name: nowName, points: table.curve?.drawn ?? [] },
            ...(other && otherTable ? [{ name: otherName, points: otherTable.curve?.drawn ?? [] }] : []),
          ]}
        />
      ) : null}
      <Sums sums={table.sums} />
      {own.length + others.length > 0 ? (
        <SelectField
          label="Beside another run"
          className="max-w-md"
          value={key}
          options={[
            ["", "none"],
            ...own.map((one) => [one.id, `${names.get(one.id) ?? ""}, ${runName(one, undefined)}`] as const),
            ...others.map(({ name, run: one }) => [one.id, `${name}, ${runName(one, undefined)}`] as const),
          ]}
          onChange={setChosen}
        />
      ) : (
        <p className="dim text-sm">
          No other run of this sheet yet: not of this set, and not of another {model.designation}.
        </p>
      )}
      {other && differences.length > 0 ? (
        <p className="mt-2 border-l-4 border-warning pl-2">The set-up differs: {differences.join("; ")}.</p>
      ) : null}
      {rows.length > 0 ? (
        <div className="mt-2 overflow-x-auto">
          <table className="table [&_td]:px-2 [&_th]:px-2">
            <thead>
              <tr className="text-base text-base-content">
                <th scope="col">Row</th>
                {kept.map(({ key: of, name }) => (
                  <th key={of} scope="col" className="text-right">
                    {name}
                  </th>
                ))}
              </tr>
            </thead>
            <tbody>
              {rows.map(({ label, pairs }) => (
                <tr key={label} className="text-base">
                  <th scope="row" className="py-1 whitespace-nowrap">
                    {label}
                  </th>
                  {kept.map(({ key: of }) => {
                    const pair = pairs.find((one) => one.key === of);
                    const text = (value: number | undefined) =>
                      value === undefined ? "–" : figureText(value, pair?.quantity ?? "number", pair?.unit);
                    return (
                      <td key={of} className="py-1 text-right font-mono whitespace-nowrap">
                        {pair ? (
                          <>
                            <span className="dim">{text(pair.before)} → </span>
                            {text(pair.after)}
                            <span className="block text-sm">{changed(pair)}</span>
                          </>
                        ) : (
                          "–"
                        )}
                      </td>
                    );
                  })}
                </tr>
              ))}
            </tbody>
          </table>
        </div>
      ) : null}
    </section>
  );
}
