"use client";

import { useEffect, useState } from "react";
import { changeText, compareRuns, printFigure, runTable, setupDifferences, type Pair } from "@/core/sheets";
import { testRuns, type Run } from "@/core/visit";
import { useLogbook } from "@/ui/logbook";
import { SelectField } from "@/ui/form";
import { RunChart, axesOf } from "@/ui/runs";
import { runName } from "./rows";
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

const changed = ({ change }: Pair): string => (change ? changeText(change) : "");

/** A figure before and now: `47 → 61 W`, and what became of it. */
function Between({ pair }: { pair: Pair }) {
  const { before, after, quantity, unit } = pair;
  const [from, to] = [before, after].map((value) =>
    value === undefined ? undefined : printFigure(value, quantity, unit),
  );
  const text = (one: typeof from) => (one ? `${one.number}${one.unit ? ` ${one.unit}` : ""}` : "–");
  return (
    <>
      <span className="dim">{from && to && from.unit === to.unit ? from.number : text(from)} → </span>
      {text(to)}
      <span className="block text-sm">{changed(pair)}</span>
    </>
  );
}

/** The run that stands beside the one in hand: in the proof that of the baseline, until another one is chosen. */
export function useBeside(view: RunInView) {
  const { sheet, run, mine, phase } = view;
  const { visit, model, setId, settled } = useLogbook();
  // What was written down test by test stands beside the runs too.
  const single = testRuns(settled, sheet);
  const others = useOthers(model.id, sheet.key, setId);
  const own = mine.filter((one) => one.id !== run?.id);
  const first = phase === "prove" ? mine.find((one) => one.visitId === visit.id && one.phase !== "prove") : undefined;
  const [chosen, setChosen] = useState<string>();
  const key = chosen ?? first?.id ?? "";
  const other = [...own, ...single].find(({ id }) => id === key) ?? others.find(({ run: one }) => one.id === key)?.run;
  return {
    ...{ key, other, setChosen },
    table: other ? runTable(sheet, other.rows) : undefined,
    name: other ? (other.id === first?.id ? "before" : runName(other, undefined)) : "",
    options: [
      ["", "none"] as const,
      ...own.map(
        (one) =>
          [
            one.id,
            `${one.visitId === visit.id ? "this visit" : "an earlier visit"}, ${runName(one, undefined)}`,
          ] as const,
      ),
      ...single.map(
        (one) =>
          [
            one.id,
            `single tests, ${one.visitId === visit.id ? "this visit" : "an earlier visit"}, ${runName(one, undefined)}`,
          ] as const,
      ),
      ...others.map(({ name, run: one }) => [one.id, `${name}, ${runName(one, undefined)}`] as const),
    ],
  };
}
export type Beside = ReturnType<typeof useBeside>;

/** The curve of the run in hand, over that of the run beside it. */
export function RunCurve({
  run: { sheet, table },
  beside,
  narrow,
}: {
  run: RunInView;
  beside: Beside;
  narrow: boolean;
}) {
  const axes = axesOf(sheet);
  if (!axes) return null;
  return (
    <RunChart
      {...axes}
      narrow={narrow}
      runs={[
        { name: "now", points: table.curve?.drawn ?? [] },
        ...(beside.table ? [{ name: beside.name, points: beside.table.curve?.drawn ?? [] }] : []),
      ]}
    />
  );
}

/** Another run beside the one in hand: what differs in the set-up first, then the figures over one another. */
export function Compare({ run: { run, table }, beside }: { run: RunInView; beside: Beside }) {
  const { model } = useLogbook();
  const { other, options } = beside;
  const rows =
    run && other && beside.table
      ? compareRuns({ rows: other.rows, table: beside.table }, { rows: run.rows, table })
      : [];
  const differences = run && other ? setupDifferences(other.given, run.given) : [];
  // A column in which nothing changed says nothing.
  const moved = (pair: Pair) => pair.before === undefined || pair.after === undefined || pair.before !== pair.after;
  const all = rows.flatMap(({ pairs }) => pairs);
  const kept = [...new Map(all.map((pair) => [pair.key, pair])).values()].filter(({ key }) =>
    all.some((pair) => pair.key === key && moved(pair)),
  );
  return (
    <section aria-label="Beside another run" className="mt-3">
      {options.length > 1 ? (
        <SelectField
          label="Beside another run"
          className="max-w-md"
          value={beside.key}
          options={options}
          onChange={beside.setChosen}
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
        <div role="region" aria-label="Both runs, row by row" tabIndex={0} className="mt-2 overflow-x-auto">
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
                    return (
                      <td key={of} className="py-1 text-right font-mono whitespace-nowrap">
                        {pair ? <Between pair={pair} /> : "–"}
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
