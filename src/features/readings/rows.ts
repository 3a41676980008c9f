import { looksLikeMilliamps } from "@/core/power";
import { parseQuantity, QUANTITY_WORDS, type Quantity } from "@/core/quantity";
import {
  judge,
  parseMeasured,
  type Circumstances,
  type Judgement,
  type Expected,
  type PointRow,
} from "@/core/readings";

export type Live =
  { kind: "empty" } | { kind: "value"; value: number; judgement: Judgement } | { kind: "problem"; message: string };

/** A reading as it is written down: a bare number at a current is amperes. */
export const withUnit = (text: string, row: PointRow): string =>
  row.quantity === "current" && /^[-−+]?[\d.,]+$/.test(text.trim()) ? `${text.trim()} A` : text.trim();

/** What a cell says while it is being typed. */
export function liveVerdict(text: string, row: PointRow, circumstances: Circumstances): Live {
  if (text.trim() === "") return { kind: "empty" };
  const written = withUnit(text, row);
  const parsed = parseMeasured(written, row.quantity);
  if (!parsed.ok) return { kind: "problem", message: parsed.kind === "ambiguous" ? parsed.question : parsed.message };
  if (written !== text.trim() && looksLikeMilliamps(parsed.value, row.expected?.value))
    return {
      kind: "problem",
      message: `${written} is far more than belongs here: write ${text.trim()} mA, or ${written} if it is that.`,
    };
  const judgement = judge({
    quantity: row.quantity,
    measured: parsed.value,
    expected: row.expected,
    ...circumstances,
    inCircuit: row.quantity === "resistance" && row.phase !== "cold" ? true : undefined,
  });
  return { kind: "value", value: parsed.value, judgement };
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
