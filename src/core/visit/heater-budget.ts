import type { Sheet } from "../model";
import { heaterOf } from "../tubes";
import { fittedHeaters, type TubePlace } from "./tubes";

/** The tubes on one heater winding: what the drawn line-up takes of it and what sits there now takes, A. */
export type HeaterGroup = {
  volts: number;
  drawn: number;
  now: number;
  members: { position: string; type: string; amps: number }[];
};

/** Heaters of one voltage share a winding; a tapped heater goes where most of the others are. */
export function heaterBudget(places: readonly TubePlace[], sheet: Pick<Sheet, "tubes">): HeaterGroup[] {
  const groups: HeaterGroup[] = [];
  const groupFor = (volts: number) => {
    const found = groups.find((group) => Math.abs(group.volts / volts - 1) < 0.1);
    if (found) return found;
    const made: HeaterGroup = { volts, drawn: 0, now: 0, members: [] };
    groups.push(made);
    return made;
  };
  const home = (heaters: readonly { volts: number; amps: number }[], fallback: { volts: number; amps: number }) =>
    heaters.find(({ volts }) => groups.some((group) => Math.abs(group.volts / volts - 1) < 0.1)) ?? fallback;
  // Plain heaters first: they say which windings there are.
  const ordered = fittedHeaters(places, sheet)
    .map((one) => ({
      ...one,
      heaters: places.find(({ position }) => position === one.position)?.type?.heaters ?? [one.heater],
    }))
    .sort((a, b) => a.heaters.length - b.heaters.length);
  for (const { position, type, heater, heaters } of ordered) {
    const wired = home(heaters, heater);
    const group = groupFor(wired.volts);
    group.members.push({ position, type, amps: wired.amps });
    group.now += wired.amps;
    const drawn = sheet.tubes.find((tube) => tube.position === position);
    const before = drawn ? heaterOf(drawn) : undefined;
    group.drawn += before && Math.abs(before.volts / wired.volts - 1) < 0.1 ? before.amps : wired.amps;
  }
  const at = (position: string) => places.findIndex((place) => place.position === position);
  for (const { members } of groups) members.sort((a, b) => at(a.position) - at(b.position));
  return groups.sort((a, b) => b.now - a.now);
}
