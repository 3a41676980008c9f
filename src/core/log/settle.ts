import type { AmendmentOf, AnyContent, EntryOf } from "./entry";

/** An entry after all its amendments: what it says now, and how it came to say so. */
export type SettledOf<C extends AnyContent = AnyContent, J = unknown> = {
  /** the entry as first written */
  entry: EntryOf<C>;
  /** what it says now; null when it is withdrawn */
  content: C | null;
  /** the judgement of what it says: worked out once, when it is first asked for */
  readonly judged: J;
  /** when it happened, as corrected */
  at: string;
  /** every amendment that leads to this entry, in order, void ones too */
  amendments: EntryOf<C>[];
  /** the amendment in force, if any */
  inForce?: { entry: EntryOf<C>; reason: string };
};

export type LogbookOf<C extends AnyContent> = {
  /** in order of when things happened */
  settled: SettledOf<C>[];
  /** amendments whose entry has not arrived yet */
  waiting: EntryOf<C>[];
};

/** Order of events: by time, then by id (version 7 ids grow with time too). It never depends on arrival. */
const byMoment = (a: { at: string; id: string }, b: { at: string; id: string }): number => {
  const difference = Date.parse(a.at) - Date.parse(b.at);
  if (difference !== 0) return difference;
  return a.id < b.id ? -1 : a.id > b.id ? 1 : 0;
};

const amendmentIn = <C extends AnyContent>(entry: EntryOf<C>): AmendmentOf<C> | undefined =>
  entry.kind === "amendment" ? (entry.payload as AmendmentOf<C>) : undefined;

const contentIn = <C extends AnyContent>({ kind, payload }: EntryOf<C>): C => ({ kind, payload }) as C;

/**
 * Folds entries with their amendments.
 *
 * Rules: the last amendment in force wins, by its own time. An amendment that is withdrawn is void: what it amended
 * stands as before. An amendment that is corrected says what the correction says. Entries count once by id, in
 * whatever order they arrive; an amendment whose entry is not here waits and changes nothing.
 */
export function settleEntries<C extends AnyContent>(
  entries: readonly EntryOf<C>[],
  judge: (content: C) => unknown,
): LogbookOf<C> {
  type Entry = EntryOf<C>;
  type Effect = { amendment: AmendmentOf<C>; reason: string } | "void";
  const byId = new Map(entries.map((entry) => [entry.id, entry]));
  const amendmentsOf = new Map<string, Entry[]>();
  const roots: Entry[] = [];
  for (const entry of byId.values()) {
    if (entry.kind !== "amendment") roots.push(entry);
    if (entry.amends === null) continue;
    const list = amendmentsOf.get(entry.amends);
    if (list) list.push(entry);
    else amendmentsOf.set(entry.amends, [entry]);
  }
  for (const list of amendmentsOf.values()) list.sort(byMoment);

  /** The amendments that lead to an entry, each behind the one that it amends. A long dispute is no deep recursion. */
  const allAmendments = (id: string): Entry[] => {
    const found = [...(amendmentsOf.get(id) ?? [])];
    for (let at = 0; at < found.length; at += 1) found.push(...(amendmentsOf.get(found[at]?.id ?? "") ?? []));
    return found;
  };

  type InForce = { entry: Entry; amendment: AmendmentOf<C>; reason: string };
  /** The amendment in force of an entry, worked out from the last amendments back to the first. */
  const lastInForce = (id: string, amendments: readonly Entry[]): InForce | undefined => {
    const inForce = new Map<string, InForce | undefined>();
    const effectOf = (entry: Entry): Effect => {
      const own = amendmentIn(entry);
      if (!own) return "void";
      const change = inForce.get(entry.id);
      if (!change) return { amendment: own, reason: own.reason };
      return change.amendment.action === "withdraw" ? "void" : { amendment: change.amendment, reason: change.reason };
    };
    for (const one of [...amendments.map((entry) => entry.id).reverse(), id])
      for (const entry of (amendmentsOf.get(one) ?? []).toReversed()) {
        const effect = effectOf(entry);
        if (effect === "void") continue;
        inForce.set(one, { entry, ...effect });
        break;
      }
    return inForce.get(id);
  };

  const settled = (entry: Entry, content: C | null, at: string, amendments: Entry[]): SettledOf<C> => {
    let known: { judged: unknown } | undefined;
    return {
      entry,
      content,
      at,
      amendments,
      get judged() {
        known ??= { judged: content ? judge(content) : undefined };
        return known.judged;
      },
    };
  };

  const settleOne = (entry: Entry): SettledOf<C> => {
    const original = contentIn(entry);
    // Most entries are never amended.
    if (!amendmentsOf.has(entry.id)) return settled(entry, original, entry.at, []);
    const found = allAmendments(entry.id);
    const change = lastInForce(entry.id, found);
    const amendments = found.sort(byMoment);
    if (!change) return settled(entry, original, entry.at, amendments);
    const { amendment } = change;
    const stands =
      amendment.action === "withdraw"
        ? settled(entry, null, entry.at, amendments)
        : settled(entry, amendment.content, amendment.at ?? entry.at, amendments);
    stands.inForce = { entry: change.entry, reason: change.reason };
    return stands;
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
    waiting: [...byId.values()].filter((entry) => amendmentIn(entry) && !reached.has(entry.id)).sort(byMoment),
  };
}

/**
 * What had happened up to a moment (inclusive), by everything known today.
 * @param settled in order of when things happened, so that few instants have to be read
 */
export function upTo<S extends { at: string }>(settled: readonly S[], moment: string): S[] {
  const until = Date.parse(moment);
  let [from, to] = [0, settled.length];
  while (from < to) {
    const middle = (from + to) >>> 1;
    if (Date.parse(settled[middle]?.at ?? "") <= until) from = middle + 1;
    else to = middle;
  }
  return settled.slice(0, from);
}
