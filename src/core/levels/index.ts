/** Levels: decibels, and one level written as dBm, dBµV, volts or watts. */
export { decibels, fromDecibels, powerDecibels, printChange } from "./decibels";
export { LEVEL_OHMS, readLevel, wattsOfLevel, writeLevel, type LevelPlace } from "./level";
