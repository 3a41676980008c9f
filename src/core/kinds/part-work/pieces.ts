import { partRules } from "../../model";
import { quantityOfDesignator, type PartSpec, type Quantity } from "../../quantity";
import type { Fitted, FromStock } from "../../log";
import { parseMeasured } from "../../readings";
import { fromStockOf } from "../../stock";
import { tubeType } from "../../tubes";
import {
  got,
  longest,
  markingAt,
  notUnderstood,
  piece,
  remarkAt,
  stop,
  textOf,
  type LineContext,
  type Piece,
  type PieceRead,
} from "../../shorthand";

export type Before = {
  was?: string;
  spec?: PartSpec;
  found?: string;
  measured?: { text: string; value: number; quantity: Quantity; at: number };
  lifted: boolean;
};

export const BEGINS_A_MARKING = /^[\d.,½¼¾⅓⅔⅛]|^[RkKMunpµμ]\d/;
/** Says where a part was measured: wired in, or with an end off. */
export const WHERE_MEASURED = /^(?:(in circuit)|(lifted|out(?: of circuit)?))(?=\s|$)\s*/i;

/** What stands left of the arrow or the action: was, `= measured`, and words on its state. */
export function readBefore(where: Piece, designator: string, context: LineContext): PieceRead<Before> {
  const rules = partRules(context.sheet, designator);
  const quantity = quantityOfDesignator(designator);
  const text = textOf(where);
  const equals = text.indexOf("=");
  const left = piece(where.line, where.start, equals < 0 ? where.end : where.start + equals);
  const before: Before = { lifted: false };
  const leftText = textOf(left);
  if (leftText !== "") {
    const marking = BEGINS_A_MARKING.test(leftText) && quantity ? markingAt(left, rules) : undefined;
    if (marking && !marking.ok) return marking;
    if (marking) {
      const { text: was, value: spec, rest } = marking.value;
      Object.assign(before, { was, spec });
      const remark = rest ? remarkAt(piece(where.line, left.end - rest.length, left.end), `“${was}”`) : undefined;
      if (remark && !remark.ok) return remark;
      if (remark?.value) before.found = remark.value;
    } else {
      const type = quantity ? undefined : typeAt(leftText, designator);
      if (type) before.was = type;
      const words = unquoted(leftText.slice(type?.length ?? 0).trim());
      if (words) before.found = words;
    }
  }
  if (equals < 0) return got(before);
  if (!quantity)
    return stop(
      notUnderstood(
        where.start + equals,
        `${designator} has no single value to measure: name what was measured, like V3 plate 240.`,
      ),
    );
  const right = piece(where.line, where.start + equals + 1, where.end);
  const value = longest(right, (figure) => parseMeasured(figure, quantity, rules));
  if (!value.ok) return value;
  const circuit = WHERE_MEASURED.exec(value.value.rest);
  const rest = value.value.rest.slice(circuit?.[0].length ?? 0);
  const remark = rest
    ? remarkAt(piece(where.line, right.end - rest.length, right.end), `“${value.value.text}”`)
    : undefined;
  if (remark && !remark.ok) return remark;
  if (remark?.value) before.found = [before.found, remark.value].filter(Boolean).join(" ");
  before.measured = { text: value.value.text, value: value.value.value, quantity, at: right.start };
  before.lifted = Boolean(circuit?.[2]);
  return got(before);
}

/** A tube's or a semiconductor's type at the beginning of the words: `6V6 weak`, `AF117`, `80`. */
function typeAt(text: string, designator: string): string | undefined {
  if (!/^(?:V|Q|TR|D|U)\d/i.test(designator)) return undefined;
  const [first = ""] = text.split(/[\s,]+/);
  const named = /^(?=.*\d)(?=.*[a-z])[a-z\d]{3,}(?:[-/][a-z\d]+)*$/i.test(first) && !/^(?:pin|grid|g)\d/i.test(first);
  return named || tubeType(first) ? first : undefined;
}

const unquoted = (text: string) => /^["“]([\s\S]*)["”]$/.exec(text)?.[1]?.trim() ?? text;

const letters = (designator: string) => designator.replace(/\d.*$/, "").toUpperCase();

/** The designator that one of several new parts begins with (`C1A 22µ/450`), when it is of the original's kind. */
function ownDesignator(text: string, original: string): { name: string; length: number } | undefined {
  const [whole, name] = /^\s*([A-Za-z]{1,3}\d{1,3}[A-Za-z]?)\s+/.exec(text) ?? [];
  return whole && name && letters(name) === letters(original)
    ? { name: name.toUpperCase(), length: whole.length }
    : undefined;
}

/** The type stands first, and what is said of it behind: `NOS 6Q7G` is `6Q7G NOS`. */
const typeFirst = (text: string) => text.replace(OF_A_TYPE, "$2 $1");
const OF_A_TYPE =
  /^((?:(?:nos|n\.o\.s\.|new old stock|used|new|tested|known good|good|matched|another)\s+)*(?:nos|n\.o\.s\.|new old stock|used|new|tested|known good|good|matched|another))\s+(\S*\d\S*)/i;

type Stocked = { stock?: FromStock | undefined };

/** The part behind `from JP…`, as its line stands now; what a corrected entry took already is kept as it was. */
export function stockAt(code: string, context: LineContext): FromStock | undefined {
  const before = context.base?.payload as
    { now?: Stocked[]; parts?: Stocked[]; materials?: Stocked[]; stock?: FromStock } | undefined;
  const lists = [before?.now, before?.parts, before?.materials, before ? [before] : []];
  const kept = lists.flatMap((list) => list ?? []).find(({ stock }) => stock?.code === code)?.stock;
  const item = context.stock?.find((one) => one.code === code);
  return kept ?? (item ? fromStockOf(item) : undefined);
}

const FROM = /\s+from\s+(JP[0-9A-Z]{7}|(?:the\s+)?owner)\s*$/i;
const BETWEEN = /\s\+\s/;

/** Two or more new parts need names: what they would be called after the original. */
function askNames(where: Piece, designator: string, pieces: readonly string[]): PieceRead<never> {
  const base = designator.replace(/[A-Z]$/i, "");
  const named = pieces.map((text, index) => `${base}${String.fromCharCode(65 + index)} ${text.trim()}`).join(" + ");
  return stop({
    kind: "question",
    question: `${pieces.length} parts go in at ${designator}: each needs a name of its own.`,
    choices: [{ label: named, text: `${where.line.slice(0, where.start)}${named}${where.line.slice(where.end)}` }],
  });
}

/** What stands right of the arrow: one part, or several joined by ` + `, each with a designator of its own if it has one. */
export function readNow(
  where: Piece,
  designator: string,
  context: LineContext,
): PieceRead<{ fitted: Fitted[]; specs: PartSpec[] }> {
  const fitted: Fitted[] = [];
  const specs: PartSpec[] = [];
  const rules = partRules(context.sheet, designator);
  const pieces = textOf(where).split(BETWEEN);
  const unnamed = pieces.filter((text) => !ownDesignator(`${text} `, designator));
  if (pieces.length > 1 && unnamed.length > 1 && rules.quantity) return askNames(where, designator, pieces);
  let start = where.start;
  for (const text of pieces) {
    const own = ownDesignator(text, designator);
    const name = own?.name ?? designator;
    const from = FROM.exec(text);
    const owner = /owner$/i.test(from?.[1] ?? "");
    const code = from?.[1] && !owner ? from[1].toUpperCase() : undefined;
    const stock = code ? stockAt(code, context) : undefined;
    if (from && code && !stock)
      return stop(
        notUnderstood(start + from.index, `${code} is not a label of the stock: scan it again, or leave it out.`),
      );
    const valuePiece = piece(where.line, start + (own?.length ?? 0), start + (from?.index ?? text.length));
    start += text.length + 3;
    const shown = textOf(valuePiece);
    if (shown === "")
      return stop(notUnderstood(valuePiece.start, "Say what goes in: value and rating, like 0.047/630."));
    const source = { ...(stock ? { stock } : {}), ...(owner ? { source: "owner" as const } : {}) };
    if (!rules.quantity) {
      fitted.push({ designator: name, text: typeFirst(shown), ...source });
      continue;
    }
    const marking = markingAt(valuePiece, rules);
    if (!marking.ok) return marking;
    const { rest } = marking.value;
    const remark = rest
      ? remarkAt(piece(where.line, valuePiece.end - rest.length, valuePiece.end), `“${marking.value.text}”`)
      : undefined;
    if (remark && !remark.ok) return remark;
    fitted.push({
      designator: name,
      text: marking.value.text,
      ...(remark?.value ? { note: remark.value } : {}),
      ...source,
    });
    specs.push(marking.value.value);
  }
  return got({ fitted, specs });
}
