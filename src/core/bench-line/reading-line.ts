import { judgeReading, type ContentOf } from "../history";
import { PHASES, type Phase, CHART_TOLERANCE, meterOhms, rangeFor } from "../readings";
import { QUANTITIES, parseQuantity, type Quantity } from "../quantity";
import type { PointRow } from "../visit";
import { draftOf } from "./check";
import { notUnderstood, type LineContext, type LineResult } from "./types";
import { meterAt, piece, quantityAt, textOf, type Piece } from "./values";

/** Words that make a point out of a tube's designator: `V4 plate`, `V2 pin 6`. */
const ELECTRODES = "plate|anode|grid\\s?\\d?|g\\d|screen|cathode|heater|pin\\s?\\d{1,2}|emitter|base|collector";
const TUBE_POINT = new RegExp(`^((?:V|Q|TR)\\d{1,2}\\s+(?:${ELECTRODES}))(?=\\s)`, "i");
const PLAIN_POINT = /^([A-Za-z][A-Za-z0-9+\-/ ]*?)\s+(?=[-−+]?[\d.,])/;

const startsWith = (line: string, name: string) =>
  line.toLowerCase().startsWith(name.toLowerCase()) && /^\s/.test(line.slice(name.length));

export type PointHead = { point: string; end: number; row?: PointRow };

/** The measuring point that a line begins with: one of the set's, or a tube's electrode, or any name before a number. */
export function pointOf(line: string, context: LineContext, anyName: boolean): PointHead | undefined {
  const lead = line.length - line.trimStart().length;
  const text = line.slice(lead);
  const known = context.points
    .filter((row) => startsWith(text, row.point))
    .sort((a, b) => b.point.length - a.point.length)[0];
  if (known && !known.designator) return { point: known.point, end: lead + known.point.length, row: known };
  const tube = TUBE_POINT.exec(text) ?? (anyName ? PLAIN_POINT.exec(text) : null);
  return tube?.[1]
    ? { point: tube[1].trim().replace(/^[a-z]+\d/i, (name) => name.toUpperCase()), end: lead + tube[1].length }
    : undefined;
}

type Clauses = { value: Piece; line?: Piece; expected?: Piece; tolerance?: Piece; meter?: string; phase?: Phase };

/** `248 V @ 117 for 250 ±10% with 20 kΩ/V meter, baseline`: the clauses in any order behind the value. */
function clausesOf(line: string, start: number): Clauses {
  const marks = [
    ...line.slice(start).matchAll(/\s*(?:@|\bfor\s|±|\bwith\s|,?\s\b(?:cold|baseline|check|prove|soak)\s*$)/gi),
  ];
  const at = (index: number) => start + (marks[index]?.index ?? line.length - start);
  const clauses: Clauses = { value: piece(line, start, at(0)) };
  for (const [index, mark] of marks.entries()) {
    const body = piece(line, start + mark.index + mark[0].length, at(index + 1));
    const word = mark[0].trim().toLowerCase().replace(/^,\s*/, "");
    if (word === "@") clauses.line = body;
    else if (word === "for") clauses.expected = body;
    else if (word === "±") clauses.tolerance = body;
    else if (word === "with") clauses.meter = textOf(body).replace(/,$/, "").trim();
    else clauses.phase = PHASES.find((phase) => phase === word) ?? "check";
  }
  return clauses;
}

/** The quantity that a value's unit names; volts when it has none. */
function quantityByUnit(text: string): Quantity {
  if (/^[-−+]?[\d.,]+$/.test(text)) return "voltage";
  return QUANTITIES.find((quantity) => parseQuantity(text, quantity).ok) ?? "voltage";
}

type Reading = ContentOf<"reading">["payload"];

/**
 * What the set-up in force gives to a reading: its line, tap and meter, unless the line names another meter. A
 * correction keeps what the reading had.
 */
function carriedAlong(
  phase: Phase,
  meter: string | undefined,
  volts: number,
  quantity: Quantity,
  context: LineContext,
  base?: Reading,
): Partial<Reading> {
  if (base) {
    const sameMeter = meter === undefined || meter === base.meter;
    return {
      ...(base.setup ? { setup: base.setup } : {}),
      ...(base.tapVolts ? { tapVolts: base.tapVolts } : {}),
      ...(sameMeter && base.meterOhms ? { meterOhms: base.meterOhms } : {}),
    };
  }
  const setup = context.setups[phase];
  if (!setup) return {};
  const { instrument, lineVolts, tapVolts } = setup.payload;
  const own = instrument && (meter === undefined || meter === instrument.name);
  const ohms = own && quantity === "voltage" ? meterOhms(instrument, rangeFor(volts)) : undefined;
  return {
    setup: setup.id,
    ...(lineVolts ? { lineVolts } : {}),
    ...(tapVolts ? { tapVolts } : {}),
    ...(own ? { meter: instrument.name } : {}),
    ...(ohms ? { meterOhms: ohms } : {}),
  };
}

/** `B+ 248 @ 117`: a reading at a point of the set. */
export function parseReadingLine(line: string, head: PointHead, context: LineContext): LineResult {
  const clauses = clausesOf(line, head.end);
  const base =
    context.base?.kind === "reading" && context.base.payload.point === head.point ? context.base.payload : undefined;
  if (textOf(clauses.value) === "") return notUnderstood(head.end, `${head.point}: the measured value is missing.`);
  const quantity = base?.quantity ?? head.row?.quantity ?? quantityByUnit(textOf(clauses.value));
  const measured = meterAt(clauses.value, quantity);
  if (!measured.ok) return measured.result;
  const lineVolts = clauses.line ? quantityAt(clauses.line, "voltage") : undefined;
  if (lineVolts && !lineVolts.ok) return lineVolts.result;
  const wanted = clauses.expected ? quantityAt(clauses.expected, quantity) : undefined;
  if (wanted && !wanted.ok) return wanted.result;
  const tolerance = clauses.tolerance ? quantityAt(clauses.tolerance, "percent") : undefined;
  if (tolerance && !tolerance.ok) return tolerance.result;
  const known = base?.expected ?? head.row?.expected;
  const expected = wanted
    ? {
        text: textOf(clauses.expected ?? clauses.value),
        value: wanted.value,
        tolerance: tolerance?.value ?? known?.tolerance ?? CHART_TOLERANCE,
      }
    : known && tolerance
      ? { ...known, tolerance: tolerance.value }
      : known;
  const phase = clauses.phase ?? base?.phase ?? head.row?.phase ?? context.phase;
  const carried = carriedAlong(phase, clauses.meter, expected?.value ?? measured.value, quantity, context, base);
  const payload = {
    v: 1 as const,
    phase,
    point: head.point,
    quantity,
    measured: { text: textOf(clauses.value), value: measured.value },
    ...(expected ? { expected } : {}),
    ...carried,
    ...(lineVolts ? { lineVolts: lineVolts.value } : {}),
    ...(clauses.meter ? { meter: clauses.meter } : {}),
  };
  const hints = [...judgeReading(payload).reasons];
  if (expected?.lineVolts && !payload.lineVolts)
    hints.push("This point moves with the line: add @ and the line voltage.");
  return draftOf({ kind: "reading", payload }, head.end, hints);
}
