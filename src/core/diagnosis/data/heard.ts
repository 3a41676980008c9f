import type { TestAct } from "../types";
import { bareId } from "./paths";

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

const OF_THE_WHOLE: ReadonlySet<string> = new Set([...HEARD, "works"]);

/** Does a test show of the whole set, from outside, what somebody may complain of? By its name: `play-tx`, `works:agc`. */
export const isHeard = (test: string): boolean => OF_THE_WHOLE.has(bareId(test.split(":")[0] ?? test));
