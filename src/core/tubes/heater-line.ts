import { format, formatDeviation, keepsTo } from "../quantity";
import { print, type CompareLine, type Feed, type Place } from "./compared";
import { heaterTolerance } from "./heaters";
import { settleString, STRING_TOLERANCE } from "./string";
import type { Heater, TubeType } from "./table";

/** The way in which a heater stands on a feed: a tapped one can be wired for either of its voltages. */
function heaterOn(feed: Feed, { type, heaters }: TubeType): Heater | undefined {
  const [first] = heaters;
  if (feed.wiring === "parallel")
    return heaters.find(({ volts }) => keepsTo(Math.abs(volts / feed.volts - 1), heaterTolerance(type))) ?? first;
  const amps = feed.others[0]?.heater.amps ?? first?.amps ?? 0;
  return heaters.find((heater) => keepsTo(Math.abs(heater.amps / amps - 1), STRING_TOLERANCE)) ?? first;
}

/** Is a tapped heater used as two halves side by side, both ends joined against its tap? */
export function onHalves(feed: Feed, tube: TubeType): boolean {
  const tapped = tube.heaters.length > 1 && tube.pinout.pins.some(({ electrodes }) => electrodes.includes("ht"));
  const least = Math.min(...tube.heaters.map(({ volts }) => volts));
  return tapped && heaterOn(feed, tube)?.volts === least;
}

/** How the heater of another tube suits the winding or the string. */
export function heaterLine(place: Place, candidate: TubeType): CompareLine {
  const { feed, original } = place;
  const was = original.heaters[0];
  const base = { what: "heater", was: print.heater(was) };
  if (candidate.heaters.length === 0 || !was) {
    const alike = candidate.heaters.length === 0 && !was;
    return { ...base, would: print.heater(candidate.heaters[0]), verdict: alike ? "drop-in" : "no" };
  }
  if (feed.wiring === "parallel") {
    const fits = candidate.heaters.find(({ volts }) =>
      keepsTo(Math.abs(volts / feed.volts - 1), heaterTolerance(candidate.type)),
    );
    if (!fits)
      return {
        ...base,
        would: print.heater(candidate.heaters[0]),
        verdict: "no",
        note: `The winding gives ${format(feed.volts, "voltage")}.`,
      };
    const usual = original.heaters.find(({ volts }) =>
      keepsTo(Math.abs(volts / feed.volts - 1), heaterTolerance(original.type)),
    );
    const more = fits.amps - (usual ?? was).amps;
    const would = print.heater(fits);
    if (more <= 1e-9) return { ...base, would, verdict: "drop-in" };
    const load = feed.loadAmps + more;
    const budget = feed.ratedAmps ?? feed.loadAmps;
    const note = `${format(more, "current")} more: ${format(load, "current")} from a winding that ${feed.ratedAmps ? "gives" : "feeds"} ${format(budget, "current")}${feed.ratedAmps ? "" : " with the drawn tubes"}.`;
    return { ...base, would, verdict: load > budget * 1.001 ? "caution" : "drop-in", note };
  }
  // In a string every tube has the current of the others; the sheet's first heater that has it is the one to wire.
  const wanted = feed.others[0]?.heater.amps ?? was.amps;
  const fits = candidate.heaters.find(({ amps }) => Math.abs(amps / wanted - 1) <= STRING_TOLERANCE);
  const heater = fits ?? candidate.heaters[0];
  if (!heater) return { ...base, would: "none", verdict: "no" };
  const here = { position: place.position, type: candidate.type, heater };
  const settled = settleString(feed.line, feed.dropperOhms, [...feed.others, here], feed.lamp);
  const would = print.heater(heater);
  if (!fits) {
    const own = settled.each.at(-1);
    return {
      ...base,
      would,
      verdict: "no",
      note: `The string runs at ${format(wanted, "current")}: this heater would get ${format(own?.volts ?? 0, "voltage")} instead of ${format(heater.volts, "voltage")}, and the string ${format(settled.amps, "current")}.`,
    };
  }
  const off = settled.amps / wanted - 1;
  const change = (was.volts - heater.volts) / wanted;
  if (Math.abs(heater.volts / was.volts - 1) < 0.01) return { ...base, would, verdict: "drop-in" };
  const note = `The string settles at ${format(settled.amps, "current")} (${formatDeviation(off)}). ${change > 0 ? "Add" : "Take"} ${format(Math.abs(change), "resistance")} ${change > 0 ? "to" : "from"} the dropper to put it right.`;
  return { ...base, would, verdict: Math.abs(off) <= STRING_TOLERANCE ? "caution" : "rewiring", note };
}
