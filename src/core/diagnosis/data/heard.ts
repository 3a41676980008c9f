import type { TestAct } from "../types";

/**
 * What shows of the whole set without opening it: an owner hears it, and one listens again after a repair. In the order in
 * which a complaint is told.
 */
export const HEARD: readonly TestAct[] = [
  "fuse",
  "lamp",
  "smell",
  "glow",
  "hum",
  "noise",
  "steady",
  "dial",
  "bands",
  "mode",
  "warm",
  "thump",
  "knob",
  "turn",
  "play",
  "phono",
  "phones",
];
