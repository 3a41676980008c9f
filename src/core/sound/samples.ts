import type { Sound } from "./wav";

/** Recordings of our own making, to try the search for a hum without a set: multiples of the line with their shares. */
const RECIPES = {
  "heater leak": [1, 0.12, 0.05],
  "dry reservoir": [0.08, 1, 0.03, 0.35, 0.02, 0.12],
  "rectifier buzz": [0.1, 0.7, 0.3, 0.8, 0.35, 0.6, 0.3, 0.5, 0.2, 0.4],
} as const;
export type SampleName = keyof typeof RECIPES;
export const SAMPLE_NAMES = Object.keys(RECIPES) as SampleName[];

/** Samples a second, seconds and level of them: small, and enough for six multiples. */
const RATE = 8000;
const SECONDS = 3;
const LEVEL = 0.2;
const HISS = 0.002;

/** A hum with its multiples and a little hiss; the same every time. @param line Hz */
export function sampleHum(name: SampleName, line: number): Sound {
  let state = 1937;
  const hiss = () => {
    state = (state * 1_103_515_245 + 12_345) % 2_147_483_648;
    return HISS * ((2 * state) / 2_147_483_648 - 1);
  };
  return {
    rate: RATE,
    samples: Float64Array.from({ length: RATE * SECONDS }, (_, n) =>
      RECIPES[name].reduce(
        (sum, share, k) => sum + LEVEL * share * Math.sin((2 * Math.PI * line * (k + 1) * n) / RATE + k),
        hiss(),
      ),
    ),
  };
}
