"use client";

import { useMemo, useState } from "react";
import { NEED_NAMES } from "@/core/diagnosis";
import type { TestRow } from "@/server/practice/view";
import type { PanelProps } from "./hand";
import { minutesText } from "./words";

/** Rows in the order of their stages, those that fit what is looked for. */
export function byStage(rows: readonly TestRow[], text: string): [stage: string, rows: TestRow[]][] {
  const words = text.toLowerCase().split(/\s+/).filter(Boolean);
  const found = rows.filter(({ name, stage }) => {
    const said = `${name} ${stage}`.toLowerCase();
    return words.every((word) => said.includes(word));
  });
  const stages = new Map<string, TestRow[]>();
  for (const row of found) stages.set(row.stage, [...(stages.get(row.stage) ?? []), row]);
  return [...stages];
}

/** A list of tests by stage, with a field to find one. */
export function FindTest({
  rows,
  label,
  children,
}: {
  rows: readonly TestRow[];
  label: string;
  children: (row: TestRow) => React.ReactNode;
}) {
  const [text, setText] = useState("");
  const stages = useMemo(() => byStage(rows, text), [rows, text]);
  return (
    <div className="flex flex-col gap-2">
      <input
        type="search"
        className="input h-11 w-full max-w-md"
        aria-label={label}
        placeholder={`${label}: a stage, a word, a designator`}
        value={text}
        onChange={({ target }) => setText(target.value)}
      />
      {stages.length === 0 ? <p className="dim">Nothing fits these words.</p> : null}
      {stages.map(([stage, list], at) => (
        <details key={stage} open={text !== "" || at === 0} className="rounded-box border border-base-300">
          <summary className="min-h-11 cursor-pointer px-3 py-2 font-semibold">
            {stage} <span className="dim font-normal">({list.length})</span>
          </summary>
          <ul className="flex flex-col">
            {list.map((row) => (
              <li key={row.id} className="flex flex-wrap items-center gap-2 border-t border-base-300 px-3 py-1">
                {children(row)}
              </li>
            ))}
          </ul>
        </details>
      ))}
    </div>
  );
}

const POWERED = ["power", "open", "meter"];

/** Everything that can be looked at, heard, injected, traced or tried, without taking a part out. */
export function TestList({ view, act, busy }: PanelProps) {
  const rows = useMemo(() => view.tests.filter(({ check }) => !check), [view.tests]);
  return (
    <FindTest rows={rows} label="Find a test">
      {(row) => {
        const needs = row.needs.filter((need) => !POWERED.includes(need));
        return (
          <>
            <span className="min-w-60 flex-1">
              {row.name}
              <span className="dim text-sm">
                {row.needs.includes("power") ? " power on" : ""}
                {needs.length > 0 ? `, ${needs.map((need) => NEED_NAMES[need]).join(", ")}` : ""}
              </span>
            </span>
            <button
              type="button"
              className="btn btn-outline h-10"
              disabled={busy}
              aria-label={`Do it: ${row.name}`}
              onClick={() => void act({ do: "test", test: row.id })}
            >
              Do it, {minutesText(row.minutes)}
            </button>
          </>
        );
      }}
    </FindTest>
  );
}
