import { z } from "zod";
import { STAGE_KINDS, SUPPLIES, STEPS } from "../model";
import { fitted, id, items, money, optionalText, short, text, v1 } from "./payload-pieces";

/** How a modification stands on a set. */
export const MOD_STATES = ["planned", "found", "fitted", "kept", "undone", "dropped"] as const;
export type ModState = (typeof MOD_STATES)[number];
export const MOD_STATE_WORDS: Record<ModState, string> = {
  planned: "planned",
  found: "found",
  fitted: "fitted",
  kept: "kept",
  undone: "put back",
  dropped: "not done",
};
/** States in which it is in the set. */
export const MOD_THERE: readonly ModState[] = ["found", "fitted", "kept"];

export const TAP_KINDS = ["signal", "rail", "heater", "control", "ground"] as const;
export type TapKind = (typeof TAP_KINDS)[number];

export const CHASSIS = ["none", "existing-hole", "drilled"] as const;
export type Chassis = (typeof CHASSIS)[number];
export const CHASSIS_WORDS: Record<Chassis, string> = {
  none: "chassis as it was",
  "existing-hole": "uses an existing hole",
  drilled: "a hole is drilled",
};

const volts = z.number().min(-20_000).max(20_000);

/** Where a modification is connected, what it needs there and what it draws. */
export const tapSchema = z
  .object({
    kind: z.enum(TAP_KINDS),
    /** a point of the chart or a place in words */
    at: short("The tap point"),
    /** V, the least and the most that it can work with */
    low: volts.optional(),
    high: volts.optional(),
    /** A */
    draws: z.number().min(0).max(100).optional(),
  })
  .refine((tap) => tap.low === undefined || tap.high === undefined || tap.low <= tap.high, {
    path: ["high"],
    message: "The most that it can work with lies below the least.",
  });
export type Tap = z.infer<typeof tapSchema>;

/** What has to be so before a modification can be fitted, each confirmed by looking. */
const needBase = { text: z.string().trim().min(1, "Say what has to be so.").max(300) };
export const needSchema = z.discriminatedUnion("kind", [
  /** the set has stages of these kinds */
  z.object({ kind: z.literal("stages"), stages: z.array(z.enum(STAGE_KINDS)).min(1).max(10), ...needBase }),
  /** it is fed in one of these ways */
  z.object({ kind: z.literal("supply"), supplies: z.array(z.enum(SUPPLIES)).min(1).max(5), ...needBase }),
  /** it plays before it is changed */
  z.object({ kind: z.literal("works"), ...needBase }),
  /** a plug-in board, at this revision or later */
  z.object({
    kind: z.literal("board"),
    board: short("The board"),
    level: short("The revision").optional(),
    ...needBase,
  }),
  z.object({ kind: z.literal("firmware"), level: short("The level"), ...needBase }),
  z.object({ kind: z.literal("look"), ...needBase }),
]);
export type Need = z.infer<typeof needSchema>;

export const stepSchema = z.object({
  text: z.string().trim().min(1, "A step says what is done.").max(400),
  caution: z.string().trim().min(1).max(300).optional(),
  /** the sub-assembly that has to be off for it */
  opens: short("What is opened").optional(),
  /** screws and other hardware that come out */
  screws: z.number().int().min(0).max(500).optional(),
});
export type ModStep = z.infer<typeof stepSchema>;

/** What a modification is: the same words in a recipe and on a set. */
export const modBody = z.object({
  what: text("What it is"),
  why: optionalText("Why"),
  needs: z.array(needSchema).max(30).default([]),
  parts: z.array(fitted).max(40).default([]),
  taps: z.array(tapSchema).max(20).default([]),
  chassis: z.enum(CHASSIS),
  steps: z.array(stepSchema).max(80).default([]),
  /** what it makes necessary: each is an open point until it is done */
  verify: items.default([]),
  recalibrate: items.default([]),
  reversible: z.boolean(),
  undo: optionalText("How to put it back"),
  instructions: optionalText("How the owner uses it"),
  minutes: z.number().int().min(0).max(10_000).optional(),
});
export type ModBody = z.infer<typeof modBody>;

/** What does not go together in a description. */
export function bodyTrouble(body: ModBody, there: boolean): { path: string; message: string }[] {
  const names = body.parts.map((part) => part.designator);
  const twice = names.find((name, index) => names.indexOf(name) !== index);
  return [
    ...(body.chassis === "drilled" && body.reversible
      ? [{ path: "reversible", message: "A drilled hole does not grow together again: it is not reversible." }]
      : []),
    ...(body.reversible && !body.undo && there ? [{ path: "undo", message: "Say what it takes to put it back." }] : []),
    ...(twice
      ? [{ path: "parts", message: `${twice} stands twice among its parts: each part has a place of its own.` }]
      : []),
  ];
}

/** A modification of this set, described in full at every change of its state. */
export const modification = modBody
  .extend({
    v: v1,
    /** the recipe that it follows, as it stood */
    recipe: z.object({ id, version: z.number().int().positive() }).optional(),
    name: short("The name of the modification"),
    state: z.enum(MOD_STATES),
    askedBy: short("Who asked for it").optional(),
    /** the first entry of this modification on this set */
    about: id.optional(),
    remark: optionalText("The remark"),
  })
  .superRefine((value, context) => {
    for (const { path, message } of bodyTrouble(value, MOD_THERE.includes(value.state)))
      context.addIssue({ code: "custom", path: [path], message });
    if (value.state === "dropped" && !value.remark)
      context.addIssue({ code: "custom", path: ["remark"], message: "Say why it is not done." });
  });

export const TICK_LISTS = ["prerequisite", "read", "step", "verify", "recalibrate"] as const;
export type TickList = (typeof TICK_LISTS)[number];
export const TICK_STATES = ["done", "na", "unmet", "skipped"] as const;
export type TickState = (typeof TICK_STATES)[number];

const screws = z.number().int("Screws are counted in whole numbers.").min(0).max(500);

/** A line of a modification's lists that was looked at, done, or passed over with a reason. */
export const tick = z
  .object({
    v: v1,
    /** the first entry of the modification */
    about: id,
    list: z.enum(TICK_LISTS),
    key: z.string().regex(/^[a-z0-9][a-z0-9-]{0,40}$/, "A line of the list is named by its short word."),
    /** the line as it stood */
    text: z.string().trim().min(1).max(400),
    state: z.enum(TICK_STATES),
    /** what was seen, with one's own eyes */
    saw: optionalText("What was seen"),
    why: optionalText("The reason"),
    /** screws and other hardware taken out and put back */
    out: screws.optional(),
    back: screws.optional(),
  })
  .superRefine((value, context) => {
    const say = (path: string, message: string) => context.addIssue({ code: "custom", path: [path], message });
    if (value.list === "prerequisite" && value.state === "done" && !value.saw)
      say("saw", "Say what was seen: a prerequisite is confirmed by looking.");
    if (value.state === "na" && !value.why) say("why", "Say why it does not apply.");
    if (value.state === "unmet" && !value.why) say("why", "Say what is missing.");
    if (value.state === "skipped" && !value.why) say("why", "Say why it is skipped: not fitted, done before.");
  });

/** A board, tube or part that sits in the set for a test only. */
export const loan = z.object({
  v: v1,
  what: short("What is on loan"),
  /** the place that it sits in */
  place: short("The place").optional(),
  from: short("Where it came from").optional(),
  state: z.enum(["in", "out"]),
  /** the entry that put it in */
  about: id.optional(),
});

/** The set left running: the clock is in the log, not in a page. */
export const soak = z
  .object({
    v: v1,
    state: z.enum(["start", "pause", "resume", "end"]),
    /** how long it should run */
    hours: z
      .number()
      .positive("A soak lasts longer than nothing.")
      .max(500, "That is weeks: at most 500 hours.")
      .optional(),
    lineVolts: z.number().positive().max(480).optional(),
    remark: optionalText("The remark"),
  })
  .superRefine((value, context) => {
    if (value.state === "start" && value.hours === undefined)
      context.addIssue({ code: "custom", path: ["hours"], message: "Say how many hours it should run." });
  });

export const labour = z.object({
  v: v1,
  step: z.enum(STEPS),
  minutes: z.number().positive("Labour lasts longer than nothing.").max(1440, "That is more than a day: split it."),
  what: short("What the time went into").optional(),
});

/** What the owner was told it would cost, tax included. */
export const estimate = z.object({
  v: v1,
  labourMinutes: z.number().min(0).max(100_000),
  parts: money,
  total: money,
  remark: optionalText("The remark"),
});

export const WAYS = ["in person", "phone", "message", "letter"] as const;

/** The owner's yes to a sum, tax included: who said it, and how. */
export const approval = z.object({
  v: v1,
  limit: money.refine(({ minor }) => minor > 0, "An approved sum is above zero."),
  who: short("Who approved"),
  how: z.enum(WAYS),
  remark: optionalText("The remark"),
});

/** An entry of a kind or a version that this program does not know yet: kept as it came, and shown as such. */
export const unknown = z.object({
  v: v1,
  kind: z.string().min(1).max(80),
  payload: z.record(z.string(), z.unknown()),
});
