import { COLOURS, decodeBands, NO_BAND_TOLERANCE, type BandResult, type Colour } from "./colours";

/**
 * Colour codes of parts from before the bands: resistors marked body, end and dot (RMA, 1930s), and moulded mica
 * capacitors with six dots (RMA 1938; JAN-C-5 and EIA RS-153 afterwards).
 */

export type BodyEndDot = { body: Colour; end: Colour; dot: Colour; otherEnd?: Colour };

/**
 * Reads a resistor by body (first digit), end (second digit) and dot (multiplier); the other end is the tolerance.
 * @returns ohms and tolerance as a fraction (none painted: ±20 %), or which colour cannot stand there
 */
export function decodeBodyEndDot({ body, end, dot, otherEnd }: BodyEndDot): BandResult {
  // The three colours mean what the first three bands mean; only where they stand is different.
  return decodeBands(otherEnd ? [body, end, dot, otherEnd] : [body, end, dot]);
}

/** Top row from left to right, then bottom row from left to right, with the arrow or the maker's name upright. */
export type SixDots = readonly [Colour, Colour, Colour, Colour, Colour, Colour];

export type MicaReading = {
  code: "RMA" | "EIA or JAN";
  /** farad */
  value: number;
  /** fraction */
  tolerance: number;
  /** V; only the RMA code tells it */
  volts?: number;
};

const digit = (colour: Colour): number | undefined => {
  const index = COLOURS.indexOf(colour);
  return index <= 9 ? index : undefined;
};

const multiplier = (colour: Colour): number | undefined => {
  if (colour === "gold") return 0.1;
  if (colour === "silver") return 0.01;
  const power = digit(colour);
  return power === undefined || power > 6 ? undefined : 10 ** power;
};

/** RMA: the digit is the percentage; EIA and JAN use a few of them. */
const RMA_TOLERANCE = (colour: Colour): number | undefined => {
  if (colour === "gold") return 0.05;
  if (colour === "silver") return 0.1;
  const percent = digit(colour);
  return percent === undefined ? undefined : percent === 0 ? NO_BAND_TOLERANCE : percent / 100;
};

const EIA_TOLERANCE: Partial<Record<Colour, number>> = {
  black: 0.2,
  brown: 0.01,
  red: 0.02,
  orange: 0.03,
  green: 0.05,
  gold: 0.05,
  silver: 0.1,
};

/** RMA: hundreds of volts; gold and silver are a thousand and two thousand. */
const rmaVolts = (colour: Colour): number | undefined => {
  if (colour === "gold") return 1000;
  if (colour === "silver") return 2000;
  const hundreds = digit(colour);
  return hundreds ? hundreds * 100 : undefined;
};

const picofarads = (value: number) => Number((value * 1e-12).toPrecision(6));

function readRma([a, b, c, voltage, tolerance, power]: SixDots): MicaReading | undefined {
  const digits = [digit(a), digit(b), digit(c)];
  const times = multiplier(power);
  const within = RMA_TOLERANCE(tolerance);
  const volts = rmaVolts(voltage);
  // A value does not begin with nought.
  if (
    digits.some((d) => d === undefined) ||
    digits[0] === 0 ||
    times === undefined ||
    within === undefined ||
    volts === undefined
  )
    return undefined;
  const [x = 0, y = 0, z = 0] = digits as number[];
  return { code: "RMA", value: picofarads((x * 100 + y * 10 + z) * times), tolerance: within, volts };
}

function readEia([kind, a, b, , tolerance, power]: SixDots): MicaReading | undefined {
  // The first dot says mica: black in the military code, white in the civil one.
  if (kind !== "black" && kind !== "white") return undefined;
  const [x, y, times, within] = [digit(a), digit(b), multiplier(power), EIA_TOLERANCE[tolerance]];
  if (x === undefined || y === undefined || times === undefined || within === undefined) return undefined;
  return { code: "EIA or JAN", value: picofarads((x * 10 + y) * times), tolerance: within };
}

/**
 * Reads the six dots of a moulded mica capacitor by every code they fit. A white first dot can be a nine (RMA) or say
 * “mica” (EIA): then there are two readings, and a meter decides.
 */
export function decodeSixDots(dots: SixDots): MicaReading[] {
  return [readRma(dots), readEia(dots)].filter((reading) => reading !== undefined);
}
