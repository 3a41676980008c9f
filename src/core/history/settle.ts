import type { Amendment, Content, ContentKind, ContentOf, Entry } from "./entries";

/** An entry after all its amendments: what it says now, and how it came to say so. */
export type Settled<C extends Content = Content> = {
  /** the entry as first written */
  entry: Entry;
  /** what it says now; null when it is withdrawn */
  content: C | null;
  /** when it happened, as corrected */
  at: string;
  /** every amendment that leads to this entry, in order, void ones too */
  amendments: Entry[];
  /** the amendment in force, if any */
  inForce?: { entry: Entry; reason: string };
};

export type Logbook = {
  /** in order of when things happened */
  settled: Settled[];
  /** amendments whose entry has not arrived yet */
  waiting: Entry[];
};

/** Order of events: by time, then by id (version 7 ids grow with time too). It never depends on arrival. */
const byMoment = (a: { at: string; id: string }, b: { at: string; id: string }): number => {
  const difference = Date.parse(a.at) - Date.parse(b.at);
  if (difference !== 0) return difference;
  return a.id < b.id ? -1 : a.id > b.id ? 1 : 0;
};

type Effect = { amendment: Amendment; reason: string } | "void";

/**
 * Folds entries with their amendments.
 *
 * Rules: the last amendment in force wins, by its own time. An amendment that is withdrawn is void: what it amended
 * stands as before. An amendment that is corrected says what the correction says. Entries count once by id, in
 * whatever order they arrive; an amendment whose entry is not here waits and changes nothing.
 */
export function settle(entries: readonly Entry[]): Logbook {
  const byId = new Map(entries.map((entry) => [entry.id, entry]));
  const amendmentsOf = new Map<string, Entry[]>();
  const roots: (Entry & Content)[] = [];
  for (const entry of byId.values()) {
    if (entry.kind !== "amendment") roots.push(entry);
    if (entry.amends === null) continue;
    const list = amendmentsOf.get(entry.amends);
    if (list) list.push(entry);
    else amendmentsOf.set(entry.amends, [entry]);
  }
  for (const list of amendmentsOf.values()) list.sort(byMoment);

  const lastInForce = (id: string): { entry: Entry; amendment: Amendment; reason: string } | undefined => {
    for (const entry of (amendmentsOf.get(id) ?? []).toReversed()) {
      const effect = effectOf(entry);
      if (effect !== "void") return { entry, ...effect };
    }
    return undefined;
  };

  const effectOf = (entry: Entry): Effect => {
    if (entry.kind !== "amendment") return "void";
    const change = lastInForce(entry.id);
    if (!change) return { amendment: entry.payload, reason: entry.payload.reason };
    return change.amendment.action === "withdraw" ? "void" : { amendment: change.amendment, reason: change.reason };
  };

  const allAmendments = (id: string): Entry[] =>
    (amendmentsOf.get(id) ?? []).flatMap((entry) => [entry, ...allAmendments(entry.id)]);

  const settleOne = (entry: Entry & Content): Settled => {
    // Most entries are never amended.
    if (!amendmentsOf.has(entry.id))
      return { entry, content: { kind: entry.kind, payload: entry.payload } as Content, at: entry.at, amendments: [] };
    const amendments = allAmendments(entry.id).sort(byMoment);
    const change = lastInForce(entry.id);
    const original = { kind: entry.kind, payload: entry.payload } as Content;
    if (!change) return { entry, content: original, at: entry.at, amendments };
    const inForce = { entry: change.entry, reason: change.reason };
    if (change.amendment.action === "withdraw") return { entry, content: null, at: entry.at, amendments, inForce };
    return { entry, content: change.amendment.content, at: change.amendment.at ?? entry.at, amendments, inForce };
  };

  const reached = new Set(
    roots.filter(({ id }) => amendmentsOf.has(id)).flatMap((root) => allAmendments(root.id).map((entry) => entry.id)),
  );
  // Each instant is read once, not at every comparison: a log may have thousands of entries.
  const timed = roots.map((root) => {
    const item = settleOne(root);
    return { item, time: Date.parse(item.at), id: root.id };
  });
  timed.sort((a, b) => a.time - b.time || (a.id < b.id ? -1 : a.id > b.id ? 1 : 0));
  return {
    settled: timed.map(({ item }) => item),
    waiting: [...byId.values()].filter((entry) => entry.kind === "amendment" && !reached.has(entry.id)).sort(byMoment),
  };
}

export type Standing<K extends ContentKind> = Settled<ContentOf<K>> & { content: ContentOf<K> };

/** The entries of one kind that stand, as they read now. */
export function ofKind<K extends ContentKind>(settled: readonly Settled[], kind: K): Standing<K>[] {
  return settled.filter((item) => item.content?.kind === kind) as Standing<K>[];
}

/**
 * What had happened up to a moment (inclusive), by everything known today.
 * @param settled in order of when things happened, so that few instants have to be read
 */
export function upTo(settled: readonly Settled[], moment: string): Settled[] {
  const until = Date.parse(moment);
  let [from, to] = [0, settled.length];
  while (from < to) {
    const middle = (from + to) >>> 1;
    if (Date.parse(settled[middle]?.at ?? "") <= until) from = middle + 1;
    else to = middle;
  }
  return settled.slice(0, from);
}
