import { settleString, type Lamp, type StringHeater } from "./string";
import { tubeTypes, type Heater } from "./table";

/**
 * How far heater volts lie from the law and the data sheet, one standard deviation of their logarithm. Shop's estimate.
 * @example of a heater of 12.6 V that runs at its current, two of three read between 11.9 and 13.3 V
 */
const SPREAD = 0.06;
/** So much likelier than the line-up as it is drawn a stranger has to be, as a logarithm. */
const TELLS = Math.log(20);
/** Heaters nearer to one another than this are one, as a fraction. */
const SAME = 0.02;

export type WrongHeater = {
  position: string;
  /** the heater that fits what was measured */
  heater: Heater;
  /** types with such a heater; those with the socket of the right tube first */
  types: string[];
  /** what each heater would then get, V */
  volts: Map<string, number>;
};

type Listed = { heater: Heater; types: { type: string; base: string }[] };
let listed: Listed[] | undefined;

/** Heaters of the tube table, each with its types; gathered once. */
function heatersOfTable(): Listed[] {
  if (listed) return listed;
  const found: Listed[] = [];
  for (const { type, heaters, pinout } of tubeTypes())
    for (const heater of heaters) {
      const same = found.find(
        (one) =>
          Math.abs(one.heater.volts / heater.volts - 1) < SAME && Math.abs(one.heater.amps / heater.amps - 1) < SAME,
      );
      const named = { type, base: pinout.base };
      if (same) same.types.push(named);
      else found.push({ heater, types: [named] });
    }
  listed = found;
  return found;
}

/**
 * Which tube of a string is a wrong one, from the volts across its heaters: the strings with one stranger each are worked
 * out, for every heater of the tube table, and held against what was measured.
 * @param line V @param ohms of the dropper, Ω @param heaters as they are drawn
 * @param across volts that were measured across heaters, by position; two or more
 * @returns undefined where the string as drawn explains them as well
 */
export function wrongHeater(
  line: number,
  ohms: number,
  heaters: readonly StringHeater[],
  across: ReadonlyMap<string, number>,
  lamp?: Lamp,
): WrongHeater | undefined {
  const read = heaters.flatMap(({ position }) => {
    const volts = across.get(position);
    return volts !== undefined && volts > 0 ? [{ position, volts }] : [];
  });
  if (read.length < 2 || !(line > 0)) return undefined;
  const fitOf = (string: readonly StringHeater[]) => {
    const { each } = settleString(line, ohms, string, lamp);
    const volts = new Map(each.map(({ position, volts: got }) => [position, got]));
    // The line may be off by a little: the mean of all is no fault of one.
    const off = read.map((one) => Math.log(one.volts / (volts.get(one.position) ?? one.volts)));
    const miss = off.reduce((sum, one) => sum + (one / SPREAD) ** 2, 0) / 2;
    return { volts, log: -miss };
  };
  const drawn = fitOf(heaters);
  const strangers = heaters.flatMap((own, at) =>
    heatersOfTable().flatMap(({ heater, types }) => {
      const alike =
        Math.abs(heater.volts / own.heater.volts - 1) < SAME && Math.abs(heater.amps / own.heater.amps - 1) < SAME;
      if (alike) return [];
      const fit = fitOf(heaters.map((one, index) => (index === at ? { ...one, heater } : one)));
      return [{ position: own.position, type: own.type, heater, types, ...fit }];
    }),
  );
  const best = strangers.reduce<(typeof strangers)[number] | undefined>(
    (top, one) => (top === undefined || one.log > top.log ? one : top),
    undefined,
  );
  if (!best || best.log - drawn.log < TELLS) return undefined;
  const base = tubeTypes().find(({ type }) => type === best.type)?.pinout.base;
  const rank = (one: { base: string }) => (one.base === base ? 0 : 1);
  return {
    position: best.position,
    heater: best.heater,
    types: [...best.types].sort((a, b) => rank(a) - rank(b)).map(({ type }) => type),
    volts: best.volts,
  };
}
