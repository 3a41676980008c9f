import type { z } from "zod";
import { settleEntries, type AmendmentOf, type BodyOf, type DraftOf, type EntryOf, type SettledOf } from "../log";
import { ownValue } from "../quantity";
import type { KindOf, Versioned } from "./kind";
import { KINDS } from "./record";
import type { STORED } from "./stored";

export type ContentKind = keyof typeof KINDS;
type PayloadOf<K extends ContentKind> = z.output<(typeof STORED)[K]["schema"]>;
export type JudgedOf<K extends ContentKind> = ReturnType<(typeof KINDS)[K]["judge"]>;

/** What an entry can say. */
export type ContentOf<K extends ContentKind> = { [One in K]: { kind: One; payload: PayloadOf<One> } }[K];
export type Content = ContentOf<ContentKind>;
export type Amendment = AmendmentOf<Content>;
export type Body = BodyOf<Content>;
export type Draft = DraftOf<Content>;
export type Entry = EntryOf<Content>;

/** A kind of which it is only known that it is one: what folds over all kinds works with it. */
export type AnyKind = KindOf<string, Versioned, unknown>;
/** The record of kinds, as folds take it. */
export type Kinds = Readonly<Record<string, AnyKind>>;

/** All kinds, for what folds over them. Each speaks of what is stored under its name. */
export const ALL_KINDS = KINDS satisfies {
  [K in ContentKind]: { about: (payload: PayloadOf<K>) => string };
} as unknown as Kinds;
/** The kind of a content. */
export const kindOf = ({ kind }: { kind: string }): AnyKind =>
  ownValue(ALL_KINDS, kind) ?? (KINDS.unknown as unknown as AnyKind);

/** An entry after all its amendments. */
export type Settled = SettledOf<Content>;
export type Logbook = { settled: Settled[]; waiting: Entry[] };

const known = new WeakMap<object, unknown>();

/** The judgement of a content, by its kind; worked out once for each payload. */
export function judgementOf<K extends ContentKind>(content: ContentOf<K>): JudgedOf<K> {
  const { payload } = content;
  if (!known.has(payload)) known.set(payload, kindOf(content).judge(payload));
  return known.get(payload) as JudgedOf<K>;
}

/** Folds entries with their amendments (see core/log). */
export const settle = (entries: readonly Entry[]): Logbook =>
  settleEntries<Content>(entries, (content) => judgementOf(content));

/** An entry of one kind that stands, as it reads now, with its judgement. */
export type Standing<K extends ContentKind> = SettledOf<ContentOf<K>, JudgedOf<K>> & { content: ContentOf<K> };

/** The entries of one kind that stand, as they read now. */
export function ofKind<K extends ContentKind>(settled: readonly Settled[], kind: K): Standing<K>[] {
  return settled.filter((item) => item.content?.kind === kind) as unknown as Standing<K>[];
}

/** Can it be judged and described? What its schema lets in should be; one that is not must not take its page along. */
export function showable(body: Body): boolean {
  const content = body.kind === "amendment" ? ("content" in body.payload ? body.payload.content : undefined) : body;
  const known = content && ownValue(ALL_KINDS, content.kind);
  if (!known) return true;
  try {
    const payload = content.payload as Versioned;
    known.describe(payload, judgementOf(content));
    return true;
  } catch {
    return false;
  }
}
