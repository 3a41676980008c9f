/** A series lamp is about one to two times the set's watts. Trade rule. */
export const LAMP_LEAST = 1;
export const LAMP_MOST = 2;
const LAMP_BEST = 1.5;

/** Usual filament lamps, W. */
export const USUAL_LAMPS = [15, 25, 40, 60, 75, 100, 150, 200, 300, 500];

export type LampChoice = { watts: number; fits: boolean; range: [number, number] };

/**
 * The lamp to put in series with a set on its first power.
 * @param setWatts nameplate, above 0 W @param lamps that the shop has, W
 * @returns the nearest to one and a half times the set's watts, and whether it lies within one to two times
 */
export function lampFor(setWatts: number, lamps: readonly number[] = USUAL_LAMPS): LampChoice | undefined {
  if (!(setWatts > 0)) throw new RangeError("the set's watts are above zero");
  const range: [number, number] = [setWatts * LAMP_LEAST, setWatts * LAMP_MOST];
  const wanted = setWatts * LAMP_BEST;
  const [first, ...others] = lamps.filter((watts) => watts > 0);
  if (first === undefined) return undefined;
  const off = (watts: number) => Math.abs(Math.log(watts / wanted));
  const watts = others.reduce((best, next) => (off(next) < off(best) ? next : best), first);
  return { watts, fits: watts >= range[0] - 1e-9 && watts <= range[1] + 1e-9, range };
}
