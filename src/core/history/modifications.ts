import type { ContentOf } from "./entries";
import { MOD_THERE, type ModState, type TickList } from "./payloads-job";
import { ofKind, type Settled } from "./settle";

export type ModPayload = ContentOf<"modification">["payload"];
export type TickPayload = ContentOf<"tick">["payload"];

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
  ticks: Map<string, TickPayload & { entry: string; at: string }>;
};

const keyOf = (list: TickList, key: string) => `${list} ${key}`;

/** The last word on a line of a modification's lists. */
export const tickOf = (modification: Pick<Modification, "ticks">, list: TickList, key: string) =>
  modification.ticks.get(keyOf(list, key));

/** The modifications of a set in the order in which they first came up. */
export function modificationsOf(settled: readonly Settled[]): Modification[] {
  const found = new Map<string, Modification>();
  for (const { entry, at, content } of ofKind(settled, "modification")) {
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
  for (const { entry, at, content } of ofKind(settled, "tick")) {
    const { about, list, key } = content.payload;
    found.get(about)?.ticks.set(keyOf(list, key), { ...content.payload, entry: entry.id, at });
  }
  return [...found.values()];
}

/** Is it in the set? */
export const isThere = ({ state }: Pick<Modification, "state">): boolean => MOD_THERE.includes(state);

/** A line of what a modification made necessary, with the word by which it is ticked. */
export type PendingLine = { list: "verify" | "recalibrate"; key: string; text: string };

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

/** Something that sits in the set for a test only. */
export type Loan = { id: string; visitId: string; at: string; what: string; place?: string; from?: string };

/** Boards, tubes and parts on loan that nobody has taken out again. A swap made to find a fault is one. */
export function loansOut(settled: readonly Settled[]): Loan[] {
  const loans = ofKind(settled, "loan");
  const back = new Set(loans.flatMap(({ content: { payload } }) => (payload.state === "out" ? [payload.about] : [])));
  const lent = loans
    .filter(({ entry, content }) => content.payload.state === "in" && !back.has(entry.id))
    .map(({ entry, at, content: { payload } }): Loan => ({
      id: entry.id,
      visitId: entry.visitId,
      at,
      what: payload.what,
      ...(payload.place ? { place: payload.place } : {}),
      ...(payload.from ? { from: payload.from } : {}),
    }));
  const swapped = ofKind(settled, "fault-test")
    .filter(({ entry, content }) => content.payload.test.startsWith("swap:") && !back.has(entry.id))
    .map(({ entry, at, content }): Loan => ({
      id: entry.id,
      visitId: entry.visitId,
      at,
      what: `swapped in for “${content.payload.what}”`,
    }));
  return [...lent, ...swapped].sort((a, b) => Date.parse(a.at) - Date.parse(b.at));
}
