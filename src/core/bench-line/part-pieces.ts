import { drawnSpec, partRules } from "../model";
import { quantityOfDesignator, type PartSpec, type Quantity } from "../quantity";
import type { Fitted, FromStock } from "../history";
import { fromStockOf } from "../stock";
import { got, notUnderstood, stop, type LineContext, type Step } from "./types";
import { markingAt, measuredAt, piece, textOf, type Piece } from "./values";

export type Before = {
  was?: string;
  spec?: PartSpec;
  found?: string;
  measured?: { text: string; value: number; quantity: Quantity };
  inCircuit: boolean;
};

/** What stands left of the arrow or the action: was, `= measured`, and a word on its state. */
export function readBefore(where: Piece, designator: string, context: LineContext): Step<Before> {
  const rules = partRules(context.sheet, designator);
  const quantity = quantityOfDesignator(designator);
  const text = textOf(where);
  const equals = text.indexOf("=");
  const left = piece(where.line, where.start, equals < 0 ? where.end : where.start + equals);
  const before: Before = { inCircuit: true };
  const leftText = textOf(left);
  if (leftText !== "") {
    const marking = /^[\d.,½¼¾µ]|^[Rnp]\d/.test(leftText) && quantity ? markingAt(left, rules) : undefined;
    if (marking && !marking.ok) return marking;
    if (marking)
      Object.assign(before, {
        was: marking.value.text,
        spec: marking.value.value,
        ...(marking.value.rest ? { found: marking.value.rest } : {}),
      });
    else before.found = leftText;
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
  const value = measuredAt(right, quantity, rules);
  if (!value.ok) return value;
  const circuit = /^(?:(in circuit)|(lifted|out))(?=\s|$)\s*/i.exec(value.value.rest);
  const rest = value.value.rest.slice(circuit?.[0].length ?? 0);
  if (rest) before.found = [before.found, rest].filter(Boolean).join(" ");
  before.measured = { text: value.value.text, value: value.value.value, quantity };
  before.inCircuit = !circuit?.[2];
  return got(before);
}

const letters = (designator: string) => designator.replace(/\d.*$/, "").toUpperCase();

/** The designator that one of several new parts begins with (`C1A 22µ/450`), when it is of the original's kind. */
function ownDesignator(text: string, original: string): { name: string; length: number } | undefined {
  const [whole, name] = /^\s*([A-Za-z]{1,3}\d{1,3}[A-Za-z]?)\s+/.exec(text) ?? [];
  return whole && name && letters(name) === letters(original)
    ? { name: name.toUpperCase(), length: whole.length }
    : undefined;
}

const JOINT = " + ";

/** The part behind `from JP…`, as its line stands now; what a corrected entry took already is kept as it was. */
function stockAt(code: string, context: LineContext): FromStock | undefined {
  const before = context.base?.kind === "part-work" ? context.base.payload.now : [];
  const kept = before.find(({ stock }) => stock?.code === code)?.stock;
  const item = context.stock?.find((one) => one.code === code);
  return kept ?? (item ? fromStockOf(item) : undefined);
}

const FROM = /\s+from\s+(JP[0-9A-Z]{7})\s*$/i;

/** What stands right of the arrow: one part, or several joined by ` + `, each with a designator of its own if it has one. */
export function readNow(
  where: Piece,
  designator: string,
  context: LineContext,
): Step<{ fitted: Fitted[]; specs: PartSpec[] }> {
  const fitted: Fitted[] = [];
  const specs: PartSpec[] = [];
  let start = where.start;
  const pieces = textOf(where).split(/\s\+\s(?=[A-Za-z])/);
  for (const text of pieces) {
    const own = ownDesignator(text, designator);
    const name = own?.name ?? designator;
    const from = FROM.exec(text);
    const stock = from?.[1] ? stockAt(from[1].toUpperCase(), context) : undefined;
    if (from?.[1] && !stock)
      return stop(
        notUnderstood(
          start + from.index,
          `${from[1].toUpperCase()} is no label of the stock: scan it again, or leave it out.`,
        ),
      );
    const valuePiece = piece(where.line, start + (own?.length ?? 0), start + (from?.index ?? text.length));
    start += text.length + JOINT.length;
    const shown = textOf(valuePiece);
    if (shown === "")
      return stop(notUnderstood(valuePiece.start, "Say what goes in: value and rating, like 0.047/630."));
    const rules = partRules(context.sheet, designator);
    if (!rules.quantity) {
      fitted.push({ designator: name, text: shown, ...(stock ? { stock } : {}) });
      continue;
    }
    const marking = markingAt(valuePiece, rules);
    if (!marking.ok) return marking;
    fitted.push({
      designator: name,
      text: marking.value.text,
      ...(marking.value.rest ? { note: marking.value.rest } : {}),
      ...(stock ? { stock } : {}),
    });
    specs.push(marking.value.value);
  }
  return got({ fitted, specs });
}

/** What the drawing has at a designator, where it reads in one way. */
export function drawnAt(designator: string, context: LineContext): { text: string; spec: PartSpec } | undefined {
  const component = context.sheet.components.find((item) => item.designator === designator);
  const spec = component ? drawnSpec(context.sheet, component) : undefined;
  return component && spec ? { text: component.drawn, spec } : undefined;
}
