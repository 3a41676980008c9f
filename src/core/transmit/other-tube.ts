import { format } from "../quantity";
import type { TubeType } from "../tubes";
import { efficiency, dissipation } from "./power";
import { CLASS_EFFICIENCY, loadOhms, type StageClass } from "./tank";

/** One line of the comparison: what is there, what would be, and what must be built for it. */
export type ConversionLine = { what: string; now: string; then: string; build?: string };
export type Conversion = {
  lines: ConversionLine[];
  /** output that the new tubes stand at this supply, W; undefined where a figure is missing */
  output?: number;
  first: string[];
};

const volts = (value: number | undefined) => (value === undefined ? "not in the table" : format(value, "voltage"));
const amps = (value: number | undefined) => (value === undefined ? "not in the table" : format(value, "current"));
const watts = (value: number | undefined) => (value === undefined ? "not in the table" : format(value, "power"));

/**
 * Puts another tube beside the one that is there: heater supply, base, plate limits, what must be built anew, and the
 * output that the new plates stand. It is the beginning of a modification, and nothing is measured by it.
 *
 * @param now and `then` types of the table @param counts how many of each @param supply plate volts there are, and the current it gives
 * @param stage class in which they work: its usual efficiency counts
 */
export function otherTube(
  now: TubeType,
  then: TubeType,
  counts: { now: number; then: number },
  supply: { volts: number; amps: number },
  stage: StageClass = "AB",
): Conversion {
  const lines: ConversionLine[] = [];
  const heat = (type: TubeType, count: number) => (type.heaters[0] ? type.heaters[0].amps * count : undefined);
  const [v1, v2] = [now.heaters[0]?.volts, then.heaters[0]?.volts];
  const [a1, a2] = [heat(now, counts.now), heat(then, counts.then)];
  lines.push({
    what: "Heater volts",
    now: volts(v1),
    then: volts(v2),
    ...(v1 !== undefined && v2 !== undefined && Math.abs(v1 / v2 - 1) > 0.05
      ? { build: `A heater winding of ${volts(v2)}, ${amps(a2)}.` }
      : {}),
  });
  lines.push({
    what: "Heater current, all tubes",
    now: amps(a1),
    then: amps(a2),
    ...(a1 !== undefined && a2 !== undefined && v1 === v2 && a2 > a1
      ? { build: `The winding gives ${amps(a2 - a1)} more, or another one is fitted.` }
      : {}),
  });
  lines.push({
    what: "Base",
    now: now.pinout.base,
    then: then.pinout.base,
    ...(now.pinout.base === then.pinout.base
      ? {}
      : { build: "Other sockets, with the air or the clearance that the tube wants." }),
  });
  lines.push({
    what: "Greatest plate volts",
    now: volts(now.limits.plate),
    then: volts(then.limits.plate),
    ...(then.limits.plate !== undefined && supply.volts > then.limits.plate
      ? { build: `The supply gives ${volts(supply.volts)}: bring it below ${volts(then.limits.plate)}.` }
      : {}),
  });
  const heatNow = now.limits.plateWatts === undefined ? undefined : now.limits.plateWatts * counts.now;
  const heatThen = then.limits.plateWatts === undefined ? undefined : then.limits.plateWatts * counts.then;
  lines.push({ what: "Plate dissipation, all tubes", now: watts(heatNow), then: watts(heatThen) });
  const input = supply.volts * supply.amps;
  const share = CLASS_EFFICIENCY[stage];
  // Input so that the plates keep within their heat, and the supply within its current.
  const possible = heatThen === undefined ? undefined : Math.min(input, heatThen / (1 - share));
  const output = possible === undefined ? undefined : possible * share;
  if (output !== undefined && possible !== undefined) {
    const power = { volts: supply.volts, amps: possible / supply.volts, output };
    lines.push({
      what: "Output to expect",
      now: "",
      then: `about ${watts(output)} from ${watts(possible)}, ${format(efficiency(power), "percent", 2)}, ${watts(dissipation(power, counts.then))} in each plate`,
    });
    lines.push({
      what: "Load",
      now: "",
      then: format(loadOhms(supply.volts, possible / supply.volts, stage), "resistance"),
      build: "Tank and network for this load.",
    });
  }
  return {
    lines,
    ...(output === undefined ? {} : { output }),
    first: [
      "No drive: nothing takes off, the idle current stands still.",
      "Idle current at the bias wanted.",
      "A quarter of the drive: output, plate current, colour of the plates.",
    ],
  };
}
