/** Room for the noise of binary fractions, as a fraction: 0.8 × 4100 is 3280.0000000000005 to the machine. */
const NOISE = 1e-9;

/** Is a figure at its lower limit or above it? On the limit is above: 80 % is good from 80 %. */
export const reaches = (value: number, limit: number): boolean => value >= limit - Math.abs(limit) * NOISE;

/** Is a figure at its upper limit or below it? On the limit is below. */
export const keepsTo = (value: number, limit: number): boolean => value <= limit + Math.abs(limit) * NOISE;
