import { format } from "../quantity";
import { limitLine, print, type CompareLine, type Place } from "./compared";
import type { TubeType } from "./table";

/** Mercury vapour or xenon: what it drops hardly moves with the current. */
export const hasVapour = ({ traits }: Pick<TubeType, "traits">): boolean =>
  traits.some((trait) => /vapour|xenon/.test(trait));

/** Drop of a rectifier at a load, V: the sheet's drop scaled with the current; a vapour's hardly moves. */
export function dropAt(tube: TubeType, amps: number): number {
  const drop = tube.rectifier?.drop;
  if (!drop) return 0;
  // A vacuum diode follows the three-halves law, so its drop goes with the two-thirds power of the current.
  return hasVapour(tube) ? drop.volts : drop.volts * (amps / drop.amps) ** (2 / 3);
}

const heatsFast = (tube: TubeType) =>
  tube.pinout.pins.some(({ electrodes }) => electrodes.includes("f")) && tube.heaters.length > 0;

/**
 * Peak inverse over the rms volts that feed a rectifier: with a capacitor first each diode stands off the line's peak and
 * the capacitor's, 2√2; in a bridge two of them share it.
 */
const inverseFactor = ({ rectifier }: Place): number => (rectifier === "bridge" ? 1 : 2) * Math.SQRT2;

/** How another rectifier compares: current, volts, peak inverse, first capacitor, drop, warm-up. */
export function rectifierLines(place: Place, candidate: TubeType): CompareLine[] {
  const was = place.original.rectifier;
  const would = candidate.rectifier;
  if (!was || !would) return [];
  const amps = (value: number) => format(value, "current");
  const lines: CompareLine[] = [];
  const load = place.loadAmps;
  lines.push({
    what: "current",
    was: amps(was.amps),
    would: amps(would.amps),
    verdict:
      load !== undefined && load > would.amps
        ? "no"
        : would.amps < was.amps && load === undefined
          ? "caution"
          : "drop-in",
    ...(load !== undefined ? { note: `The set draws ${amps(load)}.` } : {}),
  });
  lines.push(...limitLine("rms volts at a plate", place.supplyRms, was.rms, would.rms, print.volts));
  const peak = place.supplyRms ? inverseFactor(place) * place.supplyRms : undefined;
  lines.push(...limitLine("peak inverse", peak, was.peakInverse, would.peakInverse, print.volts));
  const first = place.firstFarads;
  const largest = would.largestCapacitor;
  if (largest !== undefined) {
    const over = first !== undefined && first > largest * 1.001;
    lines.push({
      what: "largest first capacitor",
      was: was.largestCapacitor ? format(was.largestCapacitor, "capacitance") : "–",
      would: format(largest, "capacitance"),
      verdict: over ? "rewiring" : "drop-in",
      ...(over
        ? {
            note: `The set has ${format(first, "capacitance")}: the switch-on surge wears the cathode. Fit ${format(largest, "capacitance")} or less.`,
          }
        : {}),
    });
  }
  const current = load ?? Math.min(was.amps, would.amps) * 0.6;
  const move = dropAt(place.original, current) - dropAt(candidate, current);
  const bplus = place.bplus;
  const after = bplus === undefined ? undefined : bplus + move;
  const share = bplus ? Math.abs(move / bplus) : Math.abs(move) / 300;
  // More B+ than a capacitor is rated for is no, whatever the tube.
  const beyond = (place.capacitors ?? []).filter(
    ({ volts }) => after !== undefined && volts !== undefined && after > volts,
  );
  const over = beyond.map(({ designator, volts }) => ` ${designator} is rated ${print.volts(volts)}.`).join("");
  lines.push({
    what: `drop at ${amps(current)}`,
    was: print.volts(dropAt(place.original, current)),
    would: print.volts(dropAt(candidate, current)),
    verdict: over ? "no" : share > 0.05 ? "caution" : "drop-in",
    note: `B+ ${move < 0 ? "falls" : "rises"} by ${format(Math.abs(move), "voltage", 2)}${after === undefined ? "" : `, to about ${format(after, "voltage")}`}.${over}`,
  });
  const fast = heatsFast(candidate);
  const slow = !heatsFast(place.original);
  if (fast && slow) lines.push(noLoadLine(place, "warm-up", "slow cathode", "filament, at once"));
  return lines;
}

/** What a rectifier that is there before the tubes draw puts on every capacitor. */
function noLoadLine(place: Place, what: string, was: string, would: string): CompareLine {
  const peak = place.peakVolts ?? (place.supplyRms ? Math.SQRT2 * place.supplyRms : undefined);
  const short = (place.capacitors ?? []).filter(
    ({ volts }) => peak !== undefined && volts !== undefined && volts < peak,
  );
  const unknown = (place.capacitors ?? []).filter(({ volts }) => volts === undefined);
  const beyond = short.map(({ designator, volts }) => `${designator} (${print.volts(volts)})`).join(", ");
  const level = peak === undefined ? "the no-load peak" : `${format(peak, "voltage")} without load`;
  return {
    what,
    was,
    would,
    verdict: short.length > 0 ? "no" : "caution",
    note: `Before the tubes draw, every capacitor on B+ stands at ${level}.${beyond ? ` Beyond their rating: ${beyond}.` : peak !== undefined && unknown.length === 0 ? " All are rated for it." : ""}`,
  };
}

/** Silicon diodes in place of a tube rectifier: no drop, no warm-up, and what that does to the set. */
export function silicon(place: Place): CompareLine[] {
  const { original, loadAmps, bplus, supplyRms } = place;
  if (!original.rectifier) return [];
  const current = loadAmps ?? original.rectifier.amps * 0.6;
  const move = dropAt(original, current) - 1;
  const diode = supplyRms ? inverseFactor(place) * supplyRms : original.rectifier.peakInverse;
  return [
    {
      what: `drop at ${format(current, "current")}`,
      was: print.volts(dropAt(original, current)),
      would: "about 1 V",
      verdict: "caution",
      note: `B+ rises by ${format(move, "voltage", 2)}${bplus ? `, to about ${format(bplus + move, "voltage")}` : ""}.`,
    },
    noLoadLine(place, "warm-up", heatsFast(original) ? "filament" : "slow cathode", "at once"),
    {
      what: "peak inverse",
      was: print.volts(original.rectifier.peakInverse),
      would: `${format(1.5 * diode, "voltage", 2)} or more`,
      verdict: "rewiring",
      note: "Each diode wants half as much again as it sees, and a resistor against the surge.",
    },
  ];
}
