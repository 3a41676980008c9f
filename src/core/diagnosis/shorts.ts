import type { Fault } from "./types";

/** A short of this share or more is one that a meter sees as a low resistance. */
const SURE_SHORT = 0.4;
/** How surely a fault shows as a low resistance with the power off: what blows fuses nearly always does. */
export const shortShare = ({ mode }: Fault): number => {
  const blows = mode.shows.blows ?? 0;
  return blows >= SURE_SHORT ? 0.5 + blows / 2 : blows;
};

/** How surely a fault draws so much from the line that a lamp in series stays bright. */
export const lineDraw = ({ mode }: Fault): number =>
  Math.max(
    mode.shows.blows ?? 0,
    ...mode.volts.map(({ electrode, move, share }) => (electrode === "line" && move === "high" ? share : 0)),
  );
