import { z } from "zod";
import { POLICIES } from "@/core/history";
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
};

/** The typed fields as the payload of a take-in entry. */
export function takeInPayload(fields: TakeInFields) {
  const filled = (key: "since" | "wants" | "earlierWork" | "loose" | "cosmetic") =>
    fields[key].trim() ? { [key]: fields[key].trim() } : {};
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
