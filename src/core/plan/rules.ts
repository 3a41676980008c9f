import { z } from "zod";
import { positive } from "../quantity";
import { SKILLS } from "./task";

const clockTime = z.string().regex(/^([01]\d|2[0-3]):[0-5]\d$/, "A time of day is like 09:00.");

/** Hours of one day; none on a day that somebody is not here. */
export const hoursSchema = z
  .object({ from: clockTime, to: clockTime })
  .refine(({ from, to }) => from < to, "The day ends after it begins.");
export type Hours = z.infer<typeof hoursSchema>;

/** Somebody's week, Monday first: seven days, each with its hours or without. */
export const weekSchema = z.array(hoursSchema.nullable()).length(7, "A week has seven days.");
export type Week = z.infer<typeof weekSchema>;

const NINE_TO_FIVE: Hours = { from: "09:00", to: "17:00" };
export const USUAL_WEEK: Week = [NINE_TO_FIVE, NINE_TO_FIVE, NINE_TO_FIVE, NINE_TO_FIVE, NINE_TO_FIVE, null, null];

/** What somebody gives to the shop: their week, what they can do, and how much of the day is bench time. */
export const workerSchema = z.object({
  week: weekSchema.default(USUAL_WEEK),
  skills: z.array(z.enum(SKILLS)).default([...SKILLS]),
});
export type WorkerRules = z.infer<typeof workerSchema>;

/** What a plan goes by. Every figure is a rule of the shop. */
export const planRulesSchema = z.object({
  /** places at which a set can stand open */
  benches: z.number().int().min(1, "A shop has at least one bench.").max(50).default(3),
  /** of an hour in the shop, so much is work that is written down; the rest is telephone, tidying, tea */
  workShare: positive().max(1, "More than the whole hour is not to be had.").default(0.75),
  /** a parcel that was not promised for a day: days, half of the cases and nine of ten */
  parcelDays: z.object({ median: positive().max(120), p90: positive().max(240) }).default({ median: 4, p90: 9 }),
  /** a parcel that was promised for a day is later than that by so many days in one of ten cases */
  parcelSlip: z.number().min(0).max(60).default(2),
  answerDays: z.object({ median: positive().max(120), p90: positive().max(240) }).default({ median: 2, p90: 7 }),
  processDays: z.object({ median: positive().max(120), p90: positive().max(240) }).default({ median: 1, p90: 2 }),
});
export type PlanRules = z.infer<typeof planRulesSchema>;
export const USUAL_PLAN: PlanRules = planRulesSchema.parse({});
