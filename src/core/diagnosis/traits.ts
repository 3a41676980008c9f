import type { Sheet, Stage } from "../model";
import { heatersOf, tubeType } from "../tubes";

/** What a set must be for some faults. Where nothing is known of it, a trait is not held against a fault. */
export const TRAITS = [
  "indirect",
  "screen",
  "germanium",
  "rod",
  "field",
  "metal",
  "mica",
  "transformer",
  "full-wave",
  "string",
  "reaction",
] as const;
export type Trait = (typeof TRAITS)[number];

/** What is known of a set, as far as the faults depend on it. Plain data. */
export type Nature = {
  /** year of its making */
  year?: number;
  /** a mains transformer, or none: undefined where nobody knows */
  transformer?: boolean;
  /** heaters in series */
  string?: boolean;
  /** one half of the wave alone is used */
  halfWave?: boolean;
  /** no line comes in: nothing hums by itself */
  battery?: boolean;
  /** a detector with reaction */
  reaction?: boolean;
  /** positions of tubes whose filament is the cathode, and of those without a screen grid */
  direct?: readonly string[];
  screenless?: readonly string[];
  /** of its transistors */
  germanium?: boolean;
  /** all tubes of its kind have filaments, where no tube is known */
  filaments?: boolean;
};

/**
 * When a kind of part was there to be fitted: first and last year. Shop's estimates.
 * @example a ferrite rod in a set of 1928 is none; in one of 1956 it may be broken
 */
export const MADE: Record<"rod" | "field" | "metal" | "mica" | "germanium", { from: number; to: number }> = {
  rod: { from: 1948, to: 2100 },
  field: { from: 1920, to: 1952 },
  metal: { from: 1930, to: 1972 },
  mica: { from: 1936, to: 1972 },
  germanium: { from: 1952, to: 1976 },
};

const dated = (trait: keyof typeof MADE, { year }: Nature): boolean =>
  year === undefined || (year >= MADE[trait].from && year <= MADE[trait].to);

/** May a stage of a set with this nature have a fault that asks for a trait? */
export function may(trait: Trait, nature: Nature, { tubes }: Pick<Stage, "tubes">): boolean {
  const all = (positions: readonly string[] | undefined) =>
    tubes.length > 0 && positions !== undefined && tubes.every((one) => positions.includes(one));
  switch (trait) {
    case "indirect":
      return !(tubes.length > 0 && nature.direct ? all(nature.direct) : nature.filaments);
    case "screen":
      return !all(nature.screenless);
    case "germanium":
      return nature.germanium ?? dated("germanium", nature);
    case "transformer":
      return nature.transformer !== false;
    case "full-wave":
      return !nature.halfWave && !nature.battery;
    case "string":
      return nature.string !== false;
    case "reaction":
      return nature.reaction !== false;
    default:
      return dated(trait, nature);
  }
}

/** Beginnings of transistor types by their material: the first letter of the European code (A germanium, B silicon). */
const GERMANIUM = /^(OC\d|A[CDFSUY][A-Z]?\d|GET|2SA\d{2}\b|2SB\d{2}\b|2N(10[4-9]|1\d\d|2[0-6]\d|40[4-9])\b)|germanium/i;
const SILICON = /^(B[CDFSUY][A-Z]?\d|2SC|2SD|2SK|3N|40\d{3}|2N(2[2-9]|[345]\d)\d\d\b|MPF|MPS)|silicon/i;

function germaniumOf(tubes: Sheet["tubes"]): boolean | undefined {
  const solid = tubes.filter(({ position }) => /^(Q|TR)/i.test(position)).map(({ type }) => type);
  if (solid.some((type) => GERMANIUM.test(type))) return true;
  return solid.length > 0 && solid.every((type) => SILICON.test(type)) ? false : undefined;
}

/** Kinds of tubes without a screen grid. */
const SCREENLESS = /triode$|^diode|diodes|indicator|rectifier|regulator/;
const WITH_SCREEN = /pentode|tetrode|beam|converter/;

/** A cathode of its own has a pin; a filament is one with the heater. */
const cathodeOf = (type: string): boolean | undefined => {
  const pinout = tubeType(type)?.pinout;
  if (!pinout || pinout.unknown) return undefined;
  return pinout.pins.some(({ electrodes }) => electrodes.some((one) => /^k/.test(one)));
};

/** What a sheet tells of its set, as far as faults depend on it. */
export function natureOf({ supply, tubes, kind }: Pick<Sheet, "supply" | "tubes" | "kind">, year?: number): Nature {
  const known = tubes.filter(({ type }) => tubeType(type));
  const kindOf = (type: string) => tubeType(type)?.kind ?? "";
  const rectifiers = known.filter(({ type }) => /rectifier/.test(kindOf(type)));
  const mains = supply !== "battery" && supply !== "low-voltage";
  const germanium = germaniumOf(tubes);
  return {
    ...(year === undefined ? {} : { year }),
    transformer: supply === "transformer" || supply === "high-voltage",
    string: heatersOf(supply, tubes).wiring === "series" || supply === "live-chassis",
    // A live chassis has one diode in the line; of the tubes, a half-wave one that stands alone.
    halfWave:
      supply === "live-chassis" ||
      (mains && rectifiers.length === 1 && kindOf(rectifiers[0]?.type ?? "") === "half-wave rectifier"),
    battery: !mains,
    reaction: /regenerat|reaction|reflex/.test(kind.toLowerCase()),
    direct: known.filter(({ type }) => cathodeOf(type) === false).map(({ position }) => position),
    screenless: known
      .filter(({ type }) => SCREENLESS.test(kindOf(type)) && !WITH_SCREEN.test(kindOf(type)))
      .map(({ position }) => position),
    ...(germanium === undefined ? {} : { germanium }),
  };
}

/** What the short words of a topology say of its sets. */
export function natureNamed(words: string | undefined): Nature {
  const has = new Set((words ?? "").split(" "));
  return {
    ...(has.has("string") ? { string: true } : { string: false }),
    ...(has.has("no-transformer") ? { transformer: false } : {}),
    ...(has.has("half-wave") ? { halfWave: true } : {}),
    ...(has.has("battery") ? { battery: true, transformer: false } : {}),
    ...(has.has("filaments") ? { filaments: true } : {}),
    ...(has.has("silicon") ? { germanium: false } : {}),
    reaction: has.has("reaction"),
  };
}
