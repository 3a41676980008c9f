import { LINE, railPoints } from "../../model";
import { tubeType } from "../../tubes";
import { SUPPLY, type CircuitSheet } from "../from-sheet";
import { GROUND } from "../net";
import type { Places } from "./places";

/** Names of the rails, from the reservoir on: those of the chart, and Reservoir where the chart has one less. */
function railNames({ points }: CircuitSheet, count: number): string[] {
  const chart = railPoints(points).map(({ point }) =>
    point.replace(/^b ?\+ ?(\d*)$/i, (_, n: string) => (n ? `B+ ${n}` : "B+")),
  );
  const own = points.some(({ point }) => /^reservoir$/i.test(point)) ? ["Reservoir"] : [];
  const named = [...own, ...chart];
  if (named.length >= count) return named.slice(0, count);
  const rest = ["Reservoir", "B+", "B+ 2", "B+ 3", "B+ 4"].filter((name) => !named.includes(name));
  return count === named.length + 1 && named[0] === "B+"
    ? ["Reservoir", ...named]
    : [...named, ...rest].slice(0, count);
}

/** A battery set has one rail: plus or minus of it is chassis. */
function placeBattery(places: Places): string {
  const { sheet } = places;
  const [rail = "Battery"] = railPoints(sheet.points).map(({ point }) => point);
  const name = sheet.points.some(({ point }) => point === "Battery") ? "Rail" : rail;
  const negative = sheet.points.some(({ expected, point }) => /^(Q|TR)/.test(point) && expected < 0);
  places.put(
    SUPPLY,
    negative ? name : GROUND,
    negative ? GROUND : name,
    negative ? "The chart has negative volts: plus is chassis." : "Minus is chassis.",
  );
  for (const cap of sheet.components.filter(
    ({ role, designator }) => /^C/.test(designator) && ["rail", "reservoir", "smoothing"].includes(role),
  ))
    places.put(cap.designator, name, GROUND, `A ${cap.role} capacitor lies from its rail to chassis.`);
  return name;
}

/** Reservoir, choke or resistors, smoothing: the chain of rails. Returns them in order. */
export function placeSupply(places: Places): string[] {
  const { sheet } = places;
  const caps = sheet.components.filter(
    ({ role, designator }) => /^C/.test(designator) && (role === "reservoir" || role === "smoothing"),
  );
  const reservoir = caps.find(({ role }) => role === "reservoir");
  const smoothing = caps.filter((one) => one !== reservoir);
  const choke = sheet.windings.find(({ winding }) => /choke|field/i.test(winding));
  const droppers = sheet.components
    .filter(({ role, designator }) => /^R/.test(designator) && role === "dropper")
    .sort((a, b) => places.valueOf(b.designator) - places.valueOf(a.designator));
  const live = sheet.supply === "live-chassis";
  const rectifier = sheet.tubes.find(({ type }) => tubeType(type)?.rectifier);
  const battery = sheet.supply === "battery" || sheet.supply === "low-voltage";
  if (battery) return [placeBattery(places)];
  // On a live chassis the dropper of the most watts feeds the heaters, the smallest is the surge resistor.
  let inLine = droppers;
  if (live) {
    const heaters = [...droppers].sort((a, b) => places.wattsOf(b) - places.wattsOf(a))[0];
    const surge = droppers.filter((one) => one !== heaters).at(-1);
    if (heaters && droppers.length > 1)
      places.leave(heaters.designator, "It drops the line for the heater string: no direct current of B+ flows in it.");
    inLine = droppers.filter((one) => one !== heaters && one !== surge);
    if (surge && surge !== heaters && rectifier)
      places.put(
        surge.designator,
        LINE,
        `${rectifier.position}.plate`,
        "The smallest dropper of a live chassis is the surge resistor before the rectifier.",
      );
  }
  const steps = Math.max(
    choke || inLine.length > 0 ? 1 : 0,
    Math.min(smoothing.length, (choke ? 1 : 0) + inLine.length),
  );
  const rails = railNames(sheet, 1 + steps);
  const [first = "B+"] = rails;
  places.put(SUPPLY, GROUND, first, "The rectifier fills the first rail.");
  if (reservoir) places.put(reservoir.designator, first, GROUND, "The reservoir lies behind the rectifier.");
  rails.slice(1).forEach((rail, at) => {
    const before = rails[at] ?? first;
    const capacitor = smoothing[at];
    if (choke && at === 0)
      places.put(
        choke.winding,
        before,
        rail,
        /field/i.test(choke.winding) ? "The field coil is the choke." : "The choke smooths.",
      );
    else {
      const resistor = inLine[at - (choke ? 1 : 0)];
      if (resistor) places.put(resistor.designator, before, rail, "A dropper between two rails.");
    }
    if (capacitor) places.put(capacitor.designator, rail, GROUND, "Smoothing lies behind the choke or resistor.");
  });
  return rails;
}
