"use client";

import { useMemo, useRef } from "react";
import {
  aroundOf,
  doubts,
  limitsOfModel,
  makeRow,
  readCells,
  runTable,
  setupFromModel,
  type RowRead,
  type TestSheet,
  type TypedRow,
} from "@/core/sheets";
import { voidedBy } from "@/core/kinds";
import { sheetRuns, type Run } from "@/core/visit";
import { shapeOf, useKept } from "@/ui/kept";
import { useLogbook } from "@/ui/logbook";
import type { Seen } from "@/ui/SeenList";
import { gridLines, typedOf, type GridLine } from "./rows";

type Held = {
  /** how many runs there were when a new one was begun; −1: the last one goes on */
  begun: number;
  setup: Record<string, string>;
  seen: Record<string, string>;
  /** what is typed and not written down yet, by line and column */
  typed: Record<string, Record<string, string>>;
  added: Record<string, string>[];
  /** lines that are left out */
  left: string[];
};
const NOTHING: Held = { begun: -1, setup: {}, seen: {}, typed: {}, added: [], left: [] };
const PLACE = { ohms: 50, dial: "terminated" } as const;

export type Saved = { ok: true } | { ok: false; message: string; doubts?: string[] };

/** One run of a sheet at the bench: what is typed, what was measured, and what follows from it. */
export function useRun(sheet: TestSheet, phase: "baseline" | "prove") {
  const { model, settled, visit, append, attach } = useLogbook();
  const { value: held, set } = useKept(`run ${visit.id} ${phase} ${sheet.key}`, shapeOf(NOTHING), NOTHING);
  const runs = useMemo(() => sheetRuns(settled), [settled]);
  const mine = runs.filter((run) => run.sheet.key === sheet.key);
  const here = mine.filter((run) => run.visitId === visit.id && run.phase === phase);
  const run = held.begun === here.length ? undefined : here.at(-1);

  // The set-up is carried along: from this run, from the last one of this set, from the model.
  const known = run ?? mine.at(-1);
  const before = Object.fromEntries((known?.given ?? []).map(({ key, text }) => [key, text]));
  const setup: Record<string, string> = { ...setupFromModel(sheet, model.sheet), ...before, ...held.setup };
  const given = readCells(sheet.setup, setup, PLACE);
  const seen: Record<string, Seen | undefined> = {
    ...Object.fromEntries((run?.preflight ?? []).map(({ key, ok }) => [key, ok ? "so" : "not"])),
    ...(held.seen as Record<string, Seen>),
  };
  const unseen = sheet.preflight.filter(({ key }) => !seen[key]);
  const preflight = sheet.preflight.map(({ key, text }) => ({ key, text, ok: seen[key] === "so" }));
  const voids = new Set(sheet.preflight.flatMap((one) => (one.voids ? [one.key] : [])));
  const limits = limitsOfModel(model.sheet, sheet.key);

  const lines = gridLines(sheet, model.sheet, run, held.added, held.left);
  const rows = run?.rows;
  const around = useMemo(() => aroundOf(rows ?? [], sheet.curve), [rows, sheet.curve]);
  const table = useMemo(() => runTable(sheet, rows ?? []), [rows, sheet]);

  const typedAt = (line: GridLine): TypedRow => ({
    ...line.at,
    ...(line.saved ? typedOf(line.saved.row) : {}),
    ...held.typed[line.key],
  });
  const read = (line: GridLine): RowRead => makeRow(sheet, given.cells, typedAt(line), limits);
  const part = (change: Partial<Held>) => set((now) => ({ ...now, ...change }));
  const type = (line: string, column: string, text: string) =>
    set((now) => ({ ...now, typed: { ...now.typed, [line]: { ...now.typed[line], [column]: text } } }));
  const forget = (line: string) =>
    set((now) => ({ ...now, typed: Object.fromEntries(Object.entries(now.typed).filter(([key]) => key !== line)) }));

  // Rows are typed faster than they are written: one after the other, and all of them to the run of the first.
  const first = useRef<string>(undefined);
  /** a list that is kept whole with the first row that is written of it */
  const whole = useRef<File>(undefined);
  const turns = useRef<Promise<unknown>>(Promise.resolve());

  /** Writes a line down. What is wildly off is asked about first. */
  async function save(line: GridLine, sure = false): Promise<Saved> {
    if (unseen.length > 0)
      return { ok: false, message: "Look at the set-up first: each line of the list above is so, or it is not." };
    const made = read(line);
    if (!made.ok) return { ok: false, message: Object.values(made.problems)[0] ?? "" };
    const asks = sure ? [] : doubts(made.row, around);
    if (asks.length > 0) return { ok: false, message: asks.join(" "), doubts: asks };
    const reason = voidedBy(preflight, voids);
    const write = async () => {
      const of = run?.id ?? first.current;
      const outcome = await append({
        kind: "measured-row",
        payload: {
          ...{ v: 1, phase, preflight, ...made.row },
          ...(of ? { run: of } : {}),
          ...(reason ? { void: reason } : {}),
        },
      });
      if (outcome.ok) first.current = of ?? outcome.id;
      return outcome;
    };
    const turn = turns.current.then(write);
    turns.current = turn.catch(() => undefined);
    const outcome = await turn;
    if (!outcome.ok) return { ok: false, message: outcome.problems[0]?.message ?? "" };
    const list = whole.current;
    whole.current = undefined;
    const sent = list ? await attach(outcome.id, list) : undefined;
    if (sent && !sent.ok)
      return { ok: false, message: `The row is written, but its list could not be kept: ${sent.message}` };
    // The set-up now stands in the log, and the run goes on with it.
    set((now) => ({
      ...now,
      begun: -1,
      typed: Object.fromEntries(Object.entries(now.typed).filter(([key]) => key !== line.key)),
    }));
    return { ok: true };
  }

  /** Strikes a measured row, or counts it again: a correction of its entry, so that both can be seen. */
  async function strike(saved: Run["rows"][number], reason: string | undefined): Promise<Saved> {
    const entry = settled.find((item) => item.entry.id === saved.id);
    if (entry?.content?.kind !== "measured-row") return { ok: false, message: "This row is not in the log any more." };
    const { void: _old, ...payload } = entry.content.payload;
    const outcome = await append(
      {
        kind: "amendment",
        payload: {
          v: 1,
          action: "correct",
          reason: reason ?? "it counts after all",
          content: { kind: "measured-row", payload: { ...payload, ...(reason ? { void: reason } : {}) } },
        },
      },
      { amends: saved.id },
    );
    return outcome.ok ? { ok: true } : { ok: false, message: outcome.problems[0]?.message ?? "" };
  }

  return {
    ...{ sheet, phase, run, runs, mine, here, lines, table, around, given, setup, seen, unseen, limits },
    ...{ typedAt, read, type, forget, save, strike },
    changed: (line: GridLine) => held.typed[line.key] !== undefined,
    setUp: (key: string, text: string) => part({ setup: { ...held.setup, [key]: text } }),
    see: (change: Record<string, Seen>) => part({ seen: { ...held.seen, ...change } }),
    lookAgain: () => part({ seen: Object.fromEntries(sheet.preflight.map(({ key }) => [key, ""])) }),
    add: (at: TypedRow) => part({ added: [...held.added, { ...at }] }),
    leave: (key: string) => part({ left: [...held.left, key] }),
    keepWith: (list: File) => {
      whole.current = list;
    },
    leftOut: held.left.length,
    bringBack: () => part({ left: [] }),
    fillIn: (rows: readonly TypedRow[], keyOf: (row: TypedRow) => string) =>
      set((now) => ({
        ...now,
        added: [...now.added, ...rows.map((row) => ({ ...row }))],
        typed: { ...now.typed, ...Object.fromEntries(rows.map((row) => [keyOf(row), { ...row }])) },
      })),
    begin: () => {
      first.current = undefined;
      set((now) => ({ ...NOTHING, begun: here.length, setup: now.setup, seen: {} }));
    },
  };
}
export type RunInView = ReturnType<typeof useRun>;
