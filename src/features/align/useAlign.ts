"use client";

import { useMemo, useState } from "react";
import { nextStep, proposeAlignment, stepKey, wayOf, type Proposed } from "@/core/alignment";
import { circuitOf } from "@/core/diagnosis";
import type { Aligned, Content } from "@/core/kinds";
import type { AlignmentRow } from "@/core/model";
import { alignmentOf } from "@/core/visit";
import { shapeOf, useKept } from "@/ui/kept";
import { saying, useLogbook } from "@/ui/logbook";
import { checksFor } from "./before";
import { NOTHING, readStep, type Typed } from "./read-step";

type Held = {
  /** the step that was chosen by hand; empty: the next one */
  at: string;
  /** the group of the step that was written last: its round goes on first */
  group: string;
  seen: Record<string, string>;
  /** when the set was switched on, ms since 1970; 0: not said */
  since: number;
  cabinet: string;
  typed: Record<string, Typed>;
};
const HELD: Held = { at: "", group: "", seen: {}, since: 0, cabinet: "out", typed: {} };

/** The alignment of the set on the bench: its steps, what was done, and what is typed. */
export function useAlign() {
  const { model, settled, visit, append } = useLogbook();
  const { sheet } = model;
  const { value: held, set } = useKept(`align ${visit.id}`, shapeOf(HELD), HELD);
  // A step before this one was written just now: the next one begins in its first field.
  const [goesOn, setGoesOn] = useState(false);
  const part = (change: Partial<Held>) => set((now) => ({ ...now, ...change }));
  // Without a table of its own the model's alignment is proposed, from its parts, bands and stages.
  const proposed = useMemo<Proposed[] | undefined>(() => {
    if (sheet.alignment && sheet.alignment.length > 0) return undefined;
    const stages = circuitOf(sheet).circuit.stages.map(({ kind }) => kind);
    return proposeAlignment(sheet, stages, wayOf(sheet, stages));
  }, [sheet]);
  const table = useMemo(
    () => (proposed ? { ...sheet, alignment: proposed.map(({ row }) => row) } : sheet),
    [proposed, sheet],
  );
  const state = useMemo(() => alignmentOf(table, settled, visit.id), [table, settled, visit.id]);
  const rows = state.groups.flatMap((group) => group.rows);
  const chosen = rows.find((row) => stepKey(row) === held.at);
  const row = chosen ?? nextStep(state.groups, held.group)?.row;
  const key = row ? stepKey(row) : "";
  const round = row ? (state.groups.find(({ group }) => group === row.group)?.rounds.length ?? 1) : 1;
  const checks = checksFor(sheet);
  const unseen = checks.filter((check) => !held.seen[check.key]);
  const typed = held.typed[key] ?? NOTHING;
  const type = (change: Partial<Typed>) =>
    set((now) => ({ ...now, typed: { ...now.typed, [key]: { ...(now.typed[key] ?? NOTHING), ...change } } }));
  const contentOf = (outcome: Aligned["outcome"], reason?: string) => {
    if (!row) return undefined;
    const read = readStep(row, outcome, typed, reason);
    if (!read.ok) return read;
    const preflight = checks.flatMap(({ key: one, text }) =>
      held.seen[one] ? [{ key: one, text, ok: held.seen[one] === "so" }] : [],
    );
    const content: Extract<Content, { kind: "aligned" }> = {
      kind: "aligned",
      payload: {
        v: 1,
        ...read.payload,
        cabinet: held.cabinet === "in" ? "in" : "out",
        preflight,
      },
    };
    return { ok: true as const, content };
  };
  return {
    ...{
      sheet,
      proposed,
      state,
      row,
      key,
      round,
      typed,
      type,
      checks,
      unseen,
      held,
      contentOf,
      goesOn,
    },
    byHand: chosen !== undefined,
    choose: (to: AlignmentRow | undefined) => part({ at: to ? stepKey(to) : "" }),
    see: (change: Record<string, string>) => part({ seen: { ...held.seen, ...change } }),
    setCabinet: (cabinet: string) => part({ cabinet }),
    setSince: (since: number) => part({ since }),
    /** writes the step down; the one after it is next */
    async write(outcome: Aligned["outcome"], reason?: string) {
      const made = contentOf(outcome, reason);
      if (!made) return { ok: false as const, message: "There is no step to write down." };
      if (!made.ok) return made;
      // What is left or skipped changes nothing; a core is turned once the list was looked at.
      if (outcome === "moved" && unseen.length > 0)
        return { ok: false as const, message: "Look at the list above first: each line is so, or it is not." };
      part({ group: made.content.payload.group });
      // The next step stands there before the server has answered: what is typed meanwhile belongs to it.
      setGoesOn(true);
      const answer = saying(await append(made.content));
      if (answer.ok)
        set((now) => ({
          ...now,
          // Another step may have been chosen while this one was sent.
          at: now.at === key ? "" : now.at,
          typed: Object.fromEntries(Object.entries(now.typed).filter(([one]) => one !== key)),
        }));
      return answer;
    },
  };
}
export type Align = ReturnType<typeof useAlign>;
