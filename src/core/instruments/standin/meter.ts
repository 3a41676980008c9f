import type { Command, Device, Done } from "../scpi/device";
import { numberIn, numberText, onOff, OVERLOAD } from "../scpi/values";
import type { SuffixUnit } from "../scpi/suffix";
import type { Bench } from "./world";

const FUNCTIONS = ["VOLT", "VOLT:AC", "CURR", "RES", "FREQ"] as const;
type MeterFunction = (typeof FUNCTIONS)[number];

export type MeterState = { bench: Bench; what: MeterFunction; auto: boolean; range: number; last?: number };

/** Its ranges, V and Ω; a twentieth more than the range is shown before it is too much. */
const RANGES: Record<MeterFunction, readonly number[]> = {
  VOLT: [0.1, 1, 10, 100, 1000],
  "VOLT:AC": [0.1, 1, 10, 100, 750],
  CURR: [0.01, 0.1, 1, 3],
  RES: [100, 1e3, 1e4, 1e5, 1e6, 1e7, 1e8],
  FREQ: [1e6],
};
const HEADROOM = 1.05;
const UNITS: Record<MeterFunction, SuffixUnit> = { VOLT: "V", "VOLT:AC": "V", CURR: "A", RES: "OHM", FREQ: "HZ" };

/** What it is to a circuit, Ω. */
export const INPUT_OHMS = 10e6;
/** How fast a reading follows the probe, ms; noise as a share of the range. */
const [SETTLES, NOISE] = [120, 4e-5];
/** An alternating reading follows what it is given faster than a hand: its rectifier alone has to settle, ms. */
const SETTLES_AC = 20;
/** So little is not counted, V. */
const LEAST_COUNTED = 0.01;

/** What it would show without noise or ranges. */
function truth({ bench, what }: MeterState): number | undefined {
  const { world, probe, power } = bench;
  if (probe === undefined) return what === "RES" ? OVERLOAD : 0;
  if (what === "VOLT") return power ? (world.volts(probe, INPUT_OHMS) ?? 0) : 0;
  // An ohmmeter at a set that is switched on shows nothing that means anything.
  if (what === "RES") return power ? OVERLOAD : (world.ohms(probe) ?? OVERLOAD);
  const alternating = power ? world.ac?.(probe) : undefined;
  if (what === "VOLT:AC") return alternating?.volts ?? 0;
  if (what === "FREQ") return alternating && alternating.volts > LEAST_COUNTED ? alternating.hertz : 0;
  return 0;
}

const rangeFor = (what: MeterFunction, value: number): number =>
  RANGES[what].find((one) => Math.abs(value) <= one * HEADROOM) ?? (RANGES[what].at(-1) as number);

/** The range that it is on now: set, or the smallest that holds what comes. */
const rangeNow = (state: MeterState): number =>
  state.auto ? rangeFor(state.what, state.last ?? truth(state) ?? 0) : state.range;

/** One reading: it comes near its value as the probe settles, on the range that is set, with its noise. */
function reading(state: MeterState): number {
  const value = truth(state) ?? 0;
  if (Math.abs(value) >= OVERLOAD) return value;
  const { since, now, random } = state.bench;
  const ac = state.what === "VOLT:AC" || state.what === "FREQ";
  const from = Math.max(
    since,
    (ac && state.bench.probe !== undefined && state.bench.world.ac?.(state.bench.probe).since) || 0,
  );
  const arrived = value * (1 - Math.exp(-Math.max(0, now() - from) / (ac ? SETTLES_AC : SETTLES)));
  const range = state.auto ? rangeFor(state.what, arrived) : state.range;
  if (Math.abs(arrived) > range * HEADROOM) return Math.sign(arrived) * OVERLOAD;
  // A count is as good as its crystal, and what alternates is never below zero.
  if (state.what === "FREQ") return arrived;
  const noisy = arrived + (random() - 0.5) * 2 * NOISE * range;
  return ac ? Math.abs(noisy) : noisy;
}

const functionOf = (what: MeterFunction): string =>
  ({ VOLT: "VOLTage[:DC]", "VOLT:AC": "VOLTage:AC", CURR: "CURRent[:DC]", RES: "RESistance", FREQ: "FREQuency" })[what];

/** Sets function and range, as CONFigure and MEASure do. */
function configured(
  state: MeterState,
  what: MeterFunction,
  parameters: Parameters<Command<MeterState>["run"]>[1],
): Done<MeterState> {
  const ranges = RANGES[what];
  const [range] = parameters;
  const auto = range === undefined || (range.kind === "word" && ["AUTO", "DEF", "DEFAULT"].includes(range.text));
  if (auto) return { state: { ...state, what, auto: true } };
  const asked = numberIn(range, UNITS[what], { least: ranges[0] as number, most: ranges.at(-1) as number });
  if ("error" in asked) return asked;
  return { state: { ...state, what, auto: false, range: rangeFor(what, asked.value / HEADROOM) } };
}

const taken = (state: MeterState): Done<MeterState> => {
  const last = reading(state);
  return { state: { ...state, last }, answer: numberText(last) };
};

const perFunction = (what: MeterFunction): Command<MeterState>[] => {
  const name = functionOf(what);
  return [
    {
      header: `CONFigure[:SCALar]:${name}`,
      takes: [0, 2],
      run: (state, parameters) => configured(state, what, parameters),
    },
    {
      header: `MEASure[:SCALar]:${name}?`,
      takes: [0, 2],
      run: (state, parameters) => {
        const done = configured(state, what, parameters);
        return "error" in done ? done : taken(done.state);
      },
    },
    {
      header: `[SENSe]:${name}:RANGe[:UPPer]`,
      takes: [1, 1],
      run: (state, parameters) => {
        const done = configured({ ...state }, what, parameters);
        return "error" in done ? done : { state: { ...done.state, what: state.what } };
      },
    },
    {
      header: `[SENSe]:${name}:RANGe[:UPPer]?`,
      run: (state) => ({ state, answer: numberText(rangeNow({ ...state, what })) }),
    },
    {
      header: `[SENSe]:${name}:RANGe:AUTO`,
      takes: [1, 1],
      run: (state, [parameter]) => {
        const said = onOff(parameter);
        return "error" in said ? said : { state: { ...state, auto: said.value } };
      },
    },
    { header: `[SENSe]:${name}:RANGe:AUTO?`, run: (state) => ({ state, answer: state.auto ? "1" : "0" }) },
  ];
};

/** The hand that holds the probe: a stand-in has to be told where it is. */
const HAND: Command<MeterState>[] = [
  {
    header: "STANdin:PROBe",
    takes: [1, 1],
    run: (state, [point]) => {
      if (point?.kind !== "string") return { error: -104 };
      const { probe: _before, ...bench } = state.bench;
      const at = point.text.trim();
      return { state: { ...state, bench: { ...bench, ...(at ? { probe: at } : {}), since: bench.now() } } };
    },
  },
  { header: "STANdin:PROBe?", run: (state) => ({ state, answer: `"${state.bench.probe ?? ""}"` }) },
  {
    header: "STANdin:POWer",
    takes: [1, 1],
    run: (state, [parameter]) => {
      const said = onOff(parameter);
      if ("error" in said) return said;
      return { state: { ...state, bench: { ...state.bench, power: said.value, since: state.bench.now() } } };
    },
  },
  { header: "STANdin:POWer?", run: (state) => ({ state, answer: state.bench.power ? "1" : "0" }) },
  {
    header: "STANdin:POINts?",
    run: (state) => ({ state, answer: `"${state.bench.world.points.join(",")}"` }),
  },
];

/** A digital meter of six digits, as far as it is needed at a bench. */
export const standInMeter = (bench: Bench): Device<MeterState> => ({
  identity: "Jumelle,Stand-in meter,0,1",
  keeps: ({ bench: held }) => ({ bench: held }),
  initial: { bench, what: "VOLT", auto: true, range: 1000 },
  commands: [
    ...FUNCTIONS.flatMap(perFunction),
    {
      header: "CONFigure?",
      run: (state) => ({
        state,
        answer: `"${state.what} ${numberText(rangeNow(state))}"`,
      }),
    },
    { header: "READ?", run: taken },
    { header: "INITiate[:IMMediate]", run: (state) => ({ state: { ...state, last: reading(state) } }) },
    {
      header: "FETCh?",
      run: (state) => (state.last === undefined ? { error: -230 } : { state, answer: numberText(state.last) }),
    },
    { header: "INPut:IMPedance?", run: (state) => ({ state, answer: numberText(INPUT_OHMS) }) },
    ...HAND,
  ],
});
