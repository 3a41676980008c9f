import { format, formatDeviation } from "../quantity";
import { bplusBand, STOP_AT_FULL_LINE, STOP_AT_STEP } from "./first-power";
import type { PowerExpectation, Stage } from "./plan";

/** Things that are seen, heard or smelt, and end a power-up whatever the meters say. */
export const DANGERS = ["smoke", "smell", "red-plate", "arcing", "lamp-bright", "other"] as const;
export type Danger = (typeof DANGERS)[number];
export const DANGER_WORDS: Record<Danger, string> = {
  smoke: "smoke",
  smell: "a smell of burning",
  "red-plate": "a plate glows red",
  arcing: "arcing",
  "lamp-bright": "the lamp stays bright",
  other: "something else that is wrong",
};

export type StopRule = "over-step" | "over-full" | "grows" | "no-bplus" | Danger;

/** What was read at a step. Base units. */
export type StepReading = {
  stage: Stage;
  fraction: number;
  /** settled, after warm-up */
  amps?: number | undefined;
  /** at the end of the hold */
  endAmps?: number | undefined;
  bplus?: number | undefined;
  heaters?: number | undefined;
  /** V, as read */
  lineVolts?: number | undefined;
  seen?: readonly Danger[] | undefined;
  /** behind a series lamp B+ and heaters are not judged */
  lamp?: boolean | undefined;
  expected: PowerExpectation;
};

export type StepVerdict = {
  verdict: "go" | "watch" | "stop" | "none";
  reasons: { rule?: StopRule; text: string }[];
};

/** Growth of the current during a hold beyond this is growth, as a fraction. Shop rule: the needle's own width is less. */
export const GROWTH = 0.1;
/** Growth smaller than this is a needle's width, A. Shop rule. */
const SMALLEST_GROWTH = 0.003;
/** No B+ by this fraction of the line ends the rise. Trade rule. */
export const BPLUS_BY = 0.75;
/** Less than this share of the chart's B+ is none. Shop rule. */
const NO_BPLUS = 0.1;
/** Heaters of receiving tubes: ±10 %. Data sheets. */
const HEATER_TOLERANCE = 0.1;
/** Less than this share of what a step should draw is worth a look, as a fraction. Shop rule. */
const HARDLY_ANY = 0.25;

const amperes = (value: number) => format(value, "current", 3);

function stops({ stage, fraction, amps, endAmps, bplus, seen = [], expected }: StepReading) {
  const found: { rule: StopRule; text: string }[] = seen.map((danger) => ({
    rule: danger,
    text: `Seen: ${DANGER_WORDS[danger]}.`,
  }));
  const { fullAmps } = expected;
  const most = Math.max(amps ?? 0, endAmps ?? 0);
  if (fullAmps && most > fullAmps * STOP_AT_FULL_LINE + 1e-9)
    found.push({
      rule: "over-full",
      text: `${amperes(most)} is more than ${STOP_AT_FULL_LINE} times the full current of ${amperes(fullAmps)}.`,
    });
  else if (fullAmps && most > fullAmps * fraction * STOP_AT_STEP + 1e-9)
    found.push({
      rule: "over-step",
      text: `${amperes(most)} is more than ${STOP_AT_STEP} times the ${amperes(fullAmps * fraction)} that this step should draw.`,
    });
  if (amps !== undefined && endAmps !== undefined && endAmps > amps * (1 + GROWTH) && endAmps - amps > SMALLEST_GROWTH)
    found.push({
      rule: "grows",
      text: `The current grew from ${amperes(amps)} to ${amperes(endAmps)} during the hold.`,
    });
  const highVoltage = stage === "rectifier-in" || stage === "all-in";
  if (highVoltage && expected.bplus && bplus !== undefined && fraction >= BPLUS_BY && bplus < expected.bplus * NO_BPLUS)
    found.push({
      rule: "no-bplus",
      text: `No B+ (${format(bplus, "voltage")}) at ${format(fraction, "percent")} of the line.`,
    });
  return found;
}

function watches({
  stage,
  fraction,
  amps,
  bplus,
  heaters,
  lamp,
  lineVolts,
  expected,
}: StepReading): { text: string }[] {
  const found: { text: string }[] = [];
  const share = lineVolts ? lineVolts / expected.fullVolts : fraction;
  if (
    expected.fullAmps &&
    amps !== undefined &&
    stage !== "rectifier-out" &&
    !lamp &&
    amps < expected.fullAmps * fraction * HARDLY_ANY
  )
    found.push({
      text: `Hardly any current: ${amperes(amps)} of ${amperes(expected.fullAmps * fraction)}. Fuse, switch, a broken string?`,
    });
  const highVoltage = stage === "rectifier-in" || stage === "all-in";
  if (!lamp && highVoltage && expected.bplus && bplus !== undefined) {
    const [low, high] = bplusBand(
      Math.min(1, share),
      expected.bplus,
      expected.ceiling ?? expected.bplus,
      Boolean(expected.warm),
    );
    if (bplus > high * 1.05)
      found.push({ text: `B+ ${format(bplus, "voltage")} is above its band: do the tubes draw?` });
    else if (bplus < low)
      found.push({ text: `B+ ${format(bplus, "voltage")} is below its band (from ${format(low, "voltage")}).` });
  }
  if (!lamp && expected.heaters && heaters !== undefined) {
    const off = heaters / (expected.heaters * share) - 1;
    if (Math.abs(off) > HEATER_TOLERANCE)
      found.push({ text: `Heaters are ${formatDeviation(off)} for this line; ±10 % is allowed.` });
  }
  return found;
}

/**
 * Judges a step of a power-up by the stop rules. The order in which the figures came does not matter.
 * @returns `stop` with every broken rule, `watch` with what is odd, `go`, or `none` when no current was read
 */
export function judgeStep(reading: StepReading): StepVerdict {
  const broken = stops(reading);
  if (broken.length > 0) return { verdict: "stop", reasons: broken };
  const odd = watches(reading);
  if (odd.length > 0) return { verdict: "watch", reasons: odd };
  return { verdict: reading.amps === undefined ? "none" : "go", reasons: [] };
}

/**
 * Was an ampere figure meant in milliamperes? Only where the figure cannot be and its thousandth can.
 * @param amps as read, A @param full current of the set, A
 */
export const looksLikeMilliamps = (amps: number, full: number | undefined): boolean =>
  amps >= (full ? full * 5 : 20) && (full === undefined || amps / 1000 <= full * 5);

const FIRST = "Off, unplug, discharge through a resistor, and measure what is left.";

const AFTER: Record<StopRule, (stage: Stage) => string[]> = {
  "over-step": (stage) => tooMuch(stage),
  "over-full": (stage) => tooMuch(stage),
  grows: () => [
    "Feel (discharged) which part is warm: reservoir and smoothing first, they heat when they leak.",
    "Output grid: positive volts mean a leaky coupling capacitor, and the tube runs away.",
    "Output tube and rectifier: gas, a short when hot.",
    "Transformer: warm with everything pulled means shorted turns.",
  ],
  "no-bplus": () => [
    "Rectifier: lit, seated, emission.",
    "Choke or field coil: ohms across it, cold. Open means no B+ behind it.",
    "High-voltage winding: ohms of both halves against the chart and each other.",
    "Reservoir: a dead short would have shown in the current; check B+ to chassis again.",
  ],
  smoke: () => BURNT,
  smell: () => BURNT,
  arcing: () => BURNT,
  "red-plate": () => [
    "Grid of that tube: bias there at all? Coupling capacitor leaky, grid leak open, bias supply dead.",
    "Cathode resistor: value, and its bypass for a short.",
    "The tube itself: gas, a grid short when hot. Change it with its sister and see whether the fault goes along.",
    "Transmitter: is it oscillating by itself? Parasitic suppressors, neutralising, a missing load.",
  ],
  "lamp-bright": (stage) => tooMuch(stage),
  other: () => ["Write down what it was, and find it before power comes on again."],
};

const BURNT = [
  "Find the part by eye and nose before anything else is touched.",
  "Measure B+ to chassis again, and every part that hangs on the burnt one.",
  "Smoke of a selenium rectifier is poisonous: air the room.",
];

function tooMuch(stage: Stage): string[] {
  if (stage === "rectifier-out")
    return [
      "Pull all tubes and try at a quarter of the line: still too much means transformer or wiring.",
      "Heater wiring and dial lamp sockets: a short to chassis.",
      "Capacitors across the mains.",
      "Transformer: hums, warms with no load, or one winding's ohms low: shorted turns.",
    ];
  if (stage === "filaments")
    return [
      "Filament polarity and plug.",
      "A tube of another filament, or shorted: pull them one by one.",
      "Wiring and switch.",
    ];
  return [
    "B+ to chassis, cold: against what it was before.",
    "Reservoir and smoothing capacitors: polarity, leakage at voltage, a short.",
    "Output tube: grid volts positive? Lift the coupling capacitor.",
    "Rectifier: shorted, or gassy. Decoupling capacitors on each branch of B+.",
  ];
}

/** What to check next after a stop, in order. */
export function afterStop(rules: readonly StopRule[], stage: Stage): string[] {
  return [...new Set([FIRST, ...rules.flatMap((rule) => AFTER[rule](stage))])];
}
