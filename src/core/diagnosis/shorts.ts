import type { Fault } from "./types";

/**
 * A fault that takes a fuse with it this often is a short, and a meter sees it. Shop's estimate.
 * @example a reservoir that shorts takes the fuse with it nine times of ten, and ohms to chassis show it
 */
const IS_SHORT = 0.4;
export const isShort = ({ mode }: Fault): boolean => (mode.shows.blows ?? 0) >= IS_SHORT;

/** How surely a fault shows as a low resistance with the power off, 0 to 1: what blows fuses nearly always does. Shop's estimate. */
export const shortShare = (fault: Fault): number => {
  const blows = fault.mode.shows.blows ?? 0;
  return isShort(fault) ? 0.5 + blows / 2 : blows;
};

/** How surely a fault draws so much from the line that a lamp in series stays bright. */
export const lineDraw = ({ mode }: Fault): number =>
  Math.max(
    mode.shows.blows ?? 0,
    ...mode.volts.map(({ electrode, move, share }) => (electrode === "line" && move === "high" ? share : 0)),
  );
