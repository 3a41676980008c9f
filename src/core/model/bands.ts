/** On which side of the signal the oscillator of a band is; none: a set without conversion. */
export const SIDES = ["above", "below", "none"] as const;
export type Side = (typeof SIDES)[number];
