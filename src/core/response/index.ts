/** Curves over frequency: levels, limits of a band, crossovers, and the capacitor that shapes the tone. */
export { crossings, edgesAt, levelled, type Point } from "./curve";
export { candidates, fitSource, predict, TONE_FIT_POOR, type ToneFit, type ToneRun } from "./tone";
export { thin } from "./thin";
