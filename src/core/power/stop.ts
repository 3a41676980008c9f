import { format, formatDeviation, keepsTo } from "../quantity";
import { HEATER_TOLERANCE } from "../thumb";
import { bplusBand } from "./first-power";
import { assumedAmps, currentLimits } from "./limits";
import type { PowerExpectation, Stage } from "./expectation";

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

export type StopRule =
  "over-step" | "over-full" | "over-line" | "over-bplus" | "over-heaters" | "grows" | "no-bplus" | Danger;

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
  /** at each heater winding, by its name, V */
  rails?: readonly { name: string; volts: number }[] | undefined;
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

/**
 * Growth of the current during a hold beyond this is growth, as a fraction. Shop rule: the needle's own width is less.
 * @example from 220 to 240 mA is no growth, from 220 to 260 mA is
 */
export const GROWTH = 0.1;
/**
 * Growth smaller than this is a needle's width, A. Shop rule.
 * @example from 10 to 12 mA is a needle’s width, although it is a fifth
 */
const SMALLEST_GROWTH = 0.003;
/**
 * No B+ by this fraction of the line ends the rise. Trade rule.
 * @example 3 V of B+ at three quarters of the line: stop; at half of it not yet
 */
export const BPLUS_BY = 0.75;
/**
 * Less than this share of the chart's B+ is none. Shop rule.
 * @example chart 255 V: less than 25.5 V is none
 */
const NO_BPLUS = 0.1;
/**
 * B+ above its ceiling, or above the share of it at this step, beyond these is a stop. Shop rules: the rating margin is 1.1.
 * @example ceiling 380 V: 418 V is the most; at half line 1.25 · 190 = 237.5 V
 */
const BPLUS_OVER_CEILING = 1.1;
const BPLUS_OVER_SHARE = 1.25;
/** B+ this far above its band is odd. Shop rule. */
const BPLUS_ODD = 1.05;
/**
 * Heaters of a mains set above this come off, as a fraction. Shop rule: twice the data sheets' tolerance.
 * @example 6.3 V · 1.2 = 7.56 V is the most
 */
const HEATERS_STOP = 0.2;
/** The line may stand this far above the tap, as a fraction. Follows from the heaters' tolerance. */
const LINE_OVER = HEATER_TOLERANCE.receiving;
/**
 * A step's line may stand this far above its share, as a fraction of full line. Shop rule: half a step of the ladder.
 * @example 230 V at a quarter: 57.5 V belong there, 86 V is the most
 */
const STEP_OVER = 0.125;
/** Less than this share of what a step should draw is worth a look, as a fraction. Shop rule. */
const HARDLY_ANY = 0.25;

const amperes = (value: number) => format(value, "current", 3);
const volts = (value: number) => format(value, "voltage");

type Stop = { rule: StopRule; text: string };

const isHighVoltage = (stage: Stage) => stage === "rectifier-in" || stage === "all-in";

/** The share of full supply that the set saw: by the line as read, else by the step. */
const shareOf = ({ fraction, lineVolts, expected }: StepReading) =>
  lineVolts ? lineVolts / expected.fullVolts : fraction;

function currentStop({ stage, fraction, amps, endAmps, expected }: StepReading): Stop[] {
  const most = Math.max(amps ?? 0, endAmps ?? 0);
  const broken = currentLimits(expected, stage, fraction).find(({ amps: limit }) => most > limit + 1e-9);
  return broken ? [{ rule: broken.rule, text: `${amperes(most)} is more than ${broken.why}.` }] : [];
}

function growthStop({ amps, endAmps }: StepReading): Stop[] {
  const grew =
    amps !== undefined && endAmps !== undefined && endAmps > amps * (1 + GROWTH) && endAmps - amps > SMALLEST_GROWTH;
  return grew
    ? [{ rule: "grows", text: `The current grew from ${amperes(amps)} to ${amperes(endAmps)} during the hold.` }]
    : [];
}

function lineStop({ fraction, lineVolts, expected }: StepReading): Stop[] {
  if (!lineVolts) return [];
  const { fullVolts, lineOver = LINE_OVER } = expected;
  const most = fullVolts * (1 + lineOver);
  if (lineVolts > most * (1 + 1e-9))
    return [
      {
        rule: "over-line",
        text: `${volts(lineVolts)} of line is more than the ${volts(most)} that a set for ${volts(fullVolts)} may see.`,
      },
    ];
  const ahead = fraction + STEP_OVER < 1 && lineVolts > fullVolts * (fraction + STEP_OVER) * (1 + 1e-9);
  return ahead
    ? [
        {
          rule: "over-line",
          text: `${volts(lineVolts)} of line at the step of ${volts(fullVolts * fraction)}: the rise went ahead of its steps.`,
        },
      ]
    : [];
}

function bplusStop(reading: StepReading): Stop[] {
  const { stage, fraction, bplus, lamp, expected } = reading;
  if (bplus === undefined || !isHighVoltage(stage)) return [];
  const ceiling = Math.max(expected.ceiling ?? 0, expected.bplus ?? 0);
  const most = ceiling * Math.min(BPLUS_OVER_CEILING, BPLUS_OVER_SHARE * Math.min(1, shareOf(reading)));
  if (ceiling > 0 && bplus > most * (1 + 1e-9))
    return [
      {
        rule: "over-bplus",
        text: `B+ ${volts(bplus)} is more than the ${volts(most)} that its parts may see at this line.`,
      },
    ];
  // Behind a lamp the set sees less than the line: no B+ proves nothing there.
  return !lamp && expected.bplus && fraction >= BPLUS_BY && bplus < expected.bplus * NO_BPLUS
    ? [{ rule: "no-bplus", text: `No B+ (${volts(bplus)}) at ${format(fraction, "percent")} of the line.` }]
    : [];
}

/** A winding without a load stands so much higher, as a fraction. Shop rule: the regulation of such transformers. */
export const UNLOADED_HIGH = 0.1;

/** Heaters that were read, with what belongs there, and how far they are off it. */
type HeatersRead = { name: string; volts: number; off: number; unloaded: boolean };

/** Every heater reading against what this line gives it; those whose figure nobody knows are left out. */
function heatersRead(reading: StepReading): HeatersRead[] {
  const { heaters, rails = [], expected } = reading;
  // Filaments have a supply of their own: they do not follow the high tension.
  const share = expected.filaments ? 1 : shareOf(reading);
  const one =
    expected.heaters && heaters !== undefined
      ? [{ name: "Heaters", volts: heaters, off: heaters / (expected.heaters * share) - 1, unloaded: false }]
      : [];
  const each = rails.flatMap(({ name, volts: read }): HeatersRead[] => {
    const rail = expected.rails?.find((other) => other.name === name);
    if (!rail) return [];
    const unloaded = rail.unloaded === true;
    const belongs = rail.volts * share * (unloaded ? 1 + UNLOADED_HIGH : 1);
    return [{ name: `Winding “${name}”`, volts: read, off: read / belongs - 1, unloaded }];
  });
  return [...one, ...each];
}

const withoutLoad = ({ unloaded }: HeatersRead) =>
  unloaded ? `, ${format(UNLOADED_HIGH, "percent")} more counted since it has no load` : "";

function heaterStop(reading: StepReading): Stop[] {
  const most = reading.expected.filaments ? HEATER_TOLERANCE.receiving : HEATERS_STOP;
  return heatersRead(reading)
    .filter(({ off }) => !keepsTo(off, most))
    .map((one) => ({
      rule: "over-heaters",
      text: `${one.name} at ${volts(one.volts)}: ${formatDeviation(one.off)} for this line${withoutLoad(one)}, more than +${format(most, "percent")}.`,
    }));
}

function heatersOdd(reading: StepReading): string[] {
  const allowed = reading.expected.heaterTolerance ?? HEATER_TOLERANCE.receiving;
  return heatersRead(reading)
    .filter(({ off }) => !keepsTo(Math.abs(off), allowed))
    .map(
      (one) =>
        `${one.name} at ${volts(one.volts)}: ${formatDeviation(one.off)} for this line${withoutLoad(one)}; ±${format(allowed, "percent")} is allowed.`,
    );
}

const stops = (reading: StepReading): Stop[] => [
  ...(reading.seen ?? []).map((danger): Stop => ({ rule: danger, text: `Seen: ${DANGER_WORDS[danger]}.` })),
  ...lineStop(reading),
  ...currentStop(reading),
  ...growthStop(reading),
  ...bplusStop(reading),
  ...heaterStop(reading),
];

/** What cannot be judged because a figure is missing, in the sheet or at the meter. */
function unknowns({ stage, fraction, amps, bplus, heaters, lamp, expected }: StepReading): string[] {
  const { fullAmps, fullVolts } = expected;
  if (amps === undefined) return [];
  return [
    ...(fullAmps
      ? []
      : [
          `The sheet has no watts, so what this step should draw is not known: ${amperes(assumedAmps(expected))} at ${volts(fullVolts)} is taken as the end. The watts of the nameplate belong in the sheet.`,
        ]),
    ...(isHighVoltage(stage) && !lamp && expected.bplus && bplus === undefined && fraction >= BPLUS_BY
      ? ["B+ was not read: without it nobody knows whether it came."]
      : []),
    ...(heaters !== undefined && !expected.heaters
      ? ["What the heaters should have is not known: the sheet does not say."]
      : []),
  ];
}

function bplusOdd(reading: StepReading): string[] {
  const { stage, bplus, lamp, expected } = reading;
  if (lamp || !isHighVoltage(stage) || !expected.bplus || bplus === undefined) return [];
  const ceiling = expected.ceiling ?? expected.bplus;
  const [low, high] = bplusBand(Math.min(1, shareOf(reading)), expected.bplus, ceiling, Boolean(expected.warm));
  if (bplus > high * BPLUS_ODD) return [`B+ ${volts(bplus)} is above its band: do the tubes draw?`];
  return bplus < low ? [`B+ ${volts(bplus)} is below its band (from ${volts(low)}).`] : [];
}

function watches(reading: StepReading): { text: string }[] {
  const { stage, fraction, amps, lamp, expected } = reading;
  const { fullAmps } = expected;
  const hardly =
    fullAmps !== undefined &&
    amps !== undefined &&
    stage !== "rectifier-out" &&
    !lamp &&
    amps < fullAmps * fraction * HARDLY_ANY;
  return [
    ...(hardly
      ? [`Hardly any current: ${amperes(amps)} of ${amperes(fullAmps * fraction)}. Fuse, switch, a broken string?`]
      : []),
    ...bplusOdd(reading),
    ...(lamp ? [] : heatersOdd(reading)),
    ...unknowns(reading),
  ].map((text) => ({ text }));
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
