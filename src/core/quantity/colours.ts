/**
 * Colour bands of resistors (and of capacitors and chokes marked the same way), IEC 60062:2016.
 * Three bands: two digits and a multiplier, tolerance ±20 %. Four: with tolerance. Five: three digits. Six: with
 * temperature coefficient.
 */

export const COLOURS = [
  "black",
  "brown",
  "red",
  "orange",
  "yellow",
  "green",
  "blue",
  "violet",
  "grey",
  "white",
  "gold",
  "silver",
  "pink",
] as const;
export type Colour = (typeof COLOURS)[number];

/** Tolerance as a fraction. */
const TOLERANCES: Partial<Record<Colour, number>> = {
  brown: 0.01,
  red: 0.02,
  orange: 0.0005,
  yellow: 0.0002,
  green: 0.005,
  blue: 0.0025,
  violet: 0.001,
  grey: 0.0001,
  gold: 0.05,
  silver: 0.1,
};

/** Temperature coefficient in parts per million a kelvin. */
const COEFFICIENTS: Partial<Record<Colour, number>> = {
  black: 250,
  brown: 100,
  red: 50,
  orange: 15,
  yellow: 25,
  green: 20,
  blue: 10,
  violet: 5,
  grey: 1,
};

const POWERS: Record<Colour, number> = Object.fromEntries(
  COLOURS.map((colour, index) => [colour, index <= 9 ? index : index === 10 ? -1 : index === 11 ? -2 : -3]),
) as Record<Colour, number>;

/** Tolerance of a part with three bands. */
export const NO_BAND_TOLERANCE = 0.2;

export type Banded = {
  value: number;
  tolerance: number;
  coefficient?: number;
  /** the other way in which the same bands can be read */
  or?: { value: number; tolerance: number; why: string };
};
export type BandResult = { ok: true; value: Banded } | { ok: false; at: number; message: string };

/** Failures of a military part in 1000 hours, percent: the fifth band of the old code. MIL-STD-1285. */
const FAILURES: Partial<Record<Colour, string>> = { brown: "1", red: "0.1", orange: "0.01", yellow: "0.001" };

/** Gold or silver as the fourth of five: a multiplier of the code with three digits, or the tolerance of a military part. */
function failureRated(bands: readonly Colour[]): Banded["or"] {
  const [first, second, multiplier, fourth, fifth] = bands;
  const failures = fifth ? FAILURES[fifth] : undefined;
  if (!failures || (fourth !== "gold" && fourth !== "silver") || !first || !second || !multiplier) return undefined;
  const plain = decodeBands([first, second, multiplier, fourth]);
  return plain.ok
    ? {
        value: plain.value.value,
        tolerance: plain.value.tolerance,
        why: `on a military part the fifth band is its failures: ${failures} % in 1000 h`,
      }
    : undefined;
}

/**
 * Reads colour bands from left to right.
 * @param bands three to six colours
 * @returns the value in base units (ohms on a resistor), tolerance as a fraction, coefficient in ppm/K; or which band is wrong and why
 */
export function decodeBands(bands: readonly Colour[]): BandResult {
  if (bands.length < 3 || bands.length > 6)
    return { ok: false, at: bands.length, message: "A part has three to six bands." };
  const digitCount = bands.length >= 5 ? 3 : 2;
  const strange = bands.findIndex((colour) => !COLOURS.includes(colour));
  if (strange >= 0)
    return { ok: false, at: strange, message: `“${bands[strange]}” is no colour of the code. Which one is it?` };
  let digits = 0;
  for (const [at, colour] of bands.slice(0, digitCount).entries()) {
    const digit = COLOURS.indexOf(colour);
    if (digit > 9)
      return { ok: false, at, message: `Band ${at + 1} is a digit; ${colour} has none. Try the other end.` };
    digits = digits * 10 + digit;
  }
  const multiplier = bands[digitCount] as Colour;
  const value = Number((digits * 10 ** POWERS[multiplier]).toPrecision(6));
  const toleranceBand = bands[digitCount + 1];
  const tolerance = toleranceBand ? TOLERANCES[toleranceBand] : NO_BAND_TOLERANCE;
  if (tolerance === undefined)
    return {
      ok: false,
      at: digitCount + 1,
      message: `Band ${digitCount + 2} is the tolerance; ${toleranceBand} stands for none.`,
    };
  const coefficientBand = bands[digitCount + 2];
  if (!coefficientBand) {
    const or = bands.length === 5 ? failureRated(bands) : undefined;
    return { ok: true, value: { value, tolerance, ...(or ? { or } : {}) } };
  }
  const coefficient = COEFFICIENTS[coefficientBand];
  if (coefficient === undefined)
    return { ok: false, at: 5, message: `Band 6 is the temperature coefficient; ${coefficientBand} stands for none.` };
  return { ok: true, value: { value, tolerance, coefficient } };
}

const colourOf = <T extends number>(table: Partial<Record<Colour, T>>, wanted: number): Colour | undefined =>
  COLOURS.find((colour) => table[colour] === wanted);

/**
 * Gives the bands of a value.
 * @param part value in base units; tolerance as a fraction that the code knows; coefficient in ppm/K for six bands
 * @param digitCount significant digits: 2 for three or four bands, 3 for five or six
 * @returns the bands, or why the code cannot write this value
 */
export function encodeBands(
  part: Banded,
  digitCount: 2 | 3,
): { ok: true; bands: Colour[] } | { ok: false; message: string } {
  if (!(part.value >= 0) || !Number.isFinite(part.value))
    return { ok: false, message: "A value that is zero or more is needed." };
  const power = part.value === 0 ? 0 : Math.floor(Math.log10(part.value)) - (digitCount - 1);
  const scaled = part.value / 10 ** power;
  const digits = Math.round(scaled);
  if (part.value > 0 && Math.abs(scaled - digits) > 1e-6 * scaled)
    return { ok: false, message: `This value needs more than ${digitCount} digits: use more bands.` };
  const multiplier = COLOURS.find((colour) => POWERS[colour] === power);
  if (!multiplier) return { ok: false, message: "No multiplier band reaches this value." };
  const numberBands = String(digits)
    .padStart(digitCount, "0")
    .split("")
    .map((digit) => COLOURS[Number(digit)] as Colour);
  const bands = [...numberBands, multiplier];
  if (part.tolerance === NO_BAND_TOLERANCE && digitCount === 2 && part.coefficient === undefined)
    return { ok: true, bands };
  const tolerance = colourOf(TOLERANCES, part.tolerance);
  if (!tolerance) return { ok: false, message: "No band stands for this tolerance." };
  bands.push(tolerance);
  if (part.coefficient === undefined) return { ok: true, bands };
  const coefficient = colourOf(COEFFICIENTS, part.coefficient);
  if (digitCount === 2 || !coefficient)
    return { ok: false, message: "A coefficient takes a sixth band, of a colour that stands for it." };
  return { ok: true, bands: [...bands, coefficient] };
}
