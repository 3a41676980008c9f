import { z } from "zod";
import { GRADED_PARTS, GRADES, POLICIES, switchesOf, type Grade } from "@/core/policy";
import type { ContentOf } from "@/core/kinds";
import { formatMoney, parseMoney } from "@/core/quantity";
import { sheetSchema, SUPPLIES } from "@/core/model";

const word = (what: string, longest = 80) =>
  z.string().trim().min(1, `${what} is missing.`).max(longest, `${what} is longer than ${longest} characters.`);
const optional = z.string().trim().max(2000, "Longer than 2000 characters: put the rest into a note.");
const list = (text: string) =>
  text
    .split(/[,\n]/)
    .map((item) => item.trim())
    .filter(Boolean);
const thisYear = () => new Date().getFullYear();

/** The take-in as it is typed: lists are one text, separated by commas. */
export const takeInFields = z.object({
  complaint: word("The complaint", 2000),
  since: optional,
  wants: optional,
  policy: z.enum(POLICIES),
  received: optional,
  missing: optional,
  earlierWork: optional,
  loose: optional,
  cosmetic: optional,
  dateCodes: optional,
  provenance: optional,
  costLimit: z
    .string()
    .refine(
      (text) => text.trim() === "" || parseMoney(text, "EUR") !== undefined,
      "An amount is needed, like 250 or 250 EUR.",
    ),
  /** a grade for each part of the outside that was looked at; empty where none was given */
  grades: z.record(z.string(), z.enum(["", ...GRADES])),
  /** answers where schools disagree; empty: as the policy has it */
  switches: z.record(z.string(), z.string()),
});
export type TakeInFields = z.infer<typeof takeInFields>;

export const EMPTY_TAKE_IN: TakeInFields = {
  complaint: "",
  since: "",
  wants: "",
  policy: "original",
  received: "",
  missing: "",
  earlierWork: "",
  loose: "",
  cosmetic: "",
  dateCodes: "",
  provenance: "",
  costLimit: "",
  grades: Object.fromEntries(GRADED_PARTS.map((part) => [part, ""])),
  switches: {},
};

type TakeIn = ContentOf<"take-in">["payload"];

/** A take-in that was written down, back in its fields. */
export function fieldsOfTakeIn(payload: TakeIn): TakeInFields {
  const { v: _v, received, missing, costLimit, grades = [], switches = {}, ...words } = payload;
  return {
    ...EMPTY_TAKE_IN,
    ...words,
    received: received.join(", "),
    missing: missing.join(", "),
    costLimit: costLimit ? formatMoney(costLimit) : "",
    grades: { ...EMPTY_TAKE_IN.grades, ...Object.fromEntries(grades.map(({ part, grade }) => [part, grade])) },
    switches: { ...switches },
  };
}

type Word = "since" | "wants" | "earlierWork" | "loose" | "cosmetic" | "dateCodes" | "provenance";

/**
 * The typed fields as the payload of a take-in entry.
 * @param currency of the shop, for a limit that names none
 */
export function takeInPayload(fields: TakeInFields, currency: string): TakeIn {
  const grades = Object.entries(fields.grades).flatMap(([part, grade]) =>
    grade ? [{ part, grade: grade as Grade }] : [],
  );
  const switches = switchesOf(fields.switches);
  const costLimit = parseMoney(fields.costLimit, currency);
  const filled = (key: Word) => (fields[key].trim() ? { [key]: fields[key].trim() } : {});
  return {
    v: 1 as const,
    complaint: fields.complaint,
    policy: fields.policy,
    received: list(fields.received),
    missing: list(fields.missing),
    ...filled("since"),
    ...filled("wants"),
    ...filled("earlierWork"),
    ...filled("loose"),
    ...filled("cosmetic"),
    ...filled("dateCodes"),
    ...filled("provenance"),
    ...(grades.length > 0 ? { grades } : {}),
    ...(costLimit ? { costLimit } : {}),
    ...(Object.keys(switches).length > 0 ? { switches } : {}),
  };
}

const number = (what: string, from: number, to: number) =>
  z.coerce
    .number<string>(`${what} is a number.`)
    .min(from, `${what} lies between ${from} and ${to}.`)
    .max(to, `${what} lies between ${from} and ${to}.`);

const newModel = z.object({
  maker: word("The maker"),
  designation: word("The model's name or number"),
  nickname: z.string().trim().max(80),
  year: z.union([z.literal(""), number("The year", 1890, thisYear())]),
  kind: word("What it is", 120),
  supply: z.enum(SUPPLIES),
  lineVolts: number("The supply voltage", 1, 480),
  highestVolts: number("The highest voltage inside", 1, 20_000),
  dialect: z.enum(["", "m-is-thousand", "m-is-million"]),
});

export const newJobFields = z.object({
  /** a set that was here before, or empty */
  setId: z.string(),
  owner: z.string().trim().max(80),
  contact: z.string().trim().max(200),
  model: z.string().trim().max(160),
  newModel: newModel.optional(),
  serial: z.string().trim().max(60, "A serial number is shorter than 60 characters."),
  takeIn: takeInFields,
});
export type NewJobFields = z.input<typeof newJobFields>;

type NewModel = z.output<typeof newModel>;

/** The sheet of a model that is known only by its supply: parts and charts are added in Reference. */
export function sheetOf({ kind, supply, lineVolts, highestVolts, dialect }: NewModel) {
  return sheetSchema.parse({
    kind,
    supply,
    lineVolts,
    highestVolts,
    ...(dialect ? { dialect } : {}),
    tubes: [],
    components: [],
    points: [],
    cautions: [],
  });
}
