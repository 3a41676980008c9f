import { looksLikeMilliamps } from "../../power";
import { format, type PartRules } from "../../quantity";
import { meterOhms, parseMeasured, rangeFor, type Judgement, type Phase, type PointRow } from "../../readings";
import { isRipple } from "./alternating";
import { judgeReading } from "./judge";
import type { Reading } from "./payload";

/** A meter, with what it is to the circuit. */
export type Instrument = { name: string; ohmsPerVolt?: number | undefined; inputOhms?: number | undefined };

/** What was typed at a point, and where. */
export type TypedReading = {
  row: PointRow;
  /** the figure as it was typed */
  text: string;
  phase: Phase;
  lineVolts?: number | undefined;
  tapVolts?: number | undefined;
  instrument?: Instrument | undefined;
  /** the meter's range, full scale; undefined: nobody said */
  range?: number | undefined;
  /** the entry of the set-up in force */
  setup?: string | undefined;
  /** how values are written on this set */
  rules?: PartRules | undefined;
  /** one end of the part is off */
  lifted?: boolean | undefined;
  remark?: string | undefined;
  /** an entry at this point is corrected: it stays what it was */
  corrects?: boolean | undefined;
};

export type BuiltReading =
  | { kind: "reading"; payload: Reading; judgement: Judgement }
  /** it reads in several ways: the choices are figures to take the place of the one that was typed */
  | { kind: "question"; question: string; choices: { label: string; text: string }[] }
  | { kind: "problem"; at: number; message: string };

const BARE = /^[-−+]?(?:\d+(?:[.,]\d+)?|[.,]\d+)$/;
/** Words behind a voltage or current that say which value of it was read. They stay in the text. */
const SORT = /\s+(?:ac|dc|rms|peak|p-?p)$/i;

/** A bare number at a current is amperes; everything else is as it was typed. */
const withUnit = (text: string, row: PointRow): string =>
  row.quantity === "current" && BARE.test(text) ? `${text} A` : text;

/**
 * What the meter is to the circuit at a point, Ω.
 * @param range that it is on, V; where nobody said, the smallest that holds what is expected and what is read
 */
export function ohmsAt(
  row: PointRow,
  instrument: Instrument | undefined,
  measured?: number,
  range?: number,
): number | undefined {
  if (row.quantity !== "voltage") return undefined;
  const volts = Math.max(Math.abs(row.expected?.value ?? 0), Math.abs(measured ?? 0));
  return volts > 0 ? meterOhms(instrument, range ?? rangeFor(volts)) : undefined;
}

/** So many times full scale a digital meter still shows; a needle stands at its stop. Shop rule. @example 60 V on a range of 50 V */
const ABOVE_SCALE = 1.2;

/**
 * The one place where a figure becomes a reading: what was typed, at which point, under which set-up. The bench line,
 * the tables, a soak and a correction all come here, so that one figure has one verdict.
 */
export function buildReading(typed: TypedReading): BuiltReading {
  const { row, phase, instrument, setup, remark } = typed;
  if (!typed.corrects && isRipple(row, typed.text))
    return {
      kind: "problem",
      at: 0,
      message: `${row.point} is direct by the chart: its alternating volts are a point of their own, “${row.point} AC”. On the bench line they go there by themselves.`,
    };
  const text = withUnit(typed.text.trim(), row);
  const electric = row.quantity === "voltage" || row.quantity === "ac-voltage" || row.quantity === "current";
  const parsed = parseMeasured(electric ? text.replace(SORT, "") : text, row.quantity, typed.rules);
  if (!parsed.ok)
    return parsed.kind === "ambiguous"
      ? {
          kind: "question",
          question: parsed.question,
          choices: parsed.choices.map((choice) => ({ label: choice.text, text: choice.text })),
        }
      : { kind: "problem", at: parsed.at, message: parsed.message };
  const { value } = parsed;
  if (text !== typed.text.trim() && looksLikeMilliamps(value, row.expected?.value))
    return {
      kind: "question",
      question: `${text} is far more than belongs here. Which is it?`,
      choices: [`${typed.text.trim()} mA`, text].map((choice) => ({ label: choice, text: choice })),
    };
  const { range } = typed;
  if (range !== undefined && Math.abs(value) > ABOVE_SCALE * range)
    return {
      kind: "problem",
      at: 0,
      message: `${text} is more than a range of ${format(range, row.quantity)} shows. Take the figure or the range again.`,
    };
  const volts = meterVoltsOf(typed);
  const ohms = ohmsAt(row, instrument, value, range);
  const payload: Reading = {
    v: 1,
    phase,
    point: row.point,
    ...(row.designator ? { designator: row.designator } : {}),
    quantity: row.quantity,
    measured: { text, value },
    ...(row.expected ? { expected: row.expected } : {}),
    ...volts,
    ...(instrument ? { meter: instrument.name } : {}),
    ...(ohms ? { meterOhms: ohms } : {}),
    ...(range === undefined ? {} : { range }),
    ...(setup ? { setup } : {}),
    // Parallel paths lower what is read across a part. A chart of resistances was itself made in circuit.
    ...(row.designator && row.quantity === "resistance" && !typed.lifted ? { inCircuit: true } : {}),
    ...(remark ? { remark } : {}),
  };
  return { kind: "reading", payload, judgement: judgeReading(payload) };
}

/** Line and tap mean something only where power is on; a tap without its line says nothing. */
function meterVoltsOf({ phase, lineVolts, tapVolts }: TypedReading): Pick<Reading, "lineVolts" | "tapVolts"> {
  if (phase === "cold" || !lineVolts) return {};
  return { lineVolts, ...(tapVolts ? { tapVolts } : {}) };
}
