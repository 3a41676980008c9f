import { readLevel, writeLevel, type LevelPlace } from "../levels";
import { format, isMeant, notNumber, parseQuantity, BEYOND, printValue, readNumber, type Quantity } from "../quantity";
import type { ColumnQuantity } from "./quantities";
import type { Column } from "./schemas/sheet";

/** A figure of a row as it was typed, with its SI value; of words with choices, the place of the choice. */
export type CellRead = { ok: true; text: string; value?: number } | { ok: false; message: string };

const no = (message: string): CellRead => ({ ok: false, message });
const NUMBER = /^[-−+]?\s*(?:\d+(?:[.,]\d+)?|[.,]\d+)$/;
const DECIBELS = /^[-−+]?\s*(?:\d+(?:[.,]\d+)?|[.,]\d+)\s*db$/i;

/** Longest text of a cell. */
const LONGEST_CELL = 40;

/**
 * Reads what was typed in a cell.
 * @param column what belongs there, and the unit of a bare number @param place resistance and dial, for levels
 * @returns the SI value (a level as V across the load), or a sentence
 */
export function readCell(column: Column, typed: string, place: LevelPlace): CellRead {
  const text = typed.trim();
  if (text === "") return no(`${column.name} is empty.`);
  if (text.length > LONGEST_CELL) return no(`A figure is shorter than ${LONGEST_CELL} characters.`);
  const { quantity, unit, name, choices } = column;
  if (quantity === "text") {
    if (!choices) return { ok: true, text };
    const found = choices.findIndex((choice) => choice.toLowerCase() === text.toLowerCase());
    return found < 0
      ? no(`${name} is one of: ${choices.join(", ")}.`)
      : { ok: true, text: choices[found] ?? text, value: found };
  }
  const bare = NUMBER.test(text);
  if (quantity === "number" || quantity === "decibel") {
    const plain =
      quantity === "decibel" ? text.replace(/\s*db$/i, "") : text.replace(new RegExp(`\\s*${escape(unit)}$`, "i"), "");
    const value = readNumber(plain);
    return value === undefined ? no(notNumber(text)) : checked(column, text, value);
  }
  if (DECIBELS.test(text) && quantity !== "level")
    return no(`“${text}” is a ratio, and ${name} is measured in ${unit || "its unit"}: type the figure of the meter.`);
  if (quantity === "level") {
    const read = readLevel(bare && unit ? `${text} ${unit}` : text, place);
    return read.ok ? checked(column, text, read.value) : no(read.kind === "ambiguous" ? read.question : read.message);
  }
  const read = parseQuantity(bare && unit ? `${text} ${unit}` : text, quantity);
  if (!read.ok) return no(read.kind === "ambiguous" ? read.question : read.message);
  return checked(column, text, read.value);
}

const escape = (text: string) => text.replaceAll(/[.*+?^${}()|[\]\\/]/g, "\\$&");

/** Quantities that a meter shows above zero only, where the column says nothing else. */
const ABOVE_ZERO: readonly ColumnQuantity[] = ["frequency", "resistance", "capacitance", "inductance", "time"];

function checked({ quantity, name, signed }: Column, text: string, value: number): CellRead {
  if (!isMeant(value)) return no(BEYOND);
  const free = signed || quantity === "number" || quantity === "decibel" || quantity === "voltage";
  if (value < 0 && !free) return no(`${name} is below zero: are the leads the wrong way round?`);
  if (value === 0 && ABOVE_ZERO.includes(quantity) && !signed && quantity !== "time")
    return no(`${name} is above zero.`);
  return { ok: true, text, value };
}

/** Prints a value of a column: number and unit apart. @param ohms of levels */
export function printFigure(value: number, quantity: ColumnQuantity, unit = ""): { number: string; unit: string } {
  if (quantity === "decibel") return { number: tenths(value), unit: unit || "dB" };
  if (quantity === "number" || quantity === "text") return { number: digits(value), unit };
  if (quantity === "level") return printValue(value, "voltage");
  if (quantity === "percent") return printValue(value, quantity, Math.abs(value) < 0.1 ? 2 : 3);
  return printValue(value, quantity as Quantity);
}
export const figureText = (value: number, quantity: ColumnQuantity, unit = ""): string => {
  const printed = printFigure(value, quantity, unit);
  return printed.unit ? `${printed.number} ${printed.unit}` : printed.number;
};

const tenths = (value: number) => (Math.round(value * 10) / 10).toFixed(1).replace("-", "−").replace("−0.0", "0.0");
const digits = (value: number) => String(Number(value.toPrecision(3))).replace("-", "−");

/** A level in the unit that a person asked for. */
export const levelText = (volts: number, unit: "V" | "dBm" | "dBµV" | "W", ohms: number): string =>
  unit === "V" ? format(volts, "voltage") : writeLevel(volts, unit, ohms);
