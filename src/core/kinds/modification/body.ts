import { z } from "zod";
import { fitted, items, optionalText, short, text } from "../../log";
import { STAGE_KINDS, SUPPLIES } from "../../model";
import { CHASSIS, TAP_KINDS } from "./values";

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
const needBase = { text: z.string().trim().min(1, "Say what must be true.").max(300) };
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
export type ModNeed = z.infer<typeof needSchema>;

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
