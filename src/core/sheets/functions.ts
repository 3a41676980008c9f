import { decibels, powerDecibels, wattsOfLevel } from "../levels";
import { dissipation, efficiency, envelopeDepth, envelopePower, standingWave } from "../transmit";
import type { ColumnQuantity } from "./quantities";

type Args = Record<string, number>;
type Fn = {
  /** what it does, for who makes a sheet of his own */
  says: string;
  /** what it takes, each in the SI base unit; those with a mark may be missing */
  takes: Record<string, string>;
  gives: ColumnQuantity;
  of: (args: Args) => number;
};

const arg = (args: Args, name: string): number => args[name] ?? Number.NaN;
const over = (a: number, b: number): number => (b === 0 ? Number.NaN : a / b);

/** Level that an S9 stands for, V at 50 Ω: 50 µV below 30 MHz, 5 µV above; 6 dB a unit. IARU Region 1, R.1. @example 25 µV at 7 MHz is S8 */
const S9_BELOW = 50e-6;
const S9_ABOVE = 5e-6;
const HF_TO = 30e6;
const DB_A_UNIT = 6;
const S9 = 9;

/** Output at which a receiver's sensitivity is usually given, W. Trade use. @example 0.45 V on 4 Ω */
const STANDARD_OUTPUT = 0.05;
/** (S+N)/N at which a receiver's sensitivity is usually given, dB. Trade use. */
const STANDARD_RATIO = 10;

const sUnits = (volts: number, hertz: number): number =>
  S9 + decibels(volts / (hertz > HF_TO ? S9_ABOVE : S9_BELOW)) / DB_A_UNIT;

/**
 * Functions that work a column out. A sheet names them; a new kind of measurement needs at most one more of them.
 * Every one gives NaN where its figures do not allow an answer.
 */
export const FUNCTIONS = {
  "watts-in-load": {
    says: "Power from the voltage across a load: V²/R.",
    takes: { volts: "V rms", ohms: "Ω" },
    gives: "power",
    of: (a) => over(arg(a, "volts") ** 2, arg(a, "ohms")),
  },
  "voltage-decibels": {
    says: "A voltage against another: 20·log10.",
    takes: { volts: "V", against: "V" },
    gives: "decibel",
    of: (a) => decibels(arg(a, "volts") / arg(a, "against")),
  },
  "power-decibels": {
    says: "A power against another: 10·log10.",
    takes: { watts: "W", against: "W" },
    gives: "decibel",
    of: (a) => powerDecibels(arg(a, "watts") / arg(a, "against")),
  },
  "below-power": {
    says: "A voltage across a load, in dB below a power: hum below the rated output.",
    takes: { volts: "V rms", ohms: "Ω", watts: "W" },
    gives: "decibel",
    of: (a) => powerDecibels(arg(a, "volts") ** 2 / arg(a, "ohms") / arg(a, "watts")),
  },
  "level-dbm": {
    says: "A level in dBm, from the volts across the load.",
    takes: { level: "V rms", ohms: "Ω" },
    gives: "decibel",
    of: (a) => powerDecibels(wattsOfLevel(arg(a, "level"), arg(a, "ohms")) / 1e-3),
  },
  "signal-and-noise": {
    says: "(S+N)/N: output with modulation against output without it, 20·log10.",
    takes: { with: "V", without: "V" },
    gives: "decibel",
    of: (a) => decibels(arg(a, "with") / arg(a, "without")),
  },
  "level-for-ratio": {
    says: "The level that 10 dB (S+N)/N would take, from the one that was used: dB for dB, true near 10 dB.",
    takes: { level: "V", with: "V", without: "V" },
    gives: "level",
    of: (a) => arg(a, "level") * 10 ** ((STANDARD_RATIO - decibels(arg(a, "with") / arg(a, "without"))) / 20),
  },
  "level-for-output": {
    says: "The level that 50 mW of output would take, from the one that was used: volt for volt, with the AVC at rest.",
    takes: { level: "V", volts: "V rms", ohms: "Ω" },
    gives: "level",
    of: (a) => arg(a, "level") * Math.sqrt(STANDARD_OUTPUT / (arg(a, "volts") ** 2 / arg(a, "ohms"))),
  },
  "plate-input": {
    says: "Input of a final stage: V·I.",
    takes: { volts: "V", amps: "A" },
    gives: "power",
    of: (a) => arg(a, "volts") * arg(a, "amps"),
  },
  efficiency: {
    says: "Output over plate input.",
    takes: { output: "W", volts: "V", amps: "A" },
    gives: "percent",
    of: (a) => efficiency({ output: arg(a, "output"), volts: arg(a, "volts"), amps: arg(a, "amps") }),
  },
  dissipation: {
    says: "Heat in each plate: (V·I + drive − output) over the tubes.",
    takes: { volts: "V", amps: "A", drive: "W", output: "W", tubes: "number" },
    gives: "power",
    of: (a) =>
      dissipation(
        { volts: arg(a, "volts"), amps: arg(a, "amps"), drive: arg(a, "drive"), output: arg(a, "output") },
        arg(a, "tubes"),
      ),
  },
  "standing-wave": {
    says: "SWR from forward and reflected power.",
    takes: { forward: "W", reflected: "W" },
    gives: "number",
    of: (a) => standingWave(arg(a, "forward"), arg(a, "reflected")),
  },
  "envelope-depth": {
    says: "Depth of modulation: (crest − trough)/(crest + trough).",
    takes: { crest: "any", trough: "any" },
    gives: "percent",
    of: (a) => envelopeDepth(arg(a, "crest"), arg(a, "trough")),
  },
  "envelope-power": {
    says: "Peak envelope power: V²/2R.",
    takes: { peak: "V peak", ohms: "Ω" },
    gives: "power",
    of: (a) => envelopePower(arg(a, "peak"), arg(a, "ohms")),
  },
  difference: {
    says: "One figure less another.",
    takes: { of: "any", less: "the same" },
    gives: "number",
    of: (a) => arg(a, "of") - arg(a, "less"),
  },
  "frequency-difference": {
    says: "A frequency less another, Hz.",
    takes: { of: "Hz", less: "Hz" },
    gives: "frequency",
    of: (a) => arg(a, "of") - arg(a, "less"),
  },
  "share-off": {
    says: "How far a figure is off another, as a share of it.",
    takes: { of: "any", from: "the same" },
    gives: "percent",
    of: (a) => over(arg(a, "of") - arg(a, "from"), arg(a, "from")),
  },
  "drift-rate": {
    says: "Drift in millionths a minute since the first row.",
    takes: { hertz: "Hz", first: "Hz", time: "s", begun: "s" },
    gives: "number",
    of: (a) => over(1e6 * (arg(a, "hertz") / arg(a, "first") - 1), (arg(a, "time") - arg(a, "begun")) / 60),
  },
  "s-units": {
    says: "The S units that a level should show: S9 is 50 µV to 30 MHz and 5 µV above, 6 dB a unit.",
    takes: { level: "V", hertz: "Hz" },
    gives: "number",
    of: (a) => sUnits(arg(a, "level"), arg(a, "hertz")),
  },
  "s-error": {
    says: "How far an S-meter is off, dB.",
    takes: { reading: "S units", level: "V", hertz: "Hz" },
    gives: "decibel",
    of: (a) => (arg(a, "reading") - sUnits(arg(a, "level"), arg(a, "hertz"))) * DB_A_UNIT,
  },
  regulation: {
    says: "Fall of the voltage under load, as a share of that under load.",
    takes: { idle: "V", volts: "V" },
    gives: "percent",
    of: (a) => over(arg(a, "idle") - arg(a, "volts"), arg(a, "volts")),
  },
  share: {
    says: "One figure as a share of another.",
    takes: { of: "any", whole: "the same" },
    gives: "percent",
    of: (a) => over(arg(a, "of"), arg(a, "whole")),
  },
  "capacitance-left": {
    says: "What is left of a reservoir, from its ripple: I/(f·V), f the ripple's frequency. It comes out a little high.",
    takes: { amps: "A", hertz: "Hz", ripple: "V peak to peak" },
    gives: "capacitance",
    of: (a) => over(arg(a, "amps"), arg(a, "hertz") * arg(a, "ripple")),
  },
  "hours-left": {
    says: "How long a battery lasts: its charge over the current.",
    takes: { charge: "Ah", amps: "A" },
    gives: "time",
    of: (a) => over(arg(a, "charge") * 3600, arg(a, "amps")),
  },
} as const satisfies Record<string, Fn>;

export type FunctionName = keyof typeof FUNCTIONS;
export const FUNCTION_NAMES = Object.keys(FUNCTIONS) as [FunctionName, ...FunctionName[]];

/** Calls a function by its name. @returns undefined where its figures do not allow an answer */
export function workOut(name: FunctionName, args: Args): number | undefined {
  const value = (FUNCTIONS[name] as Fn).of(args);
  return Number.isFinite(value) ? value : undefined;
}

/** What a function gives. */
export const givesOf = (name: FunctionName): ColumnQuantity => FUNCTIONS[name].gives;
