import { z } from "zod";
import {
  check,
  componentTest,
  faultTest,
  finding,
  handBack,
  note,
  partWork,
  planLine,
  powerStep,
  reading,
  setup,
  step,
  symptom,
  takeIn,
  testResult,
  tubeTest,
} from "./payloads";
import { approval, estimate, labour, loan, modification, soak, tick, unknown } from "./payloads-job";

/** What an entry can say. To add a kind: a schema in payloads.ts, a line here, and the compiler names the rest. */
const content = [
  z.object({ kind: z.literal("take-in"), payload: takeIn }),
  z.object({ kind: z.literal("symptom"), payload: symptom }),
  z.object({ kind: z.literal("reading"), payload: reading }),
  z.object({ kind: z.literal("part-work"), payload: partWork }),
  z.object({ kind: z.literal("test-result"), payload: testResult }),
  z.object({ kind: z.literal("component-test"), payload: componentTest }),
  z.object({ kind: z.literal("tube-test"), payload: tubeTest }),
  z.object({ kind: z.literal("plan-line"), payload: planLine }),
  z.object({ kind: z.literal("fault-test"), payload: faultTest }),
  z.object({ kind: z.literal("finding"), payload: finding }),
  z.object({ kind: z.literal("note"), payload: note }),
  z.object({ kind: z.literal("step"), payload: step }),
  z.object({ kind: z.literal("check"), payload: check }),
  z.object({ kind: z.literal("power-step"), payload: powerStep }),
  z.object({ kind: z.literal("setup"), payload: setup }),
  z.object({ kind: z.literal("hand-back"), payload: handBack }),
  z.object({ kind: z.literal("modification"), payload: modification }),
  z.object({ kind: z.literal("tick"), payload: tick }),
  z.object({ kind: z.literal("loan"), payload: loan }),
  z.object({ kind: z.literal("soak"), payload: soak }),
  z.object({ kind: z.literal("labour"), payload: labour }),
  z.object({ kind: z.literal("estimate"), payload: estimate }),
  z.object({ kind: z.literal("approval"), payload: approval }),
  z.object({ kind: z.literal("unknown"), payload: unknown }),
] as const;

export const contentSchema = z.discriminatedUnion("kind", content);
export type Content = z.infer<typeof contentSchema>;
export type ContentKind = Content["kind"];
export type ContentOf<K extends ContentKind> = Extract<Content, { kind: K }>;

const reason = z.string().trim().min(1, "Say why it is changed.").max(500, "The reason is longer than 500 characters.");
const instant = z.iso.datetime({ offset: true, message: "A date and time is needed." });

/**
 * An amendment points at an entry and either withdraws it or replaces what it says (and, where wrong, when it was).
 * It may also point at another amendment: withdrawing that one undoes it, correcting it replaces what it says.
 */
export const amendment = z.discriminatedUnion("action", [
  z.object({ v: z.literal(1), action: z.literal("withdraw"), reason }),
  z.object({ v: z.literal(1), action: z.literal("correct"), reason, content: contentSchema, at: instant.optional() }),
]);
export type Amendment = z.infer<typeof amendment>;

export const bodySchema = z.discriminatedUnion("kind", [
  ...content,
  z.object({ kind: z.literal("amendment"), payload: amendment }),
]);
export type Body = z.infer<typeof bodySchema>;

const envelope = z.object({
  id: z.uuidv7("An entry's id is a UUID of version 7."),
  setId: z.uuid(),
  visitId: z.uuid(),
  /** when it happened */
  at: instant,
  amends: z.uuid().nullable(),
});

const amendsFits = (entry: { kind: string; amends: string | null }) =>
  (entry.kind === "amendment") === (entry.amends !== null);

/** An entry as a client sends it. */
export const draftSchema = z
  .intersection(envelope, bodySchema)
  .refine(amendsFits, {
    path: ["amends"],
    message: "An amendment points at the entry it amends, and nothing else does.",
  })
  .refine((draft): boolean => draft.kind !== "unknown", {
    path: ["kind"],
    message: "An entry of an unknown kind comes in with a set's file and is never written here.",
  });
export type Draft = z.infer<typeof draftSchema>;

/** An entry as the logbook holds it. */
export type Entry = Draft & { recordedAt: string; by: string };

/** A clock a little ahead is forgiven; a date in the future is not. Minutes. */
export const CLOCK_SLACK_MINUTES = 5;
const EARLIEST = Date.parse("1900-01-01T00:00:00Z");

/**
 * Checks when an entry is said to have happened.
 * @param at ISO instant @param now milliseconds since 1970
 * @returns a sentence when the date cannot be, else undefined
 */
export function wrongDate(at: string, now: number): string | undefined {
  const moment = Date.parse(at);
  if (Number.isNaN(moment)) return "That is not a date.";
  if (moment > now + CLOCK_SLACK_MINUTES * 60_000)
    return "That lies in the future: an entry says what has happened. Check the date, or this device's clock.";
  if (moment < EARLIEST) return "That is before 1900: check the year.";
  return undefined;
}

type Upgrade = (payload: Record<string, unknown>) => Record<string, unknown>;
/** For a kind and the version it starts from, the function that lifts a payload by one version. */
export type Upgrades = Partial<Record<Body["kind"], Record<number, Upgrade>>>;

/** None yet: every kind is at version 1. A payload that changes its shape gets its old reader here. */
export const UPGRADES: Upgrades = {};

/** Lifts a stored payload to the version that the schemas read. */
export function upgrade(kind: string, payload: unknown, upgrades: Upgrades = UPGRADES): unknown {
  let current = payload as Record<string, unknown>;
  const steps = upgrades[kind as Body["kind"]] ?? {};
  for (let lift = steps[Number(current?.v)]; lift; lift = steps[Number(current.v)]) current = lift(current);
  return current;
}

const KINDS: ReadonlySet<string> = new Set(bodySchema.options.map((option) => option.shape.kind.value));

/** Does a newer program write this: a kind that is not known here, or a version above the one that is? */
function isNewer(kind: string, payload: Record<string, unknown>): boolean {
  return !KINDS.has(kind) || Number(payload.v) > 1;
}

/**
 * Reads a stored body: its payload is lifted to the present version and held against its schema. What a newer program
 * wrote is kept as an entry of an unknown kind.
 * @returns the body, or what does not read
 */
export function readBody(kind: string, stored: unknown): { ok: true; body: Body } | { ok: false; message: string } {
  const payload = upgrade(kind, stored) as Record<string, unknown>;
  if (typeof payload !== "object" || payload === null) return { ok: false, message: "It has no payload." };
  if (isNewer(kind, payload)) {
    const kept = bodySchema.safeParse({ kind: "unknown", payload: { v: 1, kind, payload } });
    return kept.success ? { ok: true, body: kept.data } : { ok: false, message: "Its kind is no word." };
  }
  const body = bodySchema.safeParse({ kind, payload });
  if (body.success) return { ok: true, body: body.data };
  return { ok: false, message: body.error.issues[0]?.message ?? "It does not fit its kind." };
}

/** Sentences of a failed validation, each with the field it belongs to. */
export function sentences(error: z.ZodError): { path: string; message: string }[] {
  return error.issues.map((issue) => ({ path: issue.path.join("."), message: issue.message }));
}
