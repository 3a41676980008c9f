/** How a visit decides where schools disagree: its policy, its own answers, and the grades of the outside. */
import { z } from "zod";

/** How a visit decides where schools disagree. */
export const POLICIES = ["reliability", "original", "museum"] as const;
export type Policy = (typeof POLICIES)[number];
export const POLICY_NAMES: Record<Policy, string> = {
  reliability: "Reliability first",
  original: "Original parts first",
  museum: "Museum",
};

/** Grades of the outside. */
export const GRADES = ["as-new", "good", "worn", "poor", "missing"] as const;
export type Grade = (typeof GRADES)[number];
/** Parts of the outside that are usually graded. */
export const GRADED_PARTS = ["cabinet", "dial", "knobs", "cloth", "chassis"] as const;

/** The questions on which a visit may choose for itself, with their answers in words. */
export const SWITCHES = {
  power: {
    question: "First power",
    answers: { variac: "slow rise on a variac", lamp: "straight on through a series lamp" },
  },
  resistors: {
    question: "Resistors",
    answers: {
      nominal: "replace all beyond their tolerance",
      twice: "replace beyond twice the tolerance",
      keep: "leave those that work",
    },
  },
  modify: {
    question: "Modifications",
    answers: { none: "keep unmodified", reversible: "only reversible ones", free: "freely" },
  },
  earlier: {
    question: "Earlier modifications",
    answers: { "put-back": "put back to original", keep: "keep if sound" },
  },
  align: {
    question: "Alignment",
    answers: {
      ear: "by ear on known stations",
      meter: "generator and output meter",
      sweep: "sweep",
      leave: "leave it as it is",
    },
  },
} as const;
export type SwitchName = keyof typeof SWITCHES;
export const SWITCH_NAMES = Object.keys(SWITCHES) as SwitchName[];

export const switchesSchema = z.object({
  power: z.enum(["variac", "lamp"]).optional(),
  resistors: z.enum(["nominal", "twice", "keep"]).optional(),
  modify: z.enum(["none", "reversible", "free"]).optional(),
  earlier: z.enum(["put-back", "keep"]).optional(),
  align: z.enum(["ear", "meter", "sweep", "leave"]).optional(),
});
export type Switches = z.infer<typeof switchesSchema>;

/** An answer in words. */
export const answerOf = (name: SwitchName, answer: string): string =>
  (SWITCHES[name].answers as Record<string, string>)[answer] ?? answer;

/** The answers among what was chosen; an empty or unknown one is none. */
export function switchesOf(chosen: Readonly<Record<string, string>>): Switches {
  const answered = SWITCH_NAMES.flatMap((name) => {
    const answer = chosen[name];
    return answer && answer in SWITCHES[name].answers ? [[name, answer] as const] : [];
  });
  return switchesSchema.parse(Object.fromEntries(answered));
}
