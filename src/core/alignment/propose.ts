import {
  DESIGNATOR,
  partOf,
  type AlignmentRow,
  type Component,
  type ModelBand,
  type Sheet,
  type StageKind,
} from "../model";
import { trackingPoints } from "../tracking";

/** Ways of aligning, by what the set is. */
export const WAYS = ["am", "dual", "trf", "fm", "transmitter", "module", "calibration"] as const;
export type Way = (typeof WAYS)[number];
export const WAY_WORDS: Record<Way, string> = {
  am: "AM superhet",
  dual: "Double superhet",
  trf: "TRF and tuned RF",
  fm: "FM",
  transmitter: "Transmitter or amplifier",
  module: "Detector module fitted to this IF",
  calibration: "Levels and reference of a later rig",
};

/** A proposed step with its reason; and what in it is a guess. */
export type Proposed = { row: AlignmentRow; why: string; guess?: string };

type Parts = Pick<Sheet, "components" | "bands" | "tubes" | "kind" | "supply">;

const NAMED: Record<string, RegExp> = {
  if: /\bi\.?f\.?\b|intermediate/i,
  discriminator: /discriminator|ratio det|detector coil/i,
  trap: /\btrap\b/i,
  bfo: /\bbfo\b|beat/i,
  neutral: /neutrali[sz]/i,
  tank: /\btank\b|plate tun/i,
  load: /\bload(?:ing)?\b/i,
  drive: /\bdrive(?:r)?\b|grid tun/i,
  reference: /reference|calibrat|\bxtal osc|crystal osc/i,
  power: /\bpower\b|\balc\b/i,
};

const says = ({ stage = "", note = "", designator }: Component) => `${designator} ${stage} ${note}`;
const adjustable = ({ designator, role }: Component) =>
  /^[TLCRV]{1,2}\d/.test(designator) && (role === "tuned" || role === "control" || role === "other");
const found = (sheet: Parts, what: RegExp, first: RegExp = /^./): string[] =>
  sheet.components
    .filter((one) => first.test(one.designator) && adjustable(one) && what.test(says(one)))
    .map(({ designator }) => designator);

/** A place for an adjuster that the sheet does not name. */
const orPlaceholder = (known: string | undefined, made: string): { name: string; guess?: string } =>
  known ? { name: known } : { name: made, guess: `The sheet names no such part: put its own place for ${made}.` };

const step = (row: AlignmentRow, why: string, guess?: string): Proposed => ({ row, why, ...(guess ? { guess } : {}) });

/** Volts across the loudspeaker above which the AVC of a usual set acts. Shop rule. @example keep the output below 0.5 V */
const WEAK = "0.5 V across the loudspeaker";
const OUTPUT = "AC volts across the loudspeaker";

/** IF transformers from the detector backwards, each core to peak. */
function ifRows(sheet: Parts, hertz: number, stages: readonly StageKind[], group = "IF"): Proposed[] {
  const count = Math.max(2, stages.filter((kind) => kind === "if").length + 1);
  const known = found(sheet, NAMED.if ?? /$^/, /^T/);
  return Array.from({ length: Math.max(count, known.length) }, (_, n) => {
    const place = Math.max(count, known.length) - 1 - n;
    const { name, guess } = orPlaceholder(known[place], `T${place + 1}`);
    return ["bottom", "top"].map((core, half) =>
      step(
        {
          ...{ group, hertz, adjust: `${name} ${core}`, aim: "maximum", measure: OUTPUT, level: WEAK },
          ...{
            generator: n === 0 ? "grid of the last IF tube" : "grid of the mixer",
            through: "0.1 µF",
            modulation: "400 Hz, 30 %",
          },
          ...{ dial: "gang open, no station" },
        },
        half === 0
          ? n === 0
            ? "From the detector backwards: what lies behind is right before what feeds it."
            : "The one before it: its load is right now."
          : "The other winding of the same transformer. Twice, as each pulls the other.",
        guess,
      ),
    );
  }).flat();
}

const fraction = (hertz: number) =>
  hertz >= 1e6 ? `${Number((hertz / 1e6).toFixed(3))} MHz` : `${Math.round(hertz / 1e3)} kHz`;

/** A frequency that a generator's dial shows: rounded to two or three figures. */
function rounded(hertz: number): number {
  const size = 10 ** (Math.floor(Math.log10(hertz)) - 2);
  return Math.round(hertz / (2 * size)) * 2 * size;
}

/** Oscillator, then antenna, at both ends of a band. */
function bandRows(band: ModelBand): Proposed[] {
  const [low, , high] = trackingPoints(band.from, band.to).map(rounded) as [number, number, number];
  const base = {
    generator: "antenna socket",
    through: "dummy antenna",
    modulation: "400 Hz, 30 %",
    measure: OUTPUT,
    level: WEAK,
  } as const;
  const at = (hertz: number) => ({ ...base, hertz, dial: fraction(hertz) });
  const trimmer = orPlaceholder(band.trimmer, "C1");
  const padder = orPlaceholder(band.padder ?? (band.coil ? `${band.coil} core` : undefined), "C2");
  const antenna = { group: `${band.name} antenna`, aim: "maximum" as const };
  const oscillator: Proposed[] =
    band.side === "none" || band.crystal !== undefined
      ? []
      : [
          step(
            { ...at(high), group: `${band.name} oscillator`, adjust: trimmer.name, aim: "maximum", end: "high" },
            "The trimmer sets the high end: there the gang is small, and the trimmer is most of what is left.",
            trimmer.guess,
          ),
          step(
            { ...at(low), group: `${band.name} oscillator`, adjust: padder.name, aim: "maximum", end: "low" },
            "Padder or core set the low end. It moves the high end: back and forth until neither moves.",
            padder.guess,
          ),
        ];
  return [
    ...oscillator,
    step(
      { ...at(high), ...antenna, adjust: "C3", end: "high" },
      "With the dial right, the signal circuit follows at the same end.",
      "Put its own place for C3.",
    ),
    step(
      { ...at(low), ...antenna, adjust: "L1 core", end: "low", remark: "rock the dial to and fro while it is peaked" },
      "At the low end while rocking the dial, as both circuits pull each other there.",
      "Put its own place for L1.",
    ),
  ];
}

function trapRows(sheet: Parts, hertz: number): Proposed[] {
  return found(sheet, NAMED.trap ?? /$^/).map((name) =>
    step(
      {
        group: "IF trap",
        hertz,
        generator: "antenna socket",
        through: "dummy antenna",
        modulation: "400 Hz, 30 %",
        adjust: name,
        aim: "minimum",
        measure: OUTPUT,
      },
      "A trap keeps the IF out of the antenna: for the least, with a strong signal.",
    ),
  );
}

function bfoRows(sheet: Parts, hertz: number, stages: readonly StageKind[]): Proposed[] {
  if (!stages.includes("bfo") && !sheet.bands?.some(({ bfo }) => bfo !== undefined)) return [];
  const { name, guess } = orPlaceholder(found(sheet, NAMED.bfo ?? /$^/)[0], "T9");
  return [
    step(
      {
        group: "BFO",
        hertz,
        generator: "grid of the mixer",
        through: "0.1 µF",
        modulation: "none",
        adjust: name,
        aim: "zero-beat",
        measure: "by ear, the pitch control in its middle",
      },
      "To the middle of the IF, so that the pitch goes the same way on both sides.",
      guess,
    ),
  ];
}

const last = (bands: readonly ModelBand[], key: "mid" | "mid2") =>
  bands.findLast((band) => band[key] !== undefined)?.[key];

/** Usual intermediate frequencies, Hz, where the sheet names none. Trade use. @example 465 kHz for AM, 110 kHz for a second one, 10.7 MHz for FM */
const USUAL_IF = { am: 465e3, second: 110e3, fm: 10.7e6 } as const;

function superhet(sheet: Parts, stages: readonly StageKind[], double: boolean): Proposed[] {
  const bands = sheet.bands ?? [];
  const first = last(bands, "mid") ?? USUAL_IF.am;
  const second = double ? (last(bands, "mid2") ?? USUAL_IF.second) : undefined;
  return [
    ...(second === undefined ? [] : ifRows(sheet, second, stages, "second IF")),
    ...(second === undefined
      ? ifRows(sheet, first, stages)
      : ifRows({ ...sheet, components: [] }, first, [], "first IF").map((one) => ({
          ...one,
          why: `${one.why} The second IF is right by now.`,
        }))),
    ...trapRows(sheet, first),
    ...bfoRows(sheet, second ?? first, stages),
    ...bands.flatMap(bandRows),
  ];
}

function trf(sheet: Parts): Proposed[] {
  const sections = Math.max(2, found(sheet, /gang|trimmer/i, /^C/).length);
  const known = found(sheet, /trimmer/i, /^C/);
  return (sheet.bands ?? []).flatMap((band) => {
    const [low, , high] = trackingPoints(band.from, band.to).map(rounded) as [number, number, number];
    const base = {
      group: `${band.name} gang`,
      generator: "antenna socket",
      through: "dummy antenna",
      modulation: "400 Hz, 30 %",
      measure: OUTPUT,
    };
    return [
      ...Array.from({ length: sections }, (_, n) => {
        const place = orPlaceholder(known[sections - 1 - n], `C${sections - n}`);
        return step(
          { ...base, hertz: high, dial: fraction(high), adjust: place.name, aim: "maximum", end: "high" },
          "Every section at the high end, from the detector to the antenna: there the trimmers act.",
          place.guess,
        );
      }),
      step(
        {
          ...base,
          hertz: low,
          dial: fraction(low),
          adjust: "C1 plates",
          aim: "maximum",
          end: "low",
          remark: "bend the outer plates of a section only if it peaks off the others",
        },
        "Then the low end: the split end plates, or nothing where all sections peak together.",
      ),
    ];
  });
}

function fm(sheet: Parts, stages: readonly StageKind[]): Proposed[] {
  const bands = sheet.bands ?? [];
  const hertz = last(bands, "mid") ?? USUAL_IF.fm;
  const detector = orPlaceholder(found(sheet, NAMED.discriminator ?? /$^/)[0], "T8");
  const base = { group: "Discriminator", hertz, generator: "grid of the limiter", through: "1 nF", modulation: "none" };
  return [
    ...ifRows(sheet, hertz, stages).map(({ row, ...said }) => ({
      ...said,
      row: { ...row, modulation: "none", measure: "DC volts of the limiter's grid", level: "below limiting" },
    })),
    step(
      { ...base, adjust: `${detector.name} bottom`, aim: "maximum", measure: "DC volts of half the load" },
      "The primary first, for the most: it sets the height of both peaks.",
      detector.guess,
    ),
    step(
      { ...base, adjust: `${detector.name} top`, aim: "zero", measure: "DC volts of the audio take-off" },
      "Then the secondary for zero between two equal peaks.",
      detector.guess,
    ),
    ...bands.flatMap(bandRows),
  ];
}

function transmitter(sheet: Parts): Proposed[] {
  const neutral = orPlaceholder(found(sheet, NAMED.neutral ?? /$^/)[0], "C9");
  const drive = orPlaceholder(found(sheet, NAMED.drive ?? /$^/)[0], "C5");
  const tank = orPlaceholder(found(sheet, NAMED.tank ?? /$^/)[0], "C6");
  const load = orPlaceholder(found(sheet, NAMED.load ?? /$^/)[0], "C7");
  const top = sheet.bands?.at(-1);
  return [
    step(
      {
        group: "Neutralising",
        ...(top ? { hertz: rounded((top.from + top.to) / 2) } : {}),
        generator: "own drive, high voltage of the final off",
        through: "dummy load",
        adjust: neutral.name,
        aim: "minimum",
        measure: "RF at the dummy load",
        remark: "insulated tool; high voltage off and discharged before a hand goes in",
      },
      "Before the tank: a final that feeds back cannot be tuned. On the highest band, where it is worst.",
      neutral.guess,
    ),
    ...(sheet.bands ?? []).flatMap((band) => {
      const hertz = rounded((band.from + band.to) / 2);
      const base = { group: `${band.name} output`, hertz, through: "dummy load", dial: fraction(hertz) };
      return [
        step(
          { ...base, adjust: drive.name, aim: "maximum", measure: "grid current of the final" },
          "Drive first, to the published grid current.",
          drive.guess,
        ),
        step(
          { ...base, adjust: tank.name, aim: "minimum", measure: "plate current" },
          "The dip of the plate current is resonance.",
          tank.guess,
        ),
        step(
          {
            ...base,
            adjust: load.name,
            aim: "maximum",
            measure: "power at the dummy load",
            remark: "not above the published plate current; dip again after it",
          },
          "Then the load, with the dip found again each time.",
          load.guess,
        ),
      ];
    }),
  ];
}

function module(sheet: Parts): Proposed[] {
  const hertz = last(sheet.bands ?? [], "mid2") ?? last(sheet.bands ?? [], "mid") ?? USUAL_IF.am;
  const final = orPlaceholder(found(sheet, NAMED.if ?? /$^/, /^T/).at(-1), "T3");
  const base = {
    group: "Detector module",
    hertz,
    generator: "none: tuned on noise",
    dial: "no station",
    measure: "by ear, on noise",
  };
  return [
    step(
      { ...base, adjust: `${final.name} bottom`, aim: "maximum", remark: "for the most noise" },
      "The module loads the last IF transformer in another way than the old detector: its peak has moved.",
      final.guess,
    ),
    step(
      {
        ...base,
        adjust: "L90 core",
        aim: "minimum",
        remark: "for the lowest-pitched noise: the middle of the passband",
      },
      "Then the module's own oscillator, into the middle of the passband.",
      "Put the module's own place for L90.",
    ),
  ];
}

/** Two levels at which an automatic power setting is set. Trade use. @example 10 W and 100 W */
const LEVELS = ["low", "high"] as const;

function calibration(sheet: Parts): Proposed[] {
  const reference = orPlaceholder(found(sheet, NAMED.reference ?? /$^/)[0], "C91");
  const power = orPlaceholder(found(sheet, NAMED.power ?? /$^/)[0], "R91");
  return [
    step(
      {
        group: "Reference",
        hertz: 10e6,
        generator: "frequency standard, warm",
        modulation: "none",
        adjust: reference.name,
        aim: "zero-beat",
        measure: "beat against the standard",
      },
      "The reference first: every frequency of the rig follows it.",
      reference.guess,
    ),
    ...(sheet.bands ?? []).flatMap((band) =>
      LEVELS.map((level) => {
        const hertz = rounded((band.from + band.to) / 2);
        return step(
          {
            group: `${band.name} power`,
            hertz,
            through: "dummy load",
            dial: fraction(hertz),
            adjust: `${power.name} ${level}`,
            aim: "figure",
            figure: `published ${level} power`,
            measure: "power at the dummy load",
          },
          level === "low"
            ? "Two levels a band: the low one sets where the line begins."
            : "The high one sets its slope. Then the low one again.",
          power.guess,
        );
      }),
    ),
  ];
}

/** The way that fits a set, from its words, bands and stages. */
export function wayOf(sheet: Parts, stages: readonly StageKind[]): Way {
  const bands = sheet.bands ?? [];
  if (/\btrf\b|tuned[- ]r\.?f/i.test(sheet.kind)) return "trf";
  if (/amplifier|transmitter/i.test(sheet.kind) && !/transceiver/i.test(sheet.kind)) return "transmitter";
  if (bands.some(({ mid2 }) => mid2 !== undefined) || stages.filter((kind) => kind === "mixer").length > 1)
    return "dual";
  if (bands.length > 0 && bands.every(({ from }) => from > 60e6)) return "fm";
  if (bands.length > 0 && bands.every(({ side }) => side === "none")) return "trf";
  return "am";
}

const MAKE: Record<Way, (sheet: Parts, stages: readonly StageKind[]) => Proposed[]> = {
  am: (sheet, stages) => superhet(sheet, stages, false),
  dual: (sheet, stages) => superhet(sheet, stages, true),
  trf: (sheet) => trf(sheet),
  fm,
  transmitter: (sheet) => transmitter(sheet),
  module: (sheet) => module(sheet),
  calibration: (sheet) => calibration(sheet),
};

/**
 * An alignment for a set that has no table, from its parts, bands and stages; every step with its reason. What the
 * sheet does not name is a guess, and said to be one.
 */
export const proposeAlignment = (
  sheet: Parts,
  stages: readonly StageKind[],
  way: Way = wayOf(sheet, stages),
): Proposed[] => MAKE[way](sheet, stages);

/** Adjusters of a table whose part the sheet does not have. */
export const strangers = (
  rows: readonly AlignmentRow[],
  components: readonly Pick<Component, "designator">[],
): string[] => {
  const known = new Set(components.map(({ designator }) => designator));
  return [
    ...new Set(rows.map(({ adjust }) => partOf(adjust)).filter((part) => DESIGNATOR.test(part) && !known.has(part))),
  ];
};
