import { z } from "zod";
import { SET_CLASSES } from "@/core/plan";

const words = (most: number) => z.string().trim().max(most, `At most ${most} characters.`);

/** An enquiry as its form holds it. */
export const enquiryFields = z.object({
  caller: words(120).min(1, "Who is calling?"),
  reach: words(160),
  what: words(160).min(1, "What set is it? A word or two is enough."),
  model: z.string(),
  setClass: z.enum(["", ...SET_CLASSES]),
  complaint: words(1000),
  said: words(1000),
  expectedOn: z.union([z.literal(""), z.iso.date("A day is like 2026-12-04.")]),
});
export type EnquiryFieldsTyped = z.infer<typeof enquiryFields>;

export const NO_ENQUIRY: EnquiryFieldsTyped = {
  caller: "",
  reach: "",
  what: "",
  model: "",
  setClass: "",
  complaint: "",
  said: "",
  expectedOn: "",
};
