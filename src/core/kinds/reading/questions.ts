import { format, parseQuantity } from "../../quantity";
import { asWords, textOf, type LineReading, type Piece } from "../../shorthand";
import { quantityByUnit, type Apart } from "./clauses";
import type { PointHead } from "./points";

/** What a reading's line leaves open, as questions; each answer is a line that reads. */

/** What the chart says stands behind it: `92, should be 110`. */
const SHOULD_BE =
  /^\(?(?:(?:it\s+)?should\s+(?:be|read)|(?:chart|book|sheet|spec|drawing)(?:\s+(?:says|is|value))?|expected|nominal(?:ly)?|instead\s+of|not|spec(?:ified)?)\s*:?\s+([-−+]?[\d.,]*\d\s?[mk]?V?)\)?$/i;

/** Figures behind the figure: the line voltage, or a remark? */
export function askRest(line: string, value: Piece, { figure, rest }: Apart): LineReading {
  const around = (behind: string) => `${line.slice(0, figure.end)}${behind}${line.slice(value.end)}`;
  // The line is told beside volts and currents alone: `20M at 500V` is how an insulation was tested.
  const electric = quantityByUnit(textOf(figure)) !== "resistance";
  const volts =
    electric && /^(?:at|with|on)?\s*(?:a\s+)?(\d{2,3}(?:[.,]\d+)?)\s*v?\s*(?:line|mains|ac)?$/i.exec(rest)?.[1];
  const should = SHOULD_BE.exec(rest)?.[1];
  return {
    kind: "question",
    question: `What is “${rest}” behind ${textOf(figure)}?`,
    choices: [
      ...(volts ? [{ label: `The line voltage: ${volts} V`, text: around(` @ ${volts}`) }] : []),
      ...(should ? [{ label: `It should be ${should}`, text: around(` for ${should}`) }] : []),
      { label: `A remark: ${rest}`, text: `${line.slice(0, figure.end)}${line.slice(value.end)}: ${rest}` },
      { label: "A note", text: `note ${line.trim()}` },
    ],
  };
}

const OFF_BY = /^(?:too\s+)?(low|high|below|above|under|over|down|up|short)$/i;
/** A figure that is less than half of what belongs there may be the difference. */
const HALF = 0.5;

/** `B+ 12 V low`, `B+ 8 % low`: so much less than the chart says, or no more than that? */
export function askDifference(line: string, { point, row }: PointHead, value: Piece): LineReading | undefined {
  const expected = row?.expected?.value;
  const [, figure = "", share, word = ""] = /^([\d.,]*\d\s?(?:(%)|[mk]?V))\s+(\S.*)$/i.exec(textOf(value)) ?? [];
  const way = OFF_BY.exec(word)?.[1]?.toLowerCase();
  if (!way || !row || !expected || (row.quantity !== "voltage" && row.quantity !== "ac-voltage")) return undefined;
  const read = share ? undefined : parseQuantity(figure, row.quantity);
  const by = share
    ? (expected * Number.parseFloat(figure.replace(",", "."))) / 100
    : read?.ok
      ? read.value
      : Number.NaN;
  if (!(by > 0) || by >= Math.abs(expected) * HALF) return undefined;
  const less = /^(?:low|below|under|down|short)$/.test(way);
  const volts = Number((expected > 0 === less ? expected - by : expected + by).toPrecision(4));
  const tail = line.slice(value.end);
  return {
    kind: "question",
    question: `${point}: is ${figure} the reading, or how far it is from ${format(expected, row.quantity)}?`,
    choices: [
      ...(share ? [] : [{ label: `It read ${figure}`, text: `${point} ${figure}${tail}: ${word}` }]),
      { label: `It read ${format(volts, row.quantity)}`, text: `${point} ${volts} V${tail}: ${figure} ${word}` },
      { label: "A note", text: `note ${line.trim()}` },
    ],
  };
}

/** Words behind the name of a phase: `250 cold, 240 warm` are two readings, or one and a remark. */
export function askLeft(line: string, left: Piece): LineReading {
  const before = line.slice(0, left.start).replace(/[\s,]+$/, "");
  return {
    kind: "question",
    question: `What is “${textOf(left)}” behind “${before}”?`,
    choices: [
      { label: `A remark: ${textOf(left)}`, text: `${before}${line.slice(left.end)}: ${textOf(left)}` },
      { label: "A note", text: `note ${line.trim()}` },
    ],
  };
}

/** A name that nobody knows, and a figure that is none. */
export const askUnknown = (line: string, value: string): LineReading => ({
  kind: "question",
  question: `“${value}” is not a figure with a unit. What is this? A remark goes after a colon: 248 V: remark.`,
  choices: asWords(line),
});

/** A point with words and no figure: `V3 plate low`. */
export const askNoFigure = (line: string, point: string, words: string): LineReading => ({
  kind: "question",
  question: `${point}: “${words}” is no figure. What is it?`,
  choices: [
    ...(/^(?:nothing|none|no volt(?:s|age)|zero|dead|missing)$/i.test(words)
      ? [{ label: "It measured 0 V", text: `${point} 0 V` }]
      : []),
    ...asWords(line),
  ],
});

/** Asks what a figure without a unit is, at a point that nobody knows. */
export function askUnit(line: string, value: Piece, point: string): LineReading {
  const text = textOf(value);
  const units = ["V", "Ω", "mA", "A"].map((unit) => ({
    label: `${text} ${unit}`,
    text: line.slice(0, value.end) + ` ${unit}` + line.slice(value.end),
  }));
  return {
    kind: "question",
    question: `“${point}” is not a point of this set. What is ${text}: a reading with its unit, or a note?`,
    choices: [...units.slice(0, 3), { label: "A note", text: `note ${line.trim()}` }],
  };
}

const BARE_KILO = /^[\d.,]+\s*[kM]$/i;
/** What is measured in hertz, and perhaps in ohms. */
const HERTZ =
  /\b(?:range|pitch|drifts?|freq(?:uency)?|i\.?f|bandwidth|deviation|shift|offset|spacing|tuning|dial|crystal|osc(?:illator)?|bfo|vfo|lo)\b/i;

export const mayBeHertz = (point: string, value: string): boolean => BARE_KILO.test(value) && HERTZ.test(point);

/** `pitch range 3k`: kilohertz or kilohms? */
export const askKilo = (line: string, value: Piece, point: string): LineReading => ({
  kind: "question",
  question: `${point}: ${textOf(value)} of what?`,
  choices: [
    ...["Hz", "Ω"].map((unit) => {
      const text = line.slice(0, value.end) + unit + line.slice(value.end);
      return { label: `${textOf(value)}${unit}`, text };
    }),
    { label: "A note", text: `note ${line.trim()}` },
  ],
});

export function askPower(line: string, unsafe: string): LineReading {
  const colon = /:(?=\s|$)/.exec(line)?.index ?? line.length;
  return {
    kind: "question",
    question: `${unsafe} Was this read with the power on?`,
    choices: [
      { label: "Yes, power was on", text: `${line.slice(0, colon).trimEnd()} powered${line.slice(colon)}` },
      { label: "No, make it a note", text: `note ${line.trim()}` },
    ],
  };
}

export function askWhich(line: string, { end, several = [] }: PointHead): LineReading {
  return {
    kind: "question",
    question: "Which of them?",
    choices: several.slice(0, 4).map(({ point }) => ({ label: point, text: `${point}${line.slice(end)}` })),
  };
}
