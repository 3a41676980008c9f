import { decibels } from "../levels";
import { crossings, edgesAt, type Point } from "../response";
import type { ColumnQuantity } from "./quantities";

/** What a whole run comes to: a figure with its name, or a sentence. */
export type Sum = { name: string; value?: number; quantity?: ColumnQuantity; text?: string };

/** The figures of a run that a sum may look at: by row, in the order of measuring; void rows are left out. */
export type RunFigures = {
  /** of a row: its cells and what is worked out, SI; undefined where there is none */
  rows: readonly Readonly<Record<string, number | undefined>>[];
  /** the curve that is drawn */
  curve: readonly Point[];
};

const pairs = (rows: RunFigures["rows"], x: string, y: string): Point[] =>
  rows.flatMap((row) => {
    const [a, b] = [row[x], row[y]];
    return a === undefined || b === undefined ? [] : [{ x: a, y: b }];
  });
const figure = (name: string, value: number | undefined, quantity: ColumnQuantity): Sum[] =>
  value === undefined || !Number.isFinite(value) ? [] : [{ name, value, quantity }];
const most = (values: readonly number[]) => (values.length > 0 ? Math.max(...values) : undefined);
const least = (values: readonly number[]) => (values.length > 0 ? Math.min(...values) : undefined);

/** Distortion up to which output counts. Trade use. @example the highest output below 10 % */
const DISTORTED = 0.1;
/** Input over which an AVC is judged, dB. Trade use. @example from 1 µV to 10 mV the output rises by 32 dB */
const AVC_RANGE = 80;
/** An AVC has begun to act where the output rises by less than this share of the input. Shop rule. @example 10 dB more in, less than 5 dB more out */
const AVC_ACTS = 0.5;
/** Quieting at which an FM set's sensitivity is given, dB. Trade use. @example noise of 500 mV falls to 50 mV at 10 µV */
const QUIET = 20;
/** An old set plays its station over this much of backlash, as a share of its passes' scatter. Shop rule. @example 2 kHz of play and 0.5 kHz of scatter: there is play */
const PLAY_OVER_SCATTER = 2;

/** Bandwidth of a selectivity run: level that is needed, against the one on tune, dB over Hz of detuning. */
function bandwidth(curve: readonly Point[], db: number) {
  const { low, high } = edgesAt(curve, db, 0);
  return low === undefined || high === undefined ? undefined : { width: high - low, middle: (high + low) / 2 };
}

/** The mean of some figures, and how far they spread (greatest less least). */
function scatter(values: readonly number[]): { mean: number; spread: number } | undefined {
  if (values.length === 0) return undefined;
  return {
    mean: values.reduce((sum, one) => sum + one, 0) / values.length,
    spread: Math.max(...values) - Math.min(...values),
  };
}

/** Sums by name. Each says nothing where its figures are not there. */
const SUMS = {
  /** −3 dB points of a response against its reference. */
  "band-edges": ({ curve }) => {
    const peak = curve.reduce<Point | undefined>(
      (best, point) => (best && Math.abs(best.y) <= Math.abs(point.y) ? best : point),
      undefined,
    );
    if (!peak) return [];
    const { low, high } = edgesAt(curve, -3, peak.x);
    return [...figure("−3 dB below", low, "frequency"), ...figure("−3 dB above", high, "frequency")];
  },
  /** The highest output before distortion passes 10 %. */
  "clean-output": ({ rows }) =>
    figure(
      "Output below 10 % distortion",
      most(pairs(rows, "distortion", "output").flatMap(({ x, y }) => (x < DISTORTED ? [y] : []))),
      "power",
    ),
  /** Width at −6 and −60 dB, their ratio, and how far the middle is off tune. */
  bandwidths: ({ curve }) => {
    const [six, sixty] = [bandwidth(curve, 6), bandwidth(curve, 60)];
    return [
      ...figure("Bandwidth at −6 dB", six?.width, "frequency"),
      ...figure("Bandwidth at −60 dB", sixty?.width, "frequency"),
      ...figure("Shape factor", six && sixty && sixty.width / six.width, "number"),
      ...figure("Middle off tune", six?.middle, "frequency"),
    ];
  },
  /** Rise of the output over 80 dB of input, and the level at which the AVC begins to act. */
  avc: ({ rows }) => {
    const points = pairs(rows, "level", "output-db").sort((a, b) => a.x - b.x);
    const [first] = points;
    const last = points.findLast(({ x }) => first && decibels(x / first.x) <= AVC_RANGE + 0.5);
    const span = first && last ? decibels(last.x / first.x) : 0;
    const acts = points.find((point, index) => {
      const next = points[index + 1];
      return next && point.x > 0 && next.y - point.y < AVC_ACTS * decibels(next.x / point.x);
    });
    return [
      ...(first && last && span > 0
        ? [
            {
              name: `Output change over ${Math.round(span)} dB of input`,
              value: last.y - first.y,
              quantity: "decibel" as const,
            },
          ]
        : []),
      ...figure("AVC begins to act at", acts?.x, "level"),
    ];
  },
  /** Level for 20 dB of quieting. */
  quieting: ({ rows }) => {
    const points = pairs(rows, "level", "quieting").sort((a, b) => a.x - b.x);
    return figure("For 20 dB quieting", crossings(points, QUIET)[0], "level");
  },
  /** Centre, width between the peaks and asymmetry of a discriminator. */
  discriminator: ({ curve }) => {
    const sorted = [...curve].sort((a, b) => a.x - b.x);
    const [low, high] = [
      sorted.reduce<Point | undefined>((best, one) => (best && best.y <= one.y ? best : one), undefined),
      sorted.reduce<Point | undefined>((best, one) => (best && best.y >= one.y ? best : one), undefined),
    ];
    if (!low || !high || low === high || low.y >= 0 || high.y <= 0) return [];
    const [from, to] = [Math.min(low.x, high.x), Math.max(low.x, high.x)];
    const centre = crossings(
      sorted.filter(({ x }) => x >= from && x <= to),
      0,
    )[0];
    return [
      ...figure("Centre", centre, "frequency"),
      ...figure("Between the peaks", to - from, "frequency"),
      ...figure("Asymmetry of the peaks", Math.abs(high.y + low.y) / Math.max(high.y, -low.y), "percent"),
    ];
  },
  /** The largest error of a dial, as a share. */
  "worst-error": ({ rows }) =>
    figure(
      "Largest error",
      most(rows.flatMap((row) => (row.error === undefined ? [] : [Math.abs(row.error)]))),
      "percent",
    ),
  /** How far a frequency moved in all, from its first row. */
  drift: ({ rows }) => {
    const values = rows.flatMap((row) => (row.frequency === undefined ? [] : [row.frequency]));
    const first = values[0];
    return first === undefined || values.length < 2
      ? []
      : figure("Largest move from the first", most(values.map((one) => Math.abs(one - first))), "frequency");
  },
  /** How far the output fell from its first row, dB. */
  fade: ({ rows }) => {
    const values = rows.flatMap((row) => (row.output === undefined || row.output <= 0 ? [] : [row.output]));
    const [first, low] = [values[0], least(values)];
    return first === undefined || low === undefined || values.length < 2
      ? []
      : [{ name: "Deepest fade", value: 10 * Math.log10(low / first), quantity: "decibel" }];
  },
  /** Play of a drive: mean of the readings from above less that from below, beside their scatter. */
  backlash: ({ rows }) => {
    const from = (side: number) =>
      scatter(rows.flatMap((row) => (row.side === side && row.reading !== undefined ? [row.reading] : [])));
    const [below, above] = [from(0), from(1)];
    if (!below || !above) return [];
    const [play, spread] = [Math.abs(above.mean - below.mean), Math.max(above.spread, below.spread)];
    return [
      ...figure("Backlash", play, "frequency"),
      ...figure("Scatter of one side", spread, "frequency"),
      {
        name: "Verdict",
        text:
          play > PLAY_OVER_SCATTER * spread
            ? "There is play: the two sides differ by more than twice their scatter."
            : "No play that stands out of the scatter.",
      },
    ];
  },
  /** The lowest supply at which the set still plays. */
  "lowest-supply": ({ rows }) => {
    const plays = rows.flatMap((row) => (row.supply !== undefined && (row.plays ?? 0) > 0 ? [row.supply] : []));
    const stops = rows.flatMap((row) => (row.supply !== undefined && row.plays === 0 ? [row.supply] : []));
    return [
      ...figure("Plays down to", least(plays), "voltage"),
      ...figure("The oscillator stops at", most(stops), "voltage"),
    ];
  },
  /** Fall of the voltage from no load to the highest load. */
  regulation: ({ rows }) => {
    const points = pairs(rows, "load", "volts").sort((a, b) => a.x - b.x);
    const [first, last] = [points[0], points.at(-1)];
    return first && last && last.x > first.x && last.y > 0
      ? [
          ...figure("Regulation", (first.y - last.y) / last.y, "percent"),
          ...figure("Source resistance", (first.y - last.y) / (last.x - first.x), "resistance"),
        ]
      : [];
  },
  /** Spread of the tubes' or bands' output, dB. */
  "output-range": ({ rows }) => {
    const values = rows.flatMap((row) => (row.output !== undefined && row.output > 0 ? [row.output] : []));
    const [low, high] = [least(values), most(values)];
    return low === undefined || high === undefined || values.length < 2
      ? []
      : [{ name: "Weakest row against the strongest", value: 10 * Math.log10(low / high), quantity: "decibel" }];
  },
} as const satisfies Record<string, (run: RunFigures) => Sum[]>;

export type SumName = keyof typeof SUMS;
export const SUM_NAMES = Object.keys(SUMS) as [SumName, ...SumName[]];

export const sumsOf = (names: readonly SumName[], run: RunFigures): Sum[] => names.flatMap((name) => SUMS[name](run));
