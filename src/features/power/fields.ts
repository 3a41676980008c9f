import type { ContentOf } from "@/core/kinds";
import { looksLikeMilliamps, type Danger, type Method, type PlanStep } from "@/core/power";
import { parseQuantity, type Quantity } from "@/core/quantity";

type Payload = ContentOf<"power-step">["payload"];

/** What is read at a step while it is typed. */
export const READINGS = ["lineVolts", "amps", "bplus", "heaters", "endAmps"] as const;
export type ReadingKey = (typeof READINGS)[number];
export type TypedStep = Record<ReadingKey, string> & { lamp: "" | "dark" | "dim" | "bright"; remark: string };

export const EMPTY: TypedStep = { lineVolts: "", amps: "", bplus: "", heaters: "", endAmps: "", lamp: "", remark: "" };

const QUANTITY: Record<ReadingKey, Quantity> = {
  lineVolts: "voltage",
  amps: "current",
  bplus: "voltage",
  heaters: "voltage",
  endAmps: "current",
};

/** The readings that a step asks for, in the order in which they come. */
export function readingsOf(step: PlanStep): ReadingKey[] {
  return [
    "lineVolts",
    "amps",
    ...(step.measures.includes("bplus") ? (["bplus"] as const) : []),
    ...(step.measures.includes("heaters") ? (["heaters"] as const) : []),
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
export function readCell(key: ReadingKey, text: string, step: PlanStep): CellRead {
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

export type StepRead = { cells: Record<ReadingKey, CellRead>; clear: boolean };

export function readStep(typed: TypedStep, step: PlanStep): StepRead {
  const cells = Object.fromEntries(READINGS.map((key) => [key, readCell(key, typed[key], step)])) as StepRead["cells"];
  const asked = readingsOf(step);
  return { cells, clear: asked.every((key) => cells[key].kind === "empty" || cells[key].kind === "value") };
}

type Circumstances = { method: Method; lineHz: number; held?: number | undefined; seen?: readonly Danger[] };

/** What was typed as the entry that it makes. Cells that do not read are left out: the caller refuses them first. */
export function stepPayload(
  typed: TypedStep,
  step: PlanStep,
  { method, lineHz, held, seen = [] }: Circumstances,
): Payload {
  const { cells } = readStep(typed, step);
  const value = (key: ReadingKey) => {
    const cell = cells[key];
    return cell.kind === "value" ? { [key]: { text: typed[key].trim(), value: cell.value } } : {};
  };
  const asked = readingsOf(step).map(value);
  const lamp = step.measures.includes("lamp") ? { lamp: typed.lamp || ("dim" as const) } : {};
  return {
    v: 1,
    method,
    stage: step.stage,
    fraction: step.fraction,
    ...Object.assign({}, ...asked),
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
  const { cells } = readStep(typed, step);
  for (const key of readingsOf(step)) {
    const cell = cells[key];
    if (cell.kind === "problem") return cell.message;
    if (cell.kind === "question") return cell.text;
  }
  if (cells.amps.kind === "empty") return "The current is what tells: read the ammeter and write it down.";
  if (step.measures.includes("lamp") && typed.lamp === "") return "Say how the lamp glows: dark, dim or bright.";
  return undefined;
}
