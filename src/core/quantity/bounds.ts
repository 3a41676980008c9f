/**
 * What a bench can mean, in any SI base unit: from a femtofarad or femtoampere up to a thousand teraohms. Beyond it a
 * figure is a slip or made to hurt, and quotients of two such figures would leave the numbers of the machine. Shop rule.
 * @example a line of 1e-320 V is refused with a sentence
 */
export const SMALLEST = 1e-15;
export const LARGEST = 1e15;

/** Is this a figure of the bench: zero, or of a size that can be meant? */
export const isMeant = (value: number): boolean =>
  value === 0 || (Math.abs(value) >= SMALLEST && Math.abs(value) <= LARGEST);

export const BEYOND = "That value is beyond anything in a set.";
