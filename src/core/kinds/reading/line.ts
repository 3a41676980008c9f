import { onMains, tapsOf } from "../../model";
import { format, type Quantity } from "../../quantity";
import { CHART_TOLERANCE, saysOpen, type Expected, type Phase } from "../../readings";
import {
  asRemark,
  notUnderstood,
  payloadOf,
  piece,
  quantityAt,
  textOf,
  type LineContext,
  type LineReading,
} from "../../shorthand";
import type { KindLine } from "../kind";
import type { SetUp } from "../setup/payload";
import { isRipple } from "./alternating";
import { buildReading, type Instrument } from "./build";
import { clausesOf, figureApart, quantityByUnit } from "./clauses";
import type { Reading } from "./payload";
import { phaseOf, POWERED, underPower } from "./phase";
import { quantityByName, type PointHead } from "./points";
import {
  askDifference,
  askKilo,
  askLeft,
  askNoFigure,
  askPower,
  askRest,
  askUnit,
  askUnknown,
  askWhich,
  mayBeHertz,
} from "./questions";
import { takenFromLine } from "./spoken-points";

/** What was done is no remark on a reading: `audio outlet 600 ohm fitted`. */
const DONE = /^(?:fitted|installed|replaced|removed|added|changed|made|connected|soldered)$/i;

/** `248 V at 117 V line` says what the line was. */
const LINE_SAID = /^(?:at|with|on)\s+(?:a\s+)?(\d{2,3}(?:[.,]\d+)?)\s*v?\s*(?:line|mains)$/i;

/** When it was read is a remark: `251 V after 30 minutes`. */
const SINCE = /^(?:after|for|within)\s+(?:about\s+)?\d[\d.,]*\s?(?:h|hours?|hrs?|min|minutes?|s|sec|seconds?)\b\D*$/i;
/** What goes along with a reading: of the set-up in force; a correction keeps the set-up that the reading had. */
function setupFor(phase: Phase, base: Reading | undefined, context: LineContext) {
  const setup = context.setups[phase];
  if (!base) return setup;
  if (setup?.id === base.setup) return setup;
  const before = context.tape.find(({ id }) => id === base.setup);
  const payload = payloadOf<SetUp>(before?.content, "setup");
  return before && payload ? { id: before.id, payload } : undefined;
}

/** Points that move with the line where nothing says otherwise: rails and heaters without a regulator. */
const MOVES_WITH_LINE = /^(?:b\s?\+|b plus|ht\b|high voltage|heaters?\b|filaments?\b)/i;

/** A typed expectation holds under the conditions of the chart's own: its line and tap, its meter. */
function conditionsOf(
  known: Expected | undefined,
  point: string,
  quantity: Quantity,
  { sheet }: LineContext,
): Partial<Expected> {
  if (known) {
    const { lineVolts, tapVolts, sourceOhms, chartOhms, asFound } = known;
    return { lineVolts, tapVolts, sourceOhms, chartOhms, asFound };
  }
  const volts = quantity === "voltage" || quantity === "ac-voltage";
  if (!volts || !onMains(sheet.supply) || !MOVES_WITH_LINE.test(point)) return {};
  const taps = tapsOf(sheet);
  return {
    lineVolts: sheet.chart?.lineVolts ?? sheet.lineVolts,
    ...(taps.length > 1 ? { tapVolts: sheet.lineVolts } : {}),
  };
}

/** Alternating volts on a direct rail are its ripple or hum: a point of their own, never held against the rail. */
const pointOfValue = ({ point, row }: PointHead, value: string): string =>
  row && isRipple(row, value) ? `${point} AC` : point;

/** `B+ 248 @ 117`: a reading at a point of the set. */
export function readPoint(line: string, head: PointHead, context: LineContext): LineReading {
  if (head.several) return askWhich(line, head);
  const typed = clausesOf(line, head.end);
  if (typed.left) return askLeft(line, typed.left);
  const difference = context.base ? undefined : askDifference(line, head, typed.value);
  if (difference) return difference;
  const apart = figureApart(typed.value, head.row !== undefined || quantityByName(head.point) !== undefined);
  if (apart && !head.row && DONE.test(apart.rest)) return askUnknown(line, textOf(typed.value));
  const fromLine = apart && !typed.line ? LINE_SAID.exec(apart.rest)?.[1] : undefined;
  if (apart && !fromLine && /\d/.test(apart.rest) && !SINCE.test(apart.rest)) return askRest(line, typed.value, apart);
  const at = apart && fromLine ? line.indexOf(fromLine, apart.figure.end) : 0;
  const said =
    fromLine && apart
      ? { ...typed, value: apart.figure, line: piece(line, at, at + fromLine.length) }
      : apart
        ? { ...typed, value: apart.figure, remark: [apart.rest, typed.remark].filter(Boolean).join(", ") }
        : typed;
  if (textOf(said.value) !== "" && !/\d/.test(textOf(said.value)) && !saysOpen(textOf(said.value)))
    return askNoFigure(line, head.point, textOf(said.value));
  const before = payloadOf<Reading>(context.base, "reading");
  const byUnit = quantityByUnit(textOf(said.value));
  const taken = byUnit && !head.row ? takenFromLine(head.point, byUnit) : undefined;
  const taking = taken ? context.points.find((one) => one.point.toLowerCase() === taken) : undefined;
  if (taken && before?.point !== head.point)
    return readPoint(line, { ...head, point: taking?.point ?? taken, ...(taking ? { row: taking } : {}) }, context);
  const point = before?.point === head.point ? head.point : pointOfValue(head, textOf(said.value));
  const row = point === head.point ? head.row : undefined;
  const base = before?.point === point ? before : undefined;
  if (textOf(said.value) === "") return notUnderstood(head.end, `${head.point}: the measured value is missing.`);
  if (!row && !base && mayBeHertz(head.point, textOf(said.value))) return askKilo(line, said.value, head.point);
  const unitOrName = byUnit ?? quantityByName(head.point);
  // Ripple is alternating, whether its unit says so or not.
  const byItself = unitOrName === "voltage" && /\b(?:ripple|hum)$/i.test(head.point) ? "ac-voltage" : unitOrName;
  const quantity = base?.quantity ?? row?.quantity ?? byItself;
  if (!quantity)
    return /^[-−+]?[\d.,]+$/.test(textOf(said.value))
      ? askUnit(line, said.value, head.point)
      : askUnknown(line, textOf(said.value));
  const lineVolts = said.line ? quantityAt(said.line, "voltage") : undefined;
  if (lineVolts && !lineVolts.ok) return lineVolts.result;
  const wanted = said.expected ? quantityAt(said.expected, quantity) : undefined;
  if (wanted && !wanted.ok) return wanted.result;
  const tolerance = said.tolerance ? quantityAt(said.tolerance, "percent") : undefined;
  if (tolerance && !tolerance.ok) return tolerance.result;
  const range = said.range ? quantityAt(said.range, quantity) : undefined;
  if (range && !range.ok) return range.result;
  const known = base?.expected ?? row?.expected;
  const expected = wanted
    ? {
        ...conditionsOf(known, point, quantity, context),
        text: textOf(said.expected ?? said.value),
        value: wanted.value,
        tolerance: tolerance?.value ?? known?.tolerance ?? CHART_TOLERANCE,
      }
    : known && tolerance
      ? { ...known, tolerance: tolerance.value }
      : known;
  const phase =
    base && !said.phase
      ? base.phase
      : phaseOf({
          said: said.phase,
          row: row?.phase,
          quantity,
          onChart: row !== undefined && row.phase === undefined,
          step: context.step,
          otherwise: context.phase,
        });
  if (context.unsafe && !context.base && !said.powered && underPower(quantity)) return askPower(line, context.unsafe);
  const setup = setupFor(phase, base, context);
  const own = setup?.payload.instrument;
  const instrument: Instrument | undefined =
    said.meter === undefined || said.meter === own?.name ? own : { name: said.meter };
  const built = buildReading({
    row: { point, quantity, ...(expected ? { expected } : {}) },
    text: textOf(said.value),
    phase,
    lineVolts: lineVolts?.value ?? (base ? undefined : setup?.payload.lineVolts),
    tapVolts: setup?.payload.tapVolts,
    instrument,
    range: range?.value,
    corrects: base !== undefined,
    setup: setup?.id,
    remark: [said.powered ? POWERED : undefined, said.remark].filter(Boolean).join(", ") || undefined,
  });
  if (built.kind === "problem") return notUnderstood(said.value.start + built.at, built.message);
  if (built.kind === "question")
    return {
      kind: "question",
      question: built.question,
      choices: built.choices.map((choice) => ({
        label: choice.label,
        text: line.slice(0, said.value.start) + choice.text + line.slice(said.value.end),
      })),
    };
  const hints = [...built.judgement.reasons];
  if (expected?.lineVolts && !built.payload.lineVolts && phase !== "cold")
    hints.push("This point moves with the line: add @ and the line voltage.");
  return { kind: "payload", of: "reading", payload: built.payload, at: head.end, hints };
}

/** Writes a reading at a point so that it reads back. */
export function writePoint({ point, quantity, measured, lineVolts, meter, range, phase, remark }: Reading): string {
  const said = remark?.replace(POWERED, "").replace(/^, /, "");
  return (
    [
      point,
      measured.text,
      lineVolts !== undefined && `@ ${format(lineVolts, "voltage", 12)}`,
      meter && `with ${meter}`,
      range !== undefined && `on ${format(range, quantity, 12)}`,
      phase,
      remark?.startsWith(POWERED) && "powered",
    ]
      .filter(Boolean)
      .join(" ") + (said ? `: ${said}` : "")
  );
}

function write(reading: Reading): string {
  if (!reading.designator) return writePoint(reading);
  const { designator, expected, measured, quantity, inCircuit, remark } = reading;
  return [
    designator,
    expected?.text,
    "=",
    measured.text,
    quantity === "resistance" && !inCircuit && "lifted",
    remark && asRemark(remark),
  ]
    .filter(Boolean)
    .join(" ");
}

export const line: KindLine<Reading> = {
  words: [],
  write,
  examples: [
    { line: "B+ 248 @ 230 with digital meter", says: "a reading at a point, with the line voltage and the meter" },
    { line: "V3 plate 47 with analogue meter on 250 V", says: "the range that a pointer meter was on" },
    { line: "V4 plate 231: after ten minutes", says: "a remark goes after a colon" },
    { line: "R7 470k = 612k", says: "a part measured in circuit; add lifted when one end is off" },
    { line: "B+ to chassis 180k", says: "a cold check; open where there is no path" },
  ],
};
