import { COLOURS, decodeBands, NO_BAND_TOLERANCE, type BandResult, type Colour } from "./colours";

/**
 * Colour codes of parts from before the bands: resistors marked body, end and dot (RMA, 1930s), and moulded capacitors
 * with three, five or six dots (RMA to 1938; JAN-C-5, JAN-C-91 and EIA RS-153 afterwards).
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

/**
 * Dots as they stand, from left to right, the top row first, with the arrow or the maker's name upright. Three dots are
 * one row; five are two on top and three below.
 */
export type Dots = readonly Colour[];

export type MicaReading = {
  code: "RMA" | "EIA or JAN" | "JAN, paper";
  /** farad */
  value: number;
  /** fraction */
  tolerance: number;
  /** V; only the RMA codes tell it */
  volts?: number;
  /** moulded paper in the shape of a mica: it leaks as paper does, and is replaced */
  paper?: true;
};

const digit = (colour: Colour | undefined): number | undefined => {
  const index = colour === undefined ? -1 : COLOURS.indexOf(colour);
  return index >= 0 && index <= 9 ? index : undefined;
};

const multiplier = (colour: Colour | undefined): number | undefined => {
  if (colour === "gold") return 0.1;
  if (colour === "silver") return 0.01;
  const power = digit(colour);
  return power === undefined || power > 6 ? undefined : 10 ** power;
};

/** RMA: the digit is the percentage; EIA and JAN use a few of them. */
const rmaTolerance = (colour: Colour | undefined): number | undefined => {
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
const rmaVolts = (colour: Colour | undefined): number | undefined => {
  if (colour === "gold") return 1000;
  if (colour === "silver") return 2000;
  const hundreds = digit(colour);
  return hundreds ? hundreds * 100 : undefined;
};

/** Digits and a multiplier as farads. A value does not begin with nought. */
function farads(digits: readonly (Colour | undefined)[], power: Colour | undefined): number | undefined {
  const read = digits.map(digit);
  const times = multiplier(power);
  if (!read[0] || read.some((one) => one === undefined) || times === undefined) return undefined;
  const number = read.reduce<number>((sum, one) => sum * 10 + (one ?? 0), 0);
  return Number((number * times * 1e-12).toPrecision(6));
}

type Read = (dots: Dots) => MicaReading | undefined;

/** Three dots, the oldest code: two digits and a multiplier; always ±20 % and 500 V. */
const readThree: Read = ([a, b, power]) => {
  const value = farads([a, b], power);
  return value === undefined ? undefined : { code: "RMA", value, tolerance: NO_BAND_TOLERANCE, volts: 500 };
};

/** The RMA codes of five and six dots: digits on top; voltage, tolerance and multiplier below. */
const readRma: Read = (dots) => {
  const [voltage, tolerance, power] = dots.slice(-3);
  const value = farads(dots.slice(0, -3), power);
  const within = rmaTolerance(tolerance);
  const volts = rmaVolts(voltage);
  return value === undefined || within === undefined || volts === undefined
    ? undefined
    : { code: "RMA", value, tolerance: within, volts };
};

/** The later code of six dots: the first one says what is inside, the fourth how it drifts with heat. */
const readEia: Read = ([kind, a, b, , tolerance, power]) => {
  // Black says mica in the military code, white in the civil one; silver says paper.
  if (kind !== "black" && kind !== "white" && kind !== "silver") return undefined;
  const value = farads([a, b], power);
  const within = tolerance ? EIA_TOLERANCE[tolerance] : undefined;
  if (value === undefined || within === undefined) return undefined;
  return kind === "silver"
    ? { code: "JAN, paper", value, tolerance: within, paper: true }
    : { code: "EIA or JAN", value, tolerance: within };
};

const READERS: Record<number, readonly Read[]> = { 3: [readThree], 5: [readRma], 6: [readRma, readEia] };

/** So many dots a moulded capacitor can have. */
export const DOT_COUNTS = [3, 5, 6] as const;

/**
 * Reads the dots of a moulded capacitor by every code they fit. A white first dot of six can be a nine (RMA) or say
 * “mica” (EIA): then there are two readings, and a meter decides. A colour that is in no code has no reading.
 */
export function decodeDots(dots: Dots): MicaReading[] {
  return (READERS[dots.length] ?? []).flatMap((read) => read(dots) ?? []);
}
