import { parseQuantity, QUANTITIES, type Quantity } from "../../quantity";
import { PHASES, saysOpen, type Phase } from "../../readings";
import { piece, textOf, type Piece } from "../../shorthand";
import { saysAlternating } from "./alternating";
import { PHASE_WORDS } from "./points";

/** The clauses of a reading's line, and a figure apart from the words behind it. */

export type Clauses = {
  value: Piece;
  line?: Piece;
  expected?: Piece;
  tolerance?: Piece;
  meter?: string;
  /** the range of the meter */
  range?: Piece;
  phase?: Phase;
  /** what stands behind the name of a phase */
  left?: Piece;
  /** the technician has said that power was on before make safe was done */
  powered: boolean;
  remark?: string;
};

const A_FIGURE = /^[-−+]?[\d.,]+\s*[kmµu]?(?:v|a|w|hz)\b/i;
const A_STATE =
  /\b[CRLVTQ]\d{1,3}\b|\b(?:lifted|removed|pulled|disconnected|connected|shorted|grounded|open|out|off|signal|antenna|aerial|volume|gain|load|key|carrier|modulation|lid|cover)\b/i;
const AN_INSTRUMENT = /\b(?:meter|probe|scope|dmm|vtvm|multimeter|voltmeter)\b/i;

/** What follows the first colon behind the value is a remark. */
function remarkIn(line: string, start: number): { end: number; remark?: string } {
  const colon = /:(?=\s|$)/.exec(line.slice(start));
  if (!colon) return { end: line.length };
  const remark = line.slice(start + colon.index + 1).trim();
  return { end: start + colon.index, ...(remark ? { remark } : {}) };
}

/** `248 V @ 117 for 250 ±10% with 20 kΩ/V meter on 500 V, baseline: remark`: the clauses in any order behind the value. */
export function clausesOf(line: string, start: number): Clauses {
  const { end, remark } = remarkIn(line, start);
  const pattern = new RegExp(
    `\\s*(?:@|\\bfor\\s|±|\\bwith\\s|\\bon\\s+(?:the\\s+)?(?=[\\d.,]+\\s*[a-zµΩ])|,?\\s\\b(?:${PHASE_WORDS}|powered)(?=\\s*,|\\s*$|\\s+(?:with|on)\\b))`,
    "gi",
  );
  const marks = [...line.slice(start, end).matchAll(pattern)];
  const at = (index: number) => start + (marks[index]?.index ?? end - start);
  const found: Clauses = { value: piece(line, start, at(0)), powered: false, ...(remark ? { remark } : {}) };
  for (const [index, mark] of marks.entries()) {
    const body = piece(line, start + mark.index + mark[0].length, at(index + 1));
    const word = mark[0].trim().toLowerCase().replace(/^,\s*/, "");
    if (word === "@") found.line = body;
    else if (word === "for") found.expected = body;
    else if (word === "±") found.tolerance = body;
    // “With 100 mV at the antenna” and “with C14 lifted” are no meter.
    else if (
      word === "with" &&
      (A_FIGURE.test(textOf(body)) || A_STATE.test(textOf(body))) &&
      !AN_INSTRUMENT.test(textOf(body))
    )
      found.remark = [`with ${textOf(body)}`, found.remark].filter(Boolean).join(", ");
    else if (word === "with") found.meter = textOf(body).replace(/,$/, "").trim();
    else if (/^on\b/.test(word))
      found.range = piece(line, body.start, body.start + textOf(body).replace(/(?:\s+range)?\s*,?\s*$/i, "").length);
    else {
      if (word === "powered") found.powered = true;
      else found.phase = PHASES.find((phase) => phase === word) ?? "check";
      const from = body.start + (/^[\s,]*/.exec(line.slice(body.start, body.end))?.[0].length ?? 0);
      if (from < body.end && line.slice(from, body.end).trim()) found.left = piece(line, from, body.end);
    }
  }
  return found;
}

/** The quantity that a value's unit names; undefined for a bare number. */
export function quantityByUnit(text: string): Quantity | undefined {
  if (/^[-−+]?[\d.,]+$/.test(text)) return undefined;
  if (saysOpen(text)) return "resistance";
  // `150M` has two readings as a resistance, and none as anything else.
  if (/^[\d.,]+\s*(?:[kKM]|meg)\d*$/.test(text)) return "resistance";
  if (saysAlternating(text)) return "ac-voltage";
  const figure = text.replace(/\s+(?:ac|dc|rms|peak|p-?p)$/i, "");
  return QUANTITIES.find((quantity) => parseQuantity(figure, quantity).ok);
}

export type Apart = { figure: Piece; rest: string };

/**
 * A figure with its unit, and the words that stand behind it: `47 V after ten minutes`, `47 (should be 41)`.
 * @param bare a figure needs no unit at this point: the word behind it is none that nobody knows
 */
export function figureApart(value: Piece, bare: boolean): Apart | undefined {
  const text = textOf(value);
  if (!/^[-−+]?[\d.,]/.test(text)) return undefined;
  const reads = (one: string) => (bare && /^[-−+]?[\d.,]*\d$/.test(one)) || quantityByUnit(one) !== undefined;
  if (reads(text)) return undefined;
  const ends = [...text.matchAll(/[\s,(]+/g)].map(({ index }) => index).reverse();
  const end = ends.find((one) => reads(text.slice(0, one)));
  if (end === undefined) return undefined;
  const rest = text
    .slice(end)
    .replace(/^[\s,(]+/, "")
    .replace(/\)$/, "")
    .trim();
  // A stray unit is no remark: `12 kV A` is a slip.
  return /^[a-zµΩ%]{1,2}$/i.test(rest) && !/^(?:ok|no)$/i.test(rest)
    ? undefined
    : { figure: piece(value.line, value.start, value.start + end), rest };
}
