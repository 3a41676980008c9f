import { pinoutOf, type Pinout } from "./bases";
import { EUROPEAN } from "./data/european";
import { RECTIFIERS, TRANSMITTING } from "./data/power";
import { RECEIVING } from "./data/receiving";

export const TUBE_KINDS = [
  "triode",
  "power triode",
  "double triode",
  "diode triode",
  "tetrode",
  "variable tetrode",
  "pentode",
  "variable pentode",
  "diode pentode",
  "diode power pentode",
  "triode pentode",
  "power pentode",
  "beam",
  "converter",
  "diodes",
  "indicator",
  "full-wave rectifier",
  "half-wave rectifier",
  "rectifier doubler",
  "regulator",
] as const;
export type TubeKind = (typeof TUBE_KINDS)[number];

/** A heater or filament, V and A. */
export type Heater = { volts: number; amps: number };

/** A typical operation from the data sheet: V, A, siemens. Class C points are for RF power, not for bias by a cathode resistor. */
export type OperatingPoint = {
  plate: number;
  screen?: number;
  grid: number;
  amps?: number;
  screenAmps?: number;
  /** transconductance; of a converter its conversion transconductance, S */
  gm?: number;
  mu?: number;
  /** plate resistance, Ω */
  plateOhms?: number;
  classC: boolean;
  /** measured for a moment only, above what the plate stands */
  momentary?: true;
};

/** Greatest values of the data sheet (design centre for receiving tubes): V, W, MHz. */
export type Limits = { plate?: number; screen?: number; plateWatts?: number; screenWatts?: number; mhz?: number };

/** What a rectifier stands: V, A, F; its drop at a current. */
export type Rectifier = {
  rms?: number;
  amps: number;
  peakInverse: number;
  largestCapacitor?: number;
  drop?: { volts: number; amps: number };
};

export type TubeType = {
  type: string;
  /** other names of the same tube: it fits without a thought */
  names: string[];
  kind: TubeKind;
  pinout: Pinout;
  /** as a plain heater first; a tapped one can be wired both ways */
  heaters: Heater[];
  limits: Limits;
  points: OperatingPoint[];
  rectifier?: Rectifier;
  regulator?: { volts: number; least: number; most: number };
  traits: string[];
  /** what the table has to say of this very type */
  remark?: string;
  /** what in this row nobody is sure of */
  unsure?: string;
  family: "North American" | "European" | "transmitting";
  source: string;
};

const SOURCES = {
  receiving: "the type's registered data sheet, as the North American receiving tube manuals give it (1934–1975)",
  european: "the maker's data sheet of the type, European tube handbooks (1938–1965)",
  power: "the type's registered data sheet: receiving tube manuals, rectifier and regulator sections (1934–1975)",
  transmitting: "the type's registered data sheet, as the transmitting tube manuals give it (1938–1968)",
} as const;

/** `p250 s250 g-12.5`, `drop60@125`: words of a name and a number. */
function readWords(text: string): Map<string, number[]> {
  return new Map(
    text
      .trim()
      .split(/\s+/)
      .flatMap((word): [string, number[]][] => {
        const found = /^([a-z]+)(-?[\d.]+)(?:@([\d.]+))?$/.exec(word);
        return found ? [[found[1] ?? "", [Number(found[2]), ...(found[3] ? [Number(found[3])] : [])]]] : [];
      }),
  );
}

/** Thousandths as the sheet has them, in base units without the noise of binary fractions. */
const milli = (value: number | undefined) => (value === undefined ? undefined : Number((value * 1e-3).toPrecision(9)));

/** Leaves out what is not known. */
const known = <T extends object>(fields: T) =>
  Object.fromEntries(Object.entries(fields).filter(([, value]) => value !== undefined)) as {
    [K in keyof T as undefined extends T[K] ? never : K]: T[K];
  } & { [K in keyof T as undefined extends T[K] ? K : never]?: Exclude<T[K], undefined> };

function readPoint(text: string): OperatingPoint[] {
  if (text.trim() === "") return [];
  const words = readWords(text);
  const word = (key: string) => words.get(key)?.[0];
  return [
    known({
      plate: word("p") ?? 0,
      screen: word("s"),
      grid: word("g") ?? 0,
      amps: milli(word("i")),
      screenAmps: milli(word("si")),
      gm: milli(word("gm")),
      mu: word("mu"),
      plateOhms: word("ra") === undefined ? undefined : Number(((word("ra") ?? 0) * 1e3).toPrecision(9)),
      classC: /^\s*C\s/.test(text),
      momentary: /^\s*T\s/.test(text) ? (true as const) : undefined,
    }),
  ];
}

/** Filaments up to these are made for batteries, V and A: 1.4 and 2 V, both ways of a tapped one. */
const BATTERY_VOLTS = 3;
const BATTERY_AMPS = 0.3;

/** What all tubes of a family share, by how they are named. */
function familyTraits(type: string, { base, pins }: Pinout, heaters: readonly Heater[]): string[] {
  const traits: string[] = [];
  const filament = pins.some(({ electrodes }) => electrodes.includes("f"));
  const [heater] = heaters;
  if (/^U[A-Z]+\d/.test(type)) traits.push("100 mA heater for series strings; each type its own voltage");
  if (/^P[A-Z]+\d/.test(type)) traits.push("300 mA heater for series strings; each type its own voltage");
  // A filament of a few tenths of a watt runs from cells; one of 10 W is a transmitter's.
  if (filament && heater && heater.volts <= BATTERY_VOLTS && heater.amps <= BATTERY_AMPS)
    traits.push("battery filament: too much voltage ends it at once");
  if (base === "loctal") traits.push("socket contacts corrode: rock it in its socket before blaming the tube");
  if (base === "noval" || base === "B7G")
    traits.push("straighten the pins before it goes in: they pass into the glass");
  return traits;
}

function readRow(line: string, file: keyof typeof SOURCES): TubeType {
  const [type = "", kind = "", diagram = "", heaters = "", limits = "", points = "", names = "", remark = ""] = line
    .split("|")
    .map((cell) => cell.trim());
  if (!TUBE_KINDS.includes(kind as TubeKind)) throw new RangeError(`${type}: no such kind of tube: ${kind}`);
  const words = readWords(limits);
  const word = (key: string) => words.get(key)?.[0];
  const pinout = pinoutOf(diagram);
  const piv = word("piv");
  const capacitor = word("c");
  const drop = words.get("drop");
  const rectifier = piv
    ? known({
        rms: word("rms"),
        amps: milli(word("idc")) ?? 0,
        peakInverse: piv,
        largestCapacitor: capacitor === undefined ? undefined : Number((capacitor * 1e-6).toPrecision(9)),
        drop: drop ? { volts: drop[0] ?? 0, amps: milli(drop[1]) ?? 0 } : undefined,
      })
    : undefined;
  const volts = word("v");
  const feeds = heaters
    .split(" ")
    .filter((text) => text !== "-")
    .map((text): Heater => {
      const [v, a] = text.split("/").map(Number);
      return { volts: v ?? 0, amps: a ?? 0 };
    });
  const unsure = /^unsure: (.+)$/.exec(remark)?.[1];
  return {
    type,
    names: names.split(/\s+/).filter(Boolean),
    kind: kind as TubeKind,
    pinout,
    heaters: feeds,
    limits: known({
      plate: word("p"),
      screen: word("s"),
      plateWatts: word("w"),
      screenWatts: word("sw"),
      mhz: word("mhz"),
    }),
    points: points.split(" ; ").flatMap(readPoint),
    ...(rectifier ? { rectifier } : {}),
    ...(volts ? { regulator: { volts, least: milli(word("min")) ?? 0, most: milli(word("max")) ?? 0 } } : {}),
    traits: [...(remark ? [remark] : []), ...familyTraits(type, pinout, feeds)].map(
      (trait) => trait[0]?.toUpperCase() + trait.slice(1),
    ),
    ...(remark ? { remark } : {}),
    ...(unsure ? { unsure } : {}),
    family: file === "transmitting" ? "transmitting" : /^[A-Z]{2,}/.test(type) ? "European" : "North American",
    source: SOURCES[file],
  };
}

const rows = (text: string, file: keyof typeof SOURCES) =>
  text
    .trim()
    .split("\n")
    .map((line) => readRow(line, file));

const ALL: TubeType[] = [
  ...rows(RECEIVING, "receiving"),
  ...rows(EUROPEAN, "european"),
  ...rows(RECTIFIERS, "power"),
  ...rows(TRANSMITTING, "transmitting"),
];

/** Every type of the table. */
export const tubeTypes = (): readonly TubeType[] => ALL;

const plain = (name: string) => name.toUpperCase().replace(/[^A-Z0-9]/g, "");
const BY_NAME = new Map(ALL.flatMap((tube) => [tube.type, ...tube.names].map((name) => [plain(name), tube] as const)));
/** A suffix names the bulb or a later edition (6V6GT, 12AX7WA): the type is the plain one. */
const SUFFIX = /(GTA|GTB|GTY|GT|GB|GA|GY|G|WA|WB|WC|WGB|WGT|W|A|B)$/;

/**
 * A type by any of its names, by upper or lower case, with or without the suffix of its bulb.
 * @example tubeType("ecc83")?.type // "12AX7"
 */
export function tubeType(name: string): TubeType | undefined {
  const key = plain(name);
  const exact = BY_NAME.get(key) ?? BY_NAME.get(key.replace(/^O(?=[A-Z]\d)/, "0"));
  if (exact) return exact;
  const bare = key.replace(SUFFIX, "");
  // A single letter behind the number belongs to the name of a European type or of an early one.
  return bare !== key && /\d[A-Z]+\d$/.test(bare) ? BY_NAME.get(bare) : undefined;
}

/** Steps of one letter (added, left out, changed, swapped) between two short names. */
function distance(a: string, b: string): number {
  let before: number[] = [];
  let row = Array.from({ length: b.length + 1 }, (_, at) => at);
  for (let i = 1; i <= a.length; i += 1) {
    const next = [i];
    for (let j = 1; j <= b.length; j += 1) {
      const same = a[i - 1] === b[j - 1] ? 0 : 1;
      let best = Math.min((row[j] ?? 0) + 1, (next[j - 1] ?? 0) + 1, (row[j - 1] ?? 0) + same);
      if (i > 1 && j > 1 && a[i - 1] === b[j - 2] && a[i - 2] === b[j - 1])
        best = Math.min(best, (before[j - 2] ?? 0) + 1);
      next.push(best);
    }
    before = row;
    row = next;
  }
  return row[b.length] ?? 0;
}

/** How many letters two names begin alike. */
function alike(known: string, key: string): number {
  const name = plain(known);
  let at = 0;
  while (at < key.length && name[at] === key[at]) at += 1;
  return at;
}

/** Names in the table nearest to one that is not; the likeliest first. */
export function nearestTypes(name: string, count = 5): string[] {
  const key = plain(name);
  if (key === "") return [];
  return ALL.flatMap((tube) => [tube.type, ...tube.names])
    .map((known) => ({ known, off: distance(key, plain(known)) }))
    .filter(({ off }) => off <= Math.max(1, Math.floor(key.length / 2)))
    .sort((a, b) => a.off - b.off || alike(b.known, key) - alike(a.known, key) || a.known.localeCompare(b.known))
    .slice(0, count)
    .map(({ known }) => known);
}

/** Is this tube made to rectify? */
export const rectifies = (tube: TubeType): boolean => /rectifier/.test(tube.kind);

/** Transconductance of the first typical operation that has one, S. */
export const nominalGm = (tube: TubeType): number | undefined => tube.points.find(({ gm }) => gm !== undefined)?.gm;

/** The typical operation nearest to a plate voltage, class C left aside. */
export function pointNear(tube: TubeType, plateVolts?: number): OperatingPoint | undefined {
  const points = tube.points.filter(({ classC }) => !classC);
  const [first] = points;
  if (!first || plateVolts === undefined) return first;
  const off = (point: OperatingPoint) => Math.abs(point.plate - plateVolts);
  return points.reduce((best, point) => (off(point) < off(best) ? point : best), first);
}
