import { buildReading, type TypedReading } from "@/core/kinds";
import { parseQuantity, QUANTITY_WORDS, type Quantity } from "@/core/quantity";
import type { Expected, Judgement, PointRow } from "@/core/readings";

export type Live =
  { kind: "empty" } | { kind: "value"; value: number; judgement: Judgement } | { kind: "problem"; message: string };

/**
 * What a cell says while it is being typed. The reading is built as it would be written, so that the cell judges it as
 * the bench line does.
 */
export function liveReading(typed: TypedReading): Live {
  if (typed.text.trim() === "") return { kind: "empty" };
  const built = buildReading(typed);
  if (built.kind === "reading") {
    const { payload, judgement } = built;
    return { kind: "value", value: payload.measured.value, judgement };
  }
  if (built.kind === "problem") return { kind: "problem", message: built.message };
  const ways = built.choices.map(({ text }) => text).join(" or ");
  return { kind: "problem", message: `${built.question} Write ${ways}.` };
}

/** The line voltage as typed: volts, or why it is none. Empty is allowed. */
export function lineVoltsOf(text: string): { volts?: number; message?: string } {
  if (text.trim() === "") return {};
  const parsed = parseQuantity(text, "voltage");
  if (!parsed.ok) return { message: parsed.kind === "ambiguous" ? parsed.question : parsed.message };
  if (parsed.value <= 0 || parsed.value > 480) return { message: "A line voltage lies between 0 and 480 V." };
  return { volts: parsed.value };
}

export type NewPoint = { row: PointRow } | { message: string };

/** A point beyond the chart, with what is expected there, if anything is. */
export function newPoint(
  point: string,
  quantity: Quantity,
  expected: string,
  tolerance: number,
  taken: readonly string[],
): NewPoint {
  const name = point.trim();
  if (!name) return { message: "Name the point, like V4 plate or B+." };
  if (name.length > 120) return { message: "A point's name is shorter than 120 characters." };
  if (taken.some((other) => other.toLowerCase() === name.toLowerCase()))
    return { message: `${name} is in the table already.` };
  if (!expected.trim()) return { row: { point: name, quantity } };
  const parsed = parseQuantity(expected, quantity);
  if (!parsed.ok)
    return {
      message:
        parsed.kind === "ambiguous"
          ? parsed.question
          : `Expected: ${QUANTITY_WORDS[quantity]} belongs here. ${parsed.message}`,
    };
  const value: Expected = { text: expected.trim(), value: parsed.value, tolerance };
  return { row: { point: name, quantity, expected: value } };
}
