import { planRulesSchema, weekSchema, type Hours, type PlanRules, type Week } from "@/core/plan";
import { readNumber } from "@/core/quantity";

export const WEEKDAYS = ["Monday", "Tuesday", "Wednesday", "Thursday", "Friday", "Saturday", "Sunday"] as const;

type Read<T> = { ok: true; value: T } | { ok: false; problems: Record<string, string> };

/** A day as it is typed: `9:00–17:00`; nothing when somebody is not here. */
export const typedDay = (hours: Hours | null): string => (hours ? `${hours.from}–${hours.to}` : "");

const TIME = String.raw`(\d{1,2})(?:[:.h](\d{2})?)?`;
const SPAN = new RegExp(String.raw`^\s*${TIME}\s*(?:-|–|to)\s*${TIME}\s*$`, "i");

const clock = (hours = "", minutes = "00"): string => `${hours.padStart(2, "0")}:${minutes}`;

/** Reads the days of a week: `9-17`, `8:30 to 12`, nothing for a day off. */
export function readWeek(days: readonly string[]): Read<Week> {
  const problems: Record<string, string> = {};
  const week = days.map((text, index): Hours | null => {
    if (text.trim() === "") return null;
    const found = SPAN.exec(text);
    const hours = found ? { from: clock(found[1], found[2]), to: clock(found[3], found[4]) } : undefined;
    const read = weekSchema.element.safeParse(hours);
    if (read.success) return read.data;
    problems[`day${index}`] = hours
      ? (read.error.issues[0]?.message ?? "")
      : "Hours are like 9:00–17:00; leave it empty for a day off.";
    return null;
  });
  return Object.keys(problems).length > 0 ? { ok: false, problems } : { ok: true, value: week };
}

/** The rules of the plan as their form has them. */
export const typedRules = (rules: PlanRules): Record<string, string> => ({
  benches: String(rules.benches),
  workShare: String(Math.round(rules.workShare * 100)),
  parcelMedian: String(rules.parcelDays.median),
  parcelP90: String(rules.parcelDays.p90),
  parcelSlip: String(rules.parcelSlip),
  answerMedian: String(rules.answerDays.median),
  answerP90: String(rules.answerDays.p90),
  processMedian: String(rules.processDays.median),
  processP90: String(rules.processDays.p90),
});

const number = (text = ""): number => readNumber(text, /%|days?/) ?? Number.NaN;

/** Where a field of the form lies in the rules. */
const FIELDS: Record<string, string> = {
  benches: "benches",
  workShare: "workShare",
  "parcelDays.median": "parcelMedian",
  "parcelDays.p90": "parcelP90",
  parcelSlip: "parcelSlip",
  "answerDays.median": "answerMedian",
  "answerDays.p90": "answerP90",
  "processDays.median": "processMedian",
  "processDays.p90": "processP90",
};

/** Reads the rules of the plan; every problem stands beside its field. */
export function readRules(typed: Record<string, string>): Read<PlanRules> {
  const problems: Record<string, string> = {};
  for (const [key, text] of Object.entries(typed))
    if (!Number.isFinite(number(text))) problems[key] = "That is not a number.";
  const spread = (name: string) => ({ median: number(typed[`${name}Median`]), p90: number(typed[`${name}P90`]) });
  const read = planRulesSchema.safeParse({
    benches: number(typed.benches),
    workShare: number(typed.workShare) / 100,
    parcelDays: spread("parcel"),
    parcelSlip: number(typed.parcelSlip),
    answerDays: spread("answer"),
    processDays: spread("process"),
  });
  if (!read.success)
    for (const { path, message } of read.error.issues) problems[FIELDS[path.join(".")] ?? path.join(".")] ??= message;
  for (const name of ["parcel", "answer", "process"])
    if (number(typed[`${name}P90`]) < number(typed[`${name}Median`]))
      problems[`${name}P90`] ??= "Nine of ten take at least as long as half of them.";
  return read.success && Object.keys(problems).length === 0 ? { ok: true, value: read.data } : { ok: false, problems };
}
