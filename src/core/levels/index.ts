/** Levels: decibels, and one level written as dBm, dBµV, volts or watts. */
export { decibels, fromDecibels, powerDecibels, printChange } from "./decibels";
export { inDecibels, LEVEL_OHMS, levelIn, readLevel, wattsOfLevel, writeLevel, type LevelPlace } from "./level";
export { rmsOfPeakToPeak, type Shape } from "./peak";
