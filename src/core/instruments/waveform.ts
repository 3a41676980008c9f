/** A captured trace: samples evenly in time. */
export type Waveform = {
  /** s between two samples */
  step: number;
  /** V */
  volts: readonly number[];
};

/** Fewest and most samples that are a trace. */
const [FEWEST, MOST] = [8, 100_000];

export type WaveformRead = { ok: true; waveform: Waveform } | { ok: false; message: string };
const no = (message: string): WaveformRead => ({ ok: false, message });

/**
 * Reads the samples of a definite block (IEEE 488.2, 8.7.9): signed, 16 bits, the high byte first.
 * @param block as text of eight bits a character @param step s between two samples @param scale V of one step
 */
export function waveformOf(block: string, step: number, scale: number): WaveformRead {
  const digits = /^#([1-9])/.exec(block)?.[1];
  const length = digits ? Number(block.slice(2, 2 + Number(digits))) : Number.NaN;
  const from = 2 + Number(digits ?? 0);
  if (!Number.isInteger(length) || block.length < from + length)
    return no("The oscilloscope sent no whole block of samples.");
  if (!(step > 0) || !Number.isFinite(step) || !(Math.abs(scale) > 0) || !Number.isFinite(scale))
    return no("The oscilloscope did not say what its samples are in seconds and volts.");
  const count = Math.floor(length / 2);
  if (count < FEWEST || count > MOST) return no(`A trace has ${FEWEST} to ${MOST} samples, and this one ${count}.`);
  const volts = Array.from({ length: count }, (_, at) => {
    const [high, low] = [block.charCodeAt(from + 2 * at) & 0xff, block.charCodeAt(from + 2 * at + 1) & 0xff];
    return ((((high << 8) | low) << 16) >> 16) * scale;
  });
  return { ok: true, waveform: { step, volts } };
}

const NUMBER = /^[+-]?(?:\d+\.?\d*|\.\d+)(?:[eE][+-]?\d+)?$/;

/**
 * Reads a list of seconds and volts, as an oscilloscope exports it: two columns of numbers behind whatever heads it, with
 * commas, semicolons or tabs; a comma for a point where the columns are parted otherwise.
 */
export function waveformFromCsv(text: string): WaveformRead {
  const rows: [number, number][] = [];
  for (const line of text.split(/\r?\n/)) {
    const parts =
      line.includes(";") || line.includes("\t")
        ? line.split(/[;\t]/).map((cell) => cell.replace(",", "."))
        : line.split(",");
    const [time = "", volts = ""] = parts.map((cell) => cell.trim().replaceAll('"', ""));
    if (NUMBER.test(time) && NUMBER.test(volts)) rows.push([Number(time), Number(volts)]);
  }
  if (rows.length < FEWEST) return no("No two columns of numbers were found: seconds, then volts.");
  if (rows.length > MOST) return no(`A trace has at most ${MOST} samples: thin it out.`);
  const [first, last] = [rows[0] as [number, number], rows.at(-1) as [number, number]];
  const step = (last[0] - first[0]) / (rows.length - 1);
  if (!(step > 0)) return no("The first column has to be seconds that grow.");
  const uneven = rows.some(([time], at) => Math.abs(time - first[0] - at * step) > Math.max(0.6 * step, 1e-12));
  if (uneven) return no("The seconds do not go on evenly: a trace has the same time between all its samples.");
  return { ok: true, waveform: { step, volts: rows.map(([, volts]) => volts) } };
}

/** As a list that reads again. */
export const waveformCsv = ({ step, volts }: Waveform): string =>
  ["seconds,volts", ...volts.map((one, at) => `${(at * step).toPrecision(9)},${one.toPrecision(6)}`)].join("\r\n") +
  "\r\n";

/** What a trace measures; V, s, Hz. What it does not have is left out. */
export type TraceFigures = {
  /** of the alternating part, and of all of it */
  rms: number;
  rmsAll: number;
  peakToPeak: number;
  mean: number;
  /** peak to peak over the mean, where there is a mean to speak of: ripple on a supply */
  ripple?: number;
  hertz?: number;
  /** from 10 % to 90 % of the first whole rise */
  rise?: number;
  /** depth of an envelope, 0 to 1: (crest − trough) / (crest + trough) */
  modulation?: number;
};

/** Less than this of its size from above and below is noise, not a crossing. */
const BAND = 0.1;
/** Ripple is spoken of where the mean is the larger part. */
const MEAN_COUNTS = 2;
/** So many periods make an envelope. */
const LEAST_PERIODS = 8;
/** An envelope that moves less than this is none. */
const LEAST_DEPTH = 0.02;

/** Where the trace goes up through its middle, in samples; a band around it keeps noise from counting twice. */
function crossings(volts: readonly number[], middle: number, size: number): number[] {
  const [low, high] = [middle - BAND * size, middle + BAND * size];
  const found: number[] = [];
  let armed = false;
  for (let at = 1; at < volts.length; at += 1) {
    const [before, now] = [volts[at - 1] as number, volts[at] as number];
    if (now < low) armed = true;
    if (armed && before < high && now >= high) {
      // Where it passed the middle, between samples.
      let back = at;
      while (back > 1 && (volts[back - 1] as number) > middle) back -= 1;
      const [a, b] = [volts[back - 1] as number, volts[back] as number];
      found.push(back - 1 + (b === a ? 0 : (middle - a) / (b - a)));
      armed = false;
    }
  }
  return found;
}

function riseOf(volts: readonly number[], step: number, least: number, most: number): number | undefined {
  const [low, high] = [least + 0.1 * (most - least), least + 0.9 * (most - least)];
  let from: number | undefined;
  for (let at = 1; at < volts.length; at += 1) {
    const [a, b] = [volts[at - 1] as number, volts[at] as number];
    if (a < low && b >= low) from = at - 1 + (low - a) / (b - a);
    if (a > low && b <= low) from = undefined;
    if (from !== undefined && a < high && b >= high) return (at - 1 + (high - a) / (b - a) - from) * step;
  }
  return undefined;
}

function depthOf(volts: readonly number[], mean: number, marks: readonly number[]): number | undefined {
  if (marks.length <= LEAST_PERIODS) return undefined;
  const peaks = marks.slice(1).map((mark, at) => {
    const [from, to] = [Math.floor(marks[at] as number), Math.ceil(mark)];
    return Math.max(...volts.slice(from, to + 1).map((one) => Math.abs(one - mean)));
  });
  const [crest, trough] = [Math.max(...peaks), Math.min(...peaks)];
  const depth = (crest - trough) / (crest + trough);
  return depth > LEAST_DEPTH ? depth : undefined;
}

/**
 * Measures a trace, or a stretch of it. RMS and mean are taken over whole periods where it has some.
 * @example a sine of 10 V peak: 7.07 V rms, 20 V peak to peak
 */
export function measureTrace({ step, volts: all }: Waveform, from = 0, to = all.length): TraceFigures {
  const volts = all.slice(Math.max(0, from), Math.min(all.length, to));
  const [least, most] = volts.reduce(
    ([low, high], one) => [Math.min(low, one), Math.max(high, one)],
    [Infinity, -Infinity],
  );
  const size = (most - least) / 2;
  const marks = size > 0 ? crossings(volts, (most + least) / 2, size) : [];
  const [first, last] = [marks[0], marks.at(-1)];
  const whole =
    first !== undefined && last !== undefined && marks.length > 1
      ? volts.slice(Math.round(first), Math.round(last))
      : volts;
  const mean = whole.reduce((sum, one) => sum + one, 0) / Math.max(1, whole.length);
  const square = (about: number) =>
    Math.sqrt(whole.reduce((sum, one) => sum + (one - about) ** 2, 0) / Math.max(1, whole.length));
  const rise = riseOf(volts, step, least, most);
  const modulation = depthOf(volts, mean, marks);
  return {
    rms: square(mean),
    rmsAll: square(0),
    peakToPeak: most - least,
    mean,
    ...(Math.abs(mean) > MEAN_COUNTS * size && size > 0 ? { ripple: (most - least) / Math.abs(mean) } : {}),
    ...(marks.length > 1 && first !== undefined && last !== undefined
      ? { hertz: (marks.length - 1) / ((last - first) * step) }
      : {}),
    ...(rise === undefined ? {} : { rise }),
    ...(modulation === undefined ? {} : { modulation }),
  };
}
