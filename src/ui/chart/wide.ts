/**
 * The width of a chart that fills the page, in units of its paper: that of its place, so that its words keep their size on
 * a tablet. On a wider screen than the first figure it grows with its place, below the second one it shrinks with it.
 * @param place px @example wideFor(790) // 790
 */
export const wideFor = (place: number): number => Math.min(WIDEST, Math.max(NARROWEST, place));

export const WIDEST = 1200;
const NARROWEST = 640;
