import { z } from "zod";
import { DESIGNATOR, STEPS } from "../model";
import { QUANTITIES } from "../quantity";

/** Longest text of an entry. A longer story belongs into several notes. */
export const LONGEST_TEXT = 2000;

const text = (what: string) =>
  z
    .string()
    .trim()
    .min(1, `${what} is empty: write a word or two.`)
    .max(LONGEST_TEXT, `${what} is longer than ${LONGEST_TEXT} characters: split it into several notes.`);
const optionalText = (what: string) => text(what).optional();
const short = (what: string) =>
  z.string().trim().min(1, `${what} is empty.`).max(120, `${what} is longer than 120 characters.`);

const id = z.uuid("That reference is not an entry.");
const designator = z
  .string()
  .transform((value) => value.trim().toUpperCase())
  .pipe(z.string().regex(DESIGNATOR, "A designator is letters and a number, like C14 or VR2."));

/** A value in the SI base unit together with the text as it was typed. */
const typed = z.object({
  text: z.string().trim().min(1).max(200),
  value: z
    .number("A number is needed.")
    .finite()
    .refine((v) => Math.abs(v) <= 1e15, "That value is beyond anything in a set."),
});
export type Typed = z.infer<typeof typed>;

const v1 = z.literal(1);

export const POLICIES = ["reliability", "original", "museum"] as const;
export type Policy = (typeof POLICIES)[number];
export const POLICY_NAMES: Record<Policy, string> = {
  reliability: "Reliability first",
  original: "Original parts first",
  museum: "Museum",
};

const items = z.array(short("An item")).max(40);

export const takeIn = z.object({
  v: v1,
  complaint: text("The complaint"),
  since: optionalText("Since when"),
  wants: optionalText("What the owner wants"),
  policy: z.enum(POLICIES),
  received: items.default([]),
  missing: items.default([]),
  earlierWork: optionalText("Traces of earlier work"),
  loose: optionalText("Loose things"),
  cosmetic: optionalText("Cosmetic state"),
});

export const SYMPTOM_STATES = ["present", "changed", "gone"] as const;

export const symptom = z.object({
  v: v1,
  what: text("The symptom"),
  state: z.enum(SYMPTOM_STATES),
  /** the entry of the symptom that changed or is gone */
  about: id.optional(),
});

export const PHASES = ["baseline", "check", "prove"] as const;
export type Phase = (typeof PHASES)[number];

export const reading = z.object({
  v: v1,
  phase: z.enum(PHASES),
  point: short("The point"),
  /** set when the point is a component */
  designator: designator.optional(),
  quantity: z.enum(QUANTITIES),
  measured: typed,
  /** what it was judged against: kept with the reading, whatever the model says later */
  expected: typed
    .extend({ tolerance: z.number().positive().max(1), lineVolts: z.number().positive().optional() })
    .optional(),
  lineVolts: z
    .number()
    .positive("The line voltage is above zero.")
    .max(480, "A line above 480 V is not a bench supply.")
    .optional(),
  meter: short("The meter").optional(),
  inCircuit: z.boolean().optional(),
  remark: short("The remark").optional(),
});

export const ACTIONS = [
  "replaced",
  "restuffed",
  "reflowed",
  "cleaned",
  "lubricated",
  "adjusted",
  "repaired",
  "left",
  "removed",
  "disconnected",
] as const;
export type Action = (typeof ACTIONS)[number];

export const PUTS_IN: readonly Action[] = ["replaced", "restuffed"];
export const NEEDS_REASON: readonly Action[] = ["left", "disconnected"];

export const OLD_PARTS = ["bag", "kept", "in-shell", "discarded"] as const;
export type OldPart = (typeof OLD_PARTS)[number];
export const OLD_PART_NAMES: Record<OldPart, string> = {
  bag: "in the owner's bag",
  kept: "kept in the shop",
  "in-shell": "its shell holds the new part",
  discarded: "discarded",
};

const fitted = z.object({ designator, text: short("The new part"), note: short("The note").optional() });
export type Fitted = z.infer<typeof fitted>;

export const partWork = z
  .object({
    v: v1,
    /** several originals may give way to one part */
    designators: z.array(designator).min(1, "Say which part, by its designator.").max(20),
    action: z.enum(ACTIONS),
    was: short("What it was").optional(),
    found: short("What was found").optional(),
    measured: typed.extend({ quantity: z.enum(QUANTITIES) }).optional(),
    /** one original may give way to several parts */
    now: z.array(fitted).max(20).default([]),
    why: optionalText("The reason"),
    oldPart: z.enum(OLD_PARTS).optional(),
  })
  .superRefine((work, context) => {
    const putsIn = PUTS_IN.includes(work.action);
    if (putsIn && work.now.length === 0)
      context.addIssue({ code: "custom", path: ["now"], message: "Say what was put in: value and rating." });
    if (!putsIn && work.now.length > 0)
      context.addIssue({ code: "custom", path: ["now"], message: `Nothing goes in when a part is ${work.action}.` });
    if (NEEDS_REASON.includes(work.action) && !work.why)
      context.addIssue({
        code: "custom",
        path: ["why"],
        message: `A part that is ${work.action} needs the reason why.`,
      });
  });

export const SENSES = ["share", "at-least", "at-most"] as const;

export const testResult = z.object({
  v: v1,
  phase: z.enum(PHASES),
  /** the tube or part that was tested; without it the test is of the whole set */
  designator: designator.optional(),
  test: short("The test"),
  measured: typed,
  unit: z.string().trim().max(20).optional(),
  nominal: typed.optional(),
  sense: z.enum(SENSES),
  setup: short("The set-up").optional(),
});

export const WAITS = ["parts", "owner", "process"] as const;
export type Wait = (typeof WAITS)[number];
export const WAIT_NAMES: Record<Wait, string> = {
  parts: "parts",
  owner: "the owner's answer",
  process: "paint, glue or soak",
};

export const note = z.object({
  v: v1,
  text: text("The note"),
  /** an open point stays on the run sheet until a later note closes it */
  open: z.boolean().default(false),
  waits: z.enum(WAITS).optional(),
  closes: z.array(id).max(50).default([]),
});

export const step = z
  .object({
    v: v1,
    step: z.enum(STEPS),
    state: z.enum(["passed", "overridden"]),
    reason: optionalText("The reason"),
  })
  .superRefine((value, context) => {
    if (value.state === "overridden" && !value.reason)
      context.addIssue({ code: "custom", path: ["reason"], message: "Passing a gate that is not met needs a reason." });
  });

export const handBack = z.object({
  v: v1,
  summary: text("What was done"),
  left: optionalText("What was left"),
  watch: optionalText("What to watch"),
  oldParts: z.enum(["returned", "kept", "none"]),
  nextService: z.iso.date("The next service is a date.").optional(),
});
