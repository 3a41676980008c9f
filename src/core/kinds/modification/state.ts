import type { SettledOf } from "../../log";
import { standing } from "../kind";
import type { PendingLine } from "../open";
import type { Tick } from "../tick/payload";
import type { TickList } from "../tick/values";
import { MOD_THERE, type ModState } from "./values";
import type { ModPayload } from "./payload";

/** A modification of a set over all its entries. */
export type Modification = {
  /** its first entry: what ticks and later states point at */
  id: string;
  /** the visit of its last change of state */
  visitId: string;
  state: ModState;
  /** as it was described last */
  payload: ModPayload;
  /** when it came into its present state */
  at: string;
  changes: { entry: string; visitId: string; state: ModState; at: string }[];
  /** the last word on every line of its lists */
  ticks: Map<string, Tick & { entry: string; at: string }>;
};

const keyOf = (list: TickList, key: string) => `${list} ${key}`;

/** The last word on a line of a modification's lists. */
export const tickOf = (modification: Pick<Modification, "ticks">, list: TickList, key: string) =>
  modification.ticks.get(keyOf(list, key));

/** The modifications of a set in the order in which they first came up. */
export function modificationsOf(settled: readonly SettledOf[]): Modification[] {
  const found = new Map<string, Modification>();
  for (const { entry, at, content } of standing<ModPayload>(settled, "modification")) {
    const id = content.payload.about ?? entry.id;
    const change = { entry: entry.id, visitId: entry.visitId, state: content.payload.state, at };
    const before = found.get(id);
    found.set(id, {
      id,
      visitId: entry.visitId,
      state: content.payload.state,
      payload: content.payload,
      at,
      changes: [...(before?.changes ?? []), change],
      ticks: before?.ticks ?? new Map(),
    });
  }
  for (const { entry, at, content } of standing<Tick>(settled, "tick")) {
    const { about, list, key } = content.payload;
    found.get(about)?.ticks.set(keyOf(list, key), { ...content.payload, entry: entry.id, at });
  }
  return [...found.values()];
}

/** Is it in the set? */
export const isThere = ({ state }: Pick<Modification, "state">): boolean => MOD_THERE.includes(state);

/** What a fitted modification made necessary and nobody has done or waived since it was fitted. */
export function pendingLines(modification: Modification): PendingLine[] {
  if (modification.state !== "fitted") return [];
  const lines = (["verify", "recalibrate"] as const).flatMap((list) =>
    modification.payload[list].map((text, index): PendingLine => ({ list, key: String(index + 1), text })),
  );
  return lines.filter(({ list, key }) => {
    const done = tickOf(modification, list, key);
    return !done || done.state === "unmet" || Date.parse(done.at) < Date.parse(modification.at);
  });
}
