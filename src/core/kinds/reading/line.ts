import { onMains, tapsOf } from "../../model";
import { format, parseQuantity, QUANTITIES, type Quantity } from "../../quantity";
import { CHART_TOLERANCE, PHASES, saysOpen, type Expected, type Phase } from "../../readings";
import {
  asRemark,
  asWords,
  notUnderstood,
  payloadOf,
  piece,
  quantityAt,
  textOf,
  type LineContext,
  type LineReading,
  type Piece,
} from "../../shorthand";
import type { KindLine } from "../kind";
import type { SetUp } from "../setup/payload";
import { isRipple, saysAlternating } from "./alternating";
import { buildReading, type Instrument } from "./build";
import type { Reading } from "./payload";
import { phaseOf, POWERED, underPower } from "./phase";
import { PHASE_WORDS, quantityByName, type PointHead } from "./points";
import { takenFromLine } from "./spoken-points";

type Clauses = {
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

/** What follows the first colon behind the value is a remark. */
function remarkIn(line: string, start: number): { end: number; remark?: string } {
  const colon = /:(?=\s|$)/.exec(line.slice(start));
  if (!colon) return { end: line.length };
  const remark = line.slice(start + colon.index + 1).trim();
  return { end: start + colon.index, ...(remark ? { remark } : {}) };
}

/** `248 V @ 117 for 250 ±10% with 20 kΩ/V meter on 500 V, baseline: remark`: the clauses in any order behind the value. */
function clausesOf(line: string, start: number): Clauses {
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
function quantityByUnit(text: string): Quantity | undefined {
  if (/^[-−+]?[\d.,]+$/.test(text)) return undefined;
  if (saysOpen(text)) return "resistance";
  // `150M` has two readings as a resistance, and none as anything else.
  if (/^[\d.,]+\s*(?:[kKM]|meg)\d*$/.test(text)) return "resistance";
  if (saysAlternating(text)) return "ac-voltage";
  const figure = text.replace(/\s+(?:ac|dc|rms|peak|p-?p)$/i, "");
  return QUANTITIES.find((quantity) => parseQuantity(figure, quantity).ok);
}

type Apart = { figure: Piece; rest: string };

/**
 * A figure with its unit, and the words that stand behind it: `47 V after ten minutes`, `47 (should be 41)`.
 * @param bare a figure needs no unit at this point: the word behind it is none that nobody knows
 */
function figureApart(value: Piece, bare: boolean): Apart | undefined {
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

const A_FIGURE = /^[-−+]?[\d.,]+\s*[kmµu]?(?:v|a|w|hz)\b/i;
const A_STATE =
  /\b[CRLVTQ]\d{1,3}\b|\b(?:lifted|removed|pulled|disconnected|connected|shorted|grounded|open|out|off|signal|antenna|aerial|volume|gain|load|key|carrier|modulation|lid|cover)\b/i;
const AN_INSTRUMENT = /\b(?:meter|probe|scope|dmm|vtvm|multimeter|voltmeter)\b/i;

/** What was done is no remark on a reading: `audio outlet 600 ohm fitted`. */
const DONE = /^(?:fitted|installed|replaced|removed|added|changed|made|connected|soldered)$/i;

/** `248 V at 117 V line` says what the line was. */
const LINE_SAID = /^(?:at|with|on)\s+(?:a\s+)?(\d{2,3}(?:[.,]\d+)?)\s*v?\s*(?:line|mains)$/i;

/** When it was read is a remark: `251 V after 30 minutes`. */
const SINCE = /^(?:after|for|within)\s+(?:about\s+)?\d[\d.,]*\s?(?:h|hours?|hrs?|min|minutes?|s|sec|seconds?)\b\D*$/i;
/** What the chart says stands behind it: `92, should be 110`. */
const SHOULD_BE =
  /^\(?(?:(?:it\s+)?should\s+(?:be|read)|(?:chart|book|sheet|spec|drawing)(?:\s+(?:says|is|value))?|expected|nominal(?:ly)?|instead\s+of|not|spec(?:ified)?)\s*:?\s+([-−+]?[\d.,]*\d\s?[mk]?V?)\)?$/i;

/** Figures behind the figure: the line voltage, or a remark? */
function askRest(line: string, value: Piece, { figure, rest }: Apart): LineReading {
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
function askDifference(line: string, { point, row }: PointHead, value: Piece): LineReading | undefined {
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
function askLeft(line: string, left: Piece): LineReading {
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
const askUnknown = (line: string, value: string): LineReading => ({
  kind: "question",
  question: `“${value}” is not a figure with a unit. What is this? A remark goes after a colon: 248 V: remark.`,
  choices: asWords(line),
});

/** A point with words and no figure: `V3 plate low`. */
const askNoFigure = (line: string, point: string, words: string): LineReading => ({
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
function askUnit(line: string, value: Piece, point: string): LineReading {
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

/** `pitch range 3k`: kilohertz or kilohms? */
const askKilo = (line: string, value: Piece, point: string): LineReading => ({
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
  if (!row && !base && BARE_KILO.test(textOf(said.value)) && HERTZ.test(head.point))
    return askKilo(line, said.value, head.point);
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

function askPower(line: string, unsafe: string): LineReading {
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

function askWhich(line: string, { end, several = [] }: PointHead): LineReading {
  return {
    kind: "question",
    question: "Which of them?",
    choices: several.slice(0, 4).map(({ point }) => ({ label: point, text: `${point}${line.slice(end)}` })),
  };
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
