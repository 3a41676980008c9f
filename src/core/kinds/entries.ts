import { z } from "zod";
import {
  settleEntries,
  UNSTORABLE,
  type AmendmentOf,
  type BodyOf,
  type DraftOf,
  type EntryOf,
  type SettledOf,
} from "../log";
import { ownValue } from "../quantity";
import type { KindOf, Versioned } from "./kind";
import { KINDS } from "./record";

export type ContentKind = keyof typeof KINDS;
type PayloadOf<K extends ContentKind> = z.output<(typeof KINDS)[K]["schema"]>;
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

/** All kinds, for what folds over them. */
export const ALL_KINDS = KINDS as unknown as Kinds;
/** The kind of a content. */
export const kindOf = ({ kind }: { kind: string }): AnyKind =>
  ownValue(ALL_KINDS, kind) ?? (KINDS.unknown as unknown as AnyKind);

const contentOptions = (kinds: Kinds) =>
  Object.values(kinds).map(({ kind, schema }) => z.object({ kind: z.literal(kind), payload: schema }));

const union = (options: z.ZodObject[]) =>
  z.discriminatedUnion("kind", options as unknown as [z.ZodObject, ...z.ZodObject[]]);

export const contentSchema = union(contentOptions(ALL_KINDS)) as unknown as z.ZodType<Content>;

const reason = z.string().trim().min(1, "Say why it is changed.").max(500, "The reason is longer than 500 characters.");
const instant = z.iso.datetime({ offset: true, message: "A date and time is needed." });

/** The schema of a body over some kinds: one of them, or an amendment whose content is. */
function bodySchemaOf(kinds: Kinds): z.ZodType<Body> {
  const content = union(contentOptions(kinds));
  const amendment = z.discriminatedUnion("action", [
    z.object({ v: z.literal(1), action: z.literal("withdraw"), reason }),
    z.object({ v: z.literal(1), action: z.literal("correct"), reason, content, at: instant.optional() }),
  ]);
  return union([
    ...contentOptions(kinds),
    z.object({ kind: z.literal("amendment"), payload: amendment }),
  ]) as unknown as z.ZodType<Body>;
}

export const bodySchema = bodySchemaOf(ALL_KINDS);

const envelope = z.object({
  id: z.uuidv7("An entry's id is a UUID of version 7."),
  setId: z.uuid(),
  visitId: z.uuid(),
  /** when it happened */
  at: instant,
  amends: z.uuid().nullable(),
});

function storable(value: unknown): boolean {
  if (typeof value === "string") return !UNSTORABLE.test(value);
  if (typeof value !== "object" || value === null) return true;
  return Object.entries(value).every(([key, one]) => !UNSTORABLE.test(key) && storable(one));
}

const amendsFits = (entry: { kind: string; amends: string | null }) =>
  (entry.kind === "amendment") === (entry.amends !== null);

/** An entry as a client sends it. */
export const draftSchema: z.ZodType<Draft> = z
  .intersection(envelope, bodySchema)
  .refine(amendsFits, {
    path: ["amends"],
    message: "An amendment points at the entry it amends, and nothing else does.",
  })
  .refine((draft) => storable(draft.payload), {
    path: ["payload"],
    message: "A letter in it cannot be stored (a half emoji, or a sign that is no letter): type that place again.",
  })
  .refine((draft): boolean => draft.kind !== "unknown", {
    path: ["kind"],
    message: "An entry of an unknown kind comes in with a set's file and is never written here.",
  });

/** Lifts a stored payload to the version that its kind is written in today. */
export function upgrade(kind: string, payload: unknown, kinds: Kinds = ALL_KINDS): unknown {
  let current = payload as Record<string, unknown>;
  const steps = ownValue(kinds, kind)?.upgrades ?? {};
  for (let lift = steps[Number(current?.v)]; lift; lift = steps[Number(current.v)]) current = lift(current);
  return current;
}

/** Does a newer program write this: a kind that is not known here, or a version above the one that is? */
function isNewer(kind: string, payload: Record<string, unknown>, kinds: Kinds): boolean {
  if (kind === "amendment") return Number(payload.v) > 1;
  const known = ownValue(kinds, kind);
  return !known || Number(payload.v) > known.version;
}

/** A correction carries a content of its own, written in the version of its day. */
function upgradeBody(kind: string, stored: unknown, kinds: Kinds): unknown {
  const payload = upgrade(kind, stored, kinds) as Record<string, unknown> | null;
  if (kind !== "amendment" || payload?.action !== "correct") return payload;
  const content = payload.content as { kind?: unknown; payload?: unknown } | undefined;
  if (typeof content?.kind !== "string") return payload;
  const said = upgrade(content.kind, content.payload, kinds) as Record<string, unknown>;
  const newer = isNewer(content.kind, said ?? {}, kinds);
  return {
    ...payload,
    content: newer
      ? { kind: "unknown", payload: { v: 1, kind: content.kind, payload: said } }
      : { kind: content.kind, payload: said },
  };
}

/**
 * Reads a stored body: its payload is lifted to the present version and held against its schema. What a newer program
 * wrote is kept as an entry of an unknown kind.
 * @returns the body, or what does not read
 */
export function readBody(
  kind: string,
  stored: unknown,
  kinds: Kinds = ALL_KINDS,
): { ok: true; body: Body } | { ok: false; message: string } {
  const payload = upgradeBody(kind, stored, kinds) as Record<string, unknown>;
  if (typeof payload !== "object" || payload === null) return { ok: false, message: "It has no payload." };
  if (isNewer(kind, payload, kinds)) {
    const kept = bodySchema.safeParse({ kind: "unknown", payload: { v: 1, kind, payload } });
    return kept.success ? { ok: true, body: kept.data } : { ok: false, message: "Its kind is no word." };
  }
  const body = (kinds === ALL_KINDS ? bodySchema : bodySchemaOf(kinds)).safeParse({ kind, payload });
  if (!body.success) return { ok: false, message: body.error.issues[0]?.message ?? "It does not fit its kind." };
  return showable(body.data, kinds)
    ? { ok: true, body: body.data }
    : { ok: false, message: "Its figures make no sense." };
}

/** Can it be judged and described? What its schema lets in should be; one that is not must not take its page along. */
export function showable(body: Body, kinds: Kinds = ALL_KINDS): boolean {
  const content = body.kind === "amendment" ? ("content" in body.payload ? body.payload.content : undefined) : body;
  const known = content && ownValue(kinds, content.kind);
  if (!known) return true;
  try {
    const payload = content.payload as Versioned;
    known.describe(payload, kinds === ALL_KINDS ? judgementOf(content) : known.judge(payload));
    return true;
  } catch {
    return false;
  }
}

/**
 * Reads a stored body whatever it is: one that cannot be read comes out as an entry of an unknown kind that says so.
 * @param reference what the person at the bench may name it by
 */
export function readAnyBody(kind: string, stored: unknown, reference: string): Body {
  const read = readBody(kind, stored);
  if (read.ok) return read.body;
  const payload = typeof stored === "object" && stored !== null ? (stored as Record<string, unknown>) : {};
  const trouble = `${read.message.slice(0, 300)} Reference ${reference}.`;
  return { kind: "unknown", payload: { v: 1, kind: kind.slice(0, 80) || "no kind", payload, trouble } };
}

/** Sentences of a failed validation, each with the field it belongs to. */
export function sentences(error: z.ZodError): { path: string; message: string }[] {
  return error.issues.map((issue) => ({ path: issue.path.join("."), message: issue.message }));
}

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
