import { figuresOf, parseQuantity } from "../quantity";

const BARE = /^\d[\d.,]*$/;

/**
 * A frequency as dials have it: a bare figure is in kilohertz, one with a unit in its own.
 * @returns Hz; undefined where it reads as no frequency above zero
 * @example readKilohertz("930") // 930 kHz; readKilohertz("7.1 MHz") // 7.1 MHz
 */
export function readKilohertz(text: string): number | undefined {
  const plain = text.trim();
  // Of two ways to read a comma the one with the decimal stands last.
  const bare = BARE.test(plain) ? figuresOf(plain).at(-1) : undefined;
  const parsed = bare === undefined ? parseQuantity(plain, "frequency") : undefined;
  const hertz = bare === undefined ? (parsed?.ok ? parsed.value : undefined) : bare * 1e3;
  return hertz !== undefined && hertz > 0 ? hertz : undefined;
}
