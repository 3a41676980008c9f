import { format } from "./format";
import { scanValue, type BareRules } from "./scan";
import { normalise, skipSpace } from "./scan-number";
import { QUANTITIES, QUANTITY_WORDS, type Quantity } from "./units";

/**
 * What a text turned out to be. An ambiguity is a result of its own: the caller shows the question and the choices,
 * each with a text that reads in one way only.
 */
export type Parsed<T> =
  | { ok: true; value: T }
  | { ok: false; kind: "ambiguous"; question: string; choices: { text: string; value: T }[] }
  | { ok: false; kind: "unreadable"; at: number; message: string };

/** Longest text that is looked at; a value on a drawing is never near it. */
export const LONGEST_VALUE = 200;

export const unreadable = (at: number, message: string) => ({ ok: false, kind: "unreadable", at, message }) as const;

/**
 * Turns a list of readings into a result: one is an answer, several are a question.
 * @param show prints a reading so that it parses back in one way
 */
export function settle<T>(text: string, readings: T[], show: (value: T) => string): Parsed<T> | undefined {
  const choices = [...new Map(readings.map((value) => [show(value), { text: show(value), value }])).values()];
  const [first] = choices;
  if (!first) return undefined;
  if (choices.length === 1) return { ok: true, value: first.value };
  const listed = choices.map((choice) => choice.text).join(" or ");
  return { ok: false, kind: "ambiguous", question: `“${text.trim()}” can be read as ${listed}. Which is it?`, choices };
}

/** Quantities other than the wanted one that the whole text would be, for the sentence that says so. */
export function otherQuantity(text: string, wanted: Quantity): string | undefined {
  for (const quantity of QUANTITIES) {
    if (quantity === wanted) continue;
    const start = skipSpace(text, 0);
    const found = scanValue(text, start, quantity, {}).find(
      (scan) => scan.end > start && skipSpace(text, scan.end) === text.length,
    );
    if (found && /[a-zµΩ%]/i.test(text)) return `${QUANTITY_WORDS[quantity]} (${format(found.value, quantity)})`;
  }
  return undefined;
}

export function mismatch(text: string, wanted: Quantity): Parsed<never> {
  const other = otherQuantity(text, wanted);
  const shown = text.trim();
  if (shown === "") return unreadable(0, `Nothing is written; ${QUANTITY_WORDS[wanted]} belongs here.`);
  if (other) return unreadable(0, `“${shown}” is ${other}; ${QUANTITY_WORDS[wanted]} belongs here.`);
  if (/^[-−+]?[\d.,]+$/.test(shown)) return unreadable(shown.length, `“${shown}” needs its unit.`);
  return unreadable(0, `“${shown}” does not read as ${QUANTITY_WORDS[wanted]}.`);
}

function compoundTime(text: string): number | undefined {
  const found = /^\s*(\d+)\s*h\s*(\d{1,2})\s*(?:min|m)?\s*[.,;]?\s*$/i.exec(text);
  return found ? Number(found[1]) * 3600 + Number(found[2]) * 60 : undefined;
}

/** What may stand behind a value: the stop of a sentence or of a list. */
const ENDS = /^\s*[.,;]?\s*$/;

/**
 * Reads one value of a known quantity from the whole of a text.
 *
 * @param typed as typed, e.g. `248`, `4k7`, `8 mfd`, `465 kc`, `0,047µ`
 * @param quantity what belongs there
 * @param rules dialect of the drawing, and whether a bare capacitance belongs to an electrolytic
 * @returns the value in the SI base unit; an ambiguity; or a sentence with the place that was not understood
 * @example parseQuantity("50M", "resistance") // ambiguous: 50 kΩ or 50 MΩ
 */
export function parseQuantity(typed: string, quantity: Quantity, rules: BareRules = {}): Parsed<number> {
  const text = normalise(typed);
  if (text.length > LONGEST_VALUE)
    return unreadable(LONGEST_VALUE, `A value is shorter than ${LONGEST_VALUE} characters.`);
  if (quantity === "time") {
    const seconds = compoundTime(text);
    if (seconds !== undefined) return { ok: true, value: seconds };
  }
  const scans = scanValue(text, skipSpace(text, 0), quantity, rules);
  const whole = scans.filter((scan) => ENDS.test(text.slice(scan.end))).map((scan) => scan.value);
  return settle(text, whole, (value) => format(value, quantity, 12)) ?? mismatch(text, quantity);
}
