import { format, parseQuantity, type Parsed } from "../quantity";
import { fromDecibels, powerDecibels } from "./decibels";

/** Where a level is read: its resistance, and whether the generator's dial shows what it gives open or terminated. */
export type LevelPlace = { ohms: number; dial: "terminated" | "emf" };

/** Usual resistance of a generator and of a receiver's antenna socket, Ω. Trade use. @example 1 µV at 50 Ω is −107 dBm */
export const LEVEL_OHMS = 50;

/** A matched load halves what a generator gives open. */
const OPEN_OVER_LOADED = 2;

const NUMBER = /^\s*([-−+]?\s*\d+(?:[.,]\d+)?|[-−+]?[.,]\d+)\s*(dbm|dbµv|dbμv|dbuv|dbmv|dbv|dbw|db)\s*(emf)?\s*$/i;

const unreadable = (message: string): Parsed<number> => ({ ok: false, kind: "unreadable", at: 0, message });

/**
 * Reads a level however it is written and gives the volts across the load.
 *
 * dBm and watts are powers in the load, whatever the dial shows; volts, dBµV and dBV are what the dial shows, and are
 * halved where it shows the open (EMF) voltage. `emf` behind a level says so for that one.
 *
 * @param text `-107 dBm`, `1 uV`, `60 dBuV`, `10 mW`, `2 µV emf` @param place ohms above 0
 * @returns V rms across the load, above zero; a bare number or a bare dB is a sentence
 * @example readLevel("-107 dBm", { ohms: 50, dial: "terminated" }) // 1.0 µV
 * @example readLevel("2 µV", { ohms: 50, dial: "emf" }) // 1 µV
 */
export function readLevel(text: string, { ohms, dial }: LevelPlace): Parsed<number> {
  const own = /\bemf\s*$/i.test(text);
  const share = own || dial === "emf" ? 1 / OPEN_OVER_LOADED : 1;
  const found = NUMBER.exec(text);
  if (found) {
    const db = Number((found[1] ?? "").replace(/\s/g, "").replace("−", "-").replace(",", "."));
    const unit = (found[2] ?? "").toLowerCase().replace(/[µμ]/, "u");
    if (unit === "db") return unreadable(`${text.trim()} says nothing without its reference: dBm, dBµV or dBV.`);
    const volts = {
      dbm: () => Math.sqrt(10 ** (db / 10) * 1e-3 * ohms),
      dbw: () => Math.sqrt(10 ** (db / 10) * ohms),
      dbuv: () => 1e-6 * fromDecibels(db) * share,
      dbmv: () => 1e-3 * fromDecibels(db) * share,
      dbv: () => fromDecibels(db) * share,
    }[unit as "dbm"]();
    return Number.isFinite(volts) && volts > 1e-12 && volts < 1e6
      ? { ok: true, value: volts }
      : unreadable("That level is beyond anything at a bench.");
  }
  const bare = text.replace(/\bemf\s*$/i, "").trim();
  if (/^[-−+]?[\d.,]+$/.test(bare)) return unreadable(`“${bare}” needs its unit: µV, dBµV, dBm.`);
  const power = /w(?:atts?)?\s*$/i.test(bare) ? parseQuantity(bare, "power") : undefined;
  if (power?.ok)
    return power.value > 0
      ? { ok: true, value: Math.sqrt(power.value * ohms) }
      : unreadable("A level is above zero: what is not there has none.");
  const volts = parseQuantity(bare, "voltage");
  if (!volts.ok) return volts;
  return volts.value > 0
    ? { ok: true, value: volts.value * share }
    : unreadable("A level is above zero: what is not there has none.");
}

/** Power in the load, W. @param volts rms across it @param ohms above 0 */
export const wattsOfLevel = (volts: number, ohms: number): number => (volts * volts) / ohms;

/** Writes a level in one unit. @param volts rms across the load, above 0 @param ohms above 0 */
export function writeLevel(volts: number, unit: "V" | "dBm" | "dBµV" | "W", ohms: number): string {
  const tenths = (db: number) => `${(Math.round(db * 10) / 10).toFixed(1).replace("-", "−")} ${unit}`;
  if (unit === "dBm") return tenths(powerDecibels(wattsOfLevel(volts, ohms) / 1e-3));
  if (unit === "dBµV") return tenths(20 * Math.log10(volts / 1e-6));
  return unit === "W" ? format(wattsOfLevel(volts, ohms), "power") : format(volts, "voltage");
}

/** What decibels are counted from, as volts across a load; the exponent is 20 for all of them. */
const FROM: Record<string, (ohms: number) => number> = {
  dbm: (ohms) => Math.sqrt(1e-3 * ohms),
  dbw: (ohms) => Math.sqrt(ohms),
  dbuv: () => 1e-6,
  dbmv: () => 1e-3,
  dbv: () => 1,
};

/** Is this the unit of a level in decibels, counted from something? */
export const inDecibels = (unit: string | undefined): boolean =>
  unit !== undefined && unit.toLowerCase().replace(/[µμ]/, "u") in FROM;

/**
 * A level in another unit: dBm, dBµV, dBV, volts or watts in one another.
 * @returns undefined where one of the two is no unit of a level
 * @example levelIn("1", "µV", "dBm", { ohms: 50, dial: "terminated" }) // −107.0
 */
export function levelIn(figure: string, from: string, to: string, place: LevelPlace): number | undefined {
  const read = readLevel(`${figure} ${from}`, place);
  if (!read.ok) return undefined;
  const base = FROM[to.toLowerCase().replace(/[µμ]/, "u")];
  if (base) return 20 * Math.log10(read.value / base(place.ohms));
  const volts = parseQuantity(`1 ${to}`, "voltage");
  if (volts.ok) return read.value / volts.value;
  const watts = parseQuantity(`1 ${to}`, "power");
  return watts.ok ? wattsOfLevel(read.value, place.ohms) / watts.value : undefined;
}
