import type { ContentOf } from "@/core/kinds";
import { looksLikeMilliamps, type Danger, type Method, type PlanStep } from "@/core/power";
import { ownValue, parseQuantity, type Quantity } from "@/core/quantity";

type Payload = ContentOf<"power-step">["payload"];

/** What is read at a step while it is typed. */
export const READINGS = ["lineVolts", "amps", "bplus", "heaters", "endAmps"] as const;
export type ReadingKey = (typeof READINGS)[number];
export type TypedStep = Record<ReadingKey, string> & {
  lamp: "" | "dark" | "dim" | "bright";
  remark: string;
  /** volts at each heater winding, by its name */
  rails: Readonly<Record<string, string>>;
};

/** A field of a step: one of its readings, or a heater winding by its name. */
export type StepField = ReadingKey | { rail: string };
export const fieldKey = (field: StepField): string => (typeof field === "string" ? field : `rail ${field.rail}`);
export const typedAt = (typed: TypedStep, field: StepField): string =>
  typeof field === "string" ? typed[field] : (ownValue(typed.rails, field.rail) ?? "");
/** What was typed, with another text in one of its fields. */
export const typedWith = (typed: TypedStep, field: StepField, text: string): Partial<TypedStep> =>
  typeof field === "string" ? { [field]: text } : { rails: { ...typed.rails, [field.rail]: text } };

export const EMPTY: TypedStep = {
  lineVolts: "",
  amps: "",
  bplus: "",
  heaters: "",
  endAmps: "",
  lamp: "",
  remark: "",
  rails: {},
};

const QUANTITY: Record<ReadingKey, Quantity> = {
  lineVolts: "voltage",
  amps: "current",
  bplus: "voltage",
  heaters: "voltage",
  endAmps: "current",
};

/** The readings that a step asks for, in the order in which they come. */
export function readingsOf(step: PlanStep): StepField[] {
  const rails = (step.expected.rails ?? []).map(({ name }) => ({ rail: name }));
  return [
    "lineVolts",
    "amps",
    ...(step.measures.includes("bplus") ? (["bplus"] as const) : []),
    ...(!step.measures.includes("heaters") ? [] : rails.length > 0 ? rails : (["heaters"] as const)),
    "endAmps",
  ];
}

export type CellRead =
  | { kind: "empty" }
  | { kind: "value"; value: number }
  | { kind: "problem"; message: string }
  /** milliamperes, or amperes? The choices are texts that read in one way */
  | { kind: "question"; text: string; choices: string[] };

/** Reads one reading as typed; a bare number is volts or amperes, and amperes that cannot be are asked about. */
export function readCell(field: StepField, text: string, step: PlanStep): CellRead {
  const key = typeof field === "string" ? field : "heaters";
  const trimmed = text.trim();
  if (trimmed === "") return { kind: "empty" };
  const bare = QUANTITY[key] === "current" && /^[\d.,]+$/.test(trimmed);
  const parsed = parseQuantity(bare ? `${trimmed} A` : trimmed, QUANTITY[key]);
  if (!parsed.ok) {
    if (parsed.kind === "ambiguous")
      return { kind: "question", text: parsed.question, choices: parsed.choices.map((choice) => choice.text) };
    return { kind: "problem", message: parsed.message };
  }
  if (parsed.value < 0) return { kind: "problem", message: "Below zero: the leads are the wrong way round." };
  if (key === "lineVolts" && parsed.value > 500)
    return { kind: "problem", message: "A line voltage lies below 500 V." };
  if (bare && looksLikeMilliamps(parsed.value, step.expected.fullAmps))
    return {
      kind: "question",
      text: `${trimmed} A is far more than this set can draw. Which is it?`,
      choices: [`${trimmed} mA`, `${trimmed} A`],
    };
  return { kind: "value", value: parsed.value };
}

type Circumstances = { method: Method; lineHz: number; held?: number | undefined; seen?: readonly Danger[] };

/** What was typed as the entry that it makes. Cells that do not read are left out: the caller refuses them first. */
export function stepPayload(
  typed: TypedStep,
  step: PlanStep,
  { method, lineHz, held, seen = [] }: Circumstances,
): Payload {
  const value = (field: StepField) => {
    const text = typedAt(typed, field).trim();
    const cell = readCell(field, text, step);
    return cell.kind === "value" ? { text, value: cell.value } : undefined;
  };
  const fields = readingsOf(step);
  const asked = fields.map((field) => {
    const read = typeof field === "string" ? value(field) : undefined;
    return read && typeof field === "string" ? { [field]: read } : {};
  });
  const rails = fields.flatMap((field) => {
    const read = typeof field === "string" ? undefined : value(field);
    return read && typeof field !== "string" ? [{ name: field.rail, ...read }] : [];
  });
  const lamp = step.measures.includes("lamp") ? { lamp: typed.lamp || ("dim" as const) } : {};
  return {
    v: 1,
    method,
    stage: step.stage,
    fraction: step.fraction,
    ...Object.assign({}, ...asked),
    ...(rails.length > 0 ? { rails } : {}),
    lineHz,
    ...(held === undefined ? {} : { held }),
    ...lamp,
    seen: [...seen],
    ...(typed.remark.trim() ? { remark: typed.remark.trim() } : {}),
    expected: step.expected,
  };
}

/** Why a step cannot be written yet; undefined when it can. */
export function stepTrouble(typed: TypedStep, step: PlanStep): string | undefined {
  for (const field of readingsOf(step)) {
    const cell = readCell(field, typedAt(typed, field), step);
    if (cell.kind === "problem") return cell.message;
    if (cell.kind === "question") return cell.text;
  }
  if (typed.amps.trim() === "") return "The current is what tells: read the ammeter and write it down.";
  if (step.measures.includes("lamp") && typed.lamp === "") return "Say how the lamp glows: dark, dim or bright.";
  return undefined;
}
