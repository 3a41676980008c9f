import { z } from "zod";
import { UNSTORABLE } from "../log";
import { ownValue } from "../quantity";
import { showable, type Body, type Content, type ContentKind, type Draft } from "./entries";
import type { StoredForm, Versioned } from "./kind";
import { STORED } from "./stored";

/** The record of stored forms, as what folds over all of them takes it. */
export type StoredForms = Readonly<Record<string, StoredForm<Versioned>>>;
export const ALL_STORED = STORED satisfies Record<ContentKind, unknown> as unknown as StoredForms;

const contentOptions = (forms: StoredForms) =>
  Object.entries(forms).map(([kind, { schema }]) => z.object({ kind: z.literal(kind), payload: schema }));

const union = (options: z.ZodObject[]) =>
  z.discriminatedUnion("kind", options as unknown as [z.ZodObject, ...z.ZodObject[]]);

export const contentSchema = union(contentOptions(ALL_STORED)) as unknown as z.ZodType<Content>;

const reason = z.string().trim().min(1, "Say why it is changed.").max(500, "The reason is longer than 500 characters.");
const instant = z.iso.datetime({ offset: true, message: "A date and time is needed." });

/** The schema of a body over some kinds: one of them, or an amendment whose content is. */
function bodySchemaOf(forms: StoredForms): z.ZodType<Body> {
  const content = union(contentOptions(forms));
  const amendment = z.discriminatedUnion("action", [
    z.object({ v: z.literal(1), action: z.literal("withdraw"), reason }),
    z.object({ v: z.literal(1), action: z.literal("correct"), reason, content, at: instant.optional() }),
  ]);
  return union([
    ...contentOptions(forms),
    z.object({ kind: z.literal("amendment"), payload: amendment }),
  ]) as unknown as z.ZodType<Body>;
}

export const bodySchema = bodySchemaOf(ALL_STORED);

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
export function upgrade(kind: string, payload: unknown, forms: StoredForms = ALL_STORED): unknown {
  let current = payload as Record<string, unknown>;
  const steps = ownValue(forms, kind)?.upgrades ?? {};
  for (let lift = steps[Number(current?.v)]; lift; lift = steps[Number(current.v)]) current = lift(current);
  return current;
}

/** Does a newer program write this: a kind that is not known here, or a version above the one that is? */
function isNewer(kind: string, payload: Record<string, unknown>, forms: StoredForms): boolean {
  if (kind === "amendment") return Number(payload.v) > 1;
  const known = ownValue(forms, kind);
  return !known || Number(payload.v) > known.version;
}

/** A correction carries a content of its own, written in the version of its day. */
function upgradeBody(kind: string, stored: unknown, forms: StoredForms): unknown {
  const payload = upgrade(kind, stored, forms) as Record<string, unknown> | null;
  if (kind !== "amendment" || payload?.action !== "correct") return payload;
  const content = payload.content as { kind?: unknown; payload?: unknown } | undefined;
  if (typeof content?.kind !== "string") return payload;
  const said = upgrade(content.kind, content.payload, forms) as Record<string, unknown>;
  const newer = isNewer(content.kind, said ?? {}, forms);
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
  forms: StoredForms = ALL_STORED,
): { ok: true; body: Body } | { ok: false; message: string } {
  const payload = upgradeBody(kind, stored, forms) as Record<string, unknown>;
  if (typeof payload !== "object" || payload === null) return { ok: false, message: "It has no payload." };
  if (isNewer(kind, payload, forms)) {
    const kept = bodySchema.safeParse({ kind: "unknown", payload: { v: 1, kind, payload } });
    return kept.success ? { ok: true, body: kept.data } : { ok: false, message: "Its kind is no word." };
  }
  const body = (forms === ALL_STORED ? bodySchema : bodySchemaOf(forms)).safeParse({ kind, payload });
  if (!body.success) return { ok: false, message: body.error.issues[0]?.message ?? "It does not fit its kind." };
  return showable(body.data) ? { ok: true, body: body.data } : { ok: false, message: "Its figures make no sense." };
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
