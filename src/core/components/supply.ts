import { mainRail, tapsOf, type Sheet } from "../model";
import { format } from "../quantity";
import { loaded, meterOhms, rangeFor } from "../readings";
import { pointNear, rectifierTubes, tubeType } from "../tubes";

export type Volts = { volts: number; from: string };

type Fed = Pick<Sheet, "supply" | "supplyRms" | "highestVolts" | "lineVolts" | "taps" | "points">;

/**
 * What B+ stands at before the tubes draw: √2 times the secondary, or of the line where there is no transformer.
 * Where the sheet names no secondary its highest voltage stands for it.
 */
export function noLoadPeak(sheet: Fed): Volts {
  if (sheet.supplyRms)
    return {
      volts: Math.SQRT2 * sheet.supplyRms,
      from: `√2 × ${format(sheet.supplyRms, "voltage")} of the secondary`,
    };
  if (sheet.supply === "live-chassis") {
    const line = Math.max(...tapsOf(sheet));
    return { volts: Math.SQRT2 * line, from: `√2 × ${format(line, "voltage")} line` };
  }
  if (sheet.supply === "battery") return { volts: sheet.lineVolts, from: "the battery" };
  return { volts: sheet.highestVolts, from: "the sheet’s highest voltage" };
}

/** B+ under load, from the chart; where it has none, the no-load peak stands for it. */
export function loadedRail(sheet: Fed): Volts {
  const rail = mainRail(sheet.points);
  return rail ? { volts: Math.abs(rail.expected), from: `${rail.point} of the chart` } : noLoadPeak(sheet);
}

/** The low-voltage rail of a transistor set, or of the low-voltage part of a set. */
export function lowRail(sheet: Fed): Volts {
  if (sheet.supply === "low-voltage") return { volts: sheet.lineVolts, from: "the supply" };
  const rail = sheet.points.find(({ point, quantity }) => quantity === "voltage" && /rail|supply|\bLT\b/i.test(point));
  return rail
    ? { volts: Math.abs(rail.expected), from: `${rail.point} of the chart` }
    : { volts: sheet.lineVolts, from: "the line" };
}

const words = (text: string | undefined) => (text ?? "").toLowerCase();

/** The tube that a stage is named for: its work and the stage's name share their words. */
export function tubeOfStage(sheet: Pick<Sheet, "tubes">, stage: string | undefined) {
  if (!stage) return undefined;
  const name = words(stage);
  return (
    sheet.tubes.find(({ work }) => words(work) === name) ??
    sheet.tubes.find(({ work }) => work && words(work).includes(name))
  );
}

/** A voltage at an electrode of a tube, as it is without a meter's load, V. */
export function electrodeVolts(
  sheet: Pick<Sheet, "points" | "chart">,
  position: string,
  electrode: "plate" | "screen" | "cathode",
): number | undefined {
  const point = sheet.points.find(
    ({ point: name, quantity }) => quantity === "voltage" && words(name) === words(`${position} ${electrode}`),
  );
  if (!point) return undefined;
  const meter = sheet.chart?.meter;
  const ohms = meter && point.sourceOhms ? meterOhms(meter, point.range ?? rangeFor(point.expected)) : undefined;
  return ohms && point.sourceOhms ? point.expected / loaded(1, point.sourceOhms, ohms) : point.expected;
}

/** Bias of a stage, V above zero: its cathode by the chart, else the typical operation of its tube. */
export function stageBias(
  sheet: Pick<Sheet, "points" | "chart" | "tubes">,
  stage: string | undefined,
): Volts | undefined {
  const tube = tubeOfStage(sheet, stage);
  if (!tube) return undefined;
  const cathode = electrodeVolts(sheet, tube.position, "cathode");
  if (cathode !== undefined) return { volts: Math.abs(cathode), from: `${tube.position} cathode of the chart` };
  const type = tubeType(tube.type);
  const point = type ? pointNear(type, electrodeVolts(sheet, tube.position, "plate")) : undefined;
  return point && point.grid < 0 ? { volts: -point.grid, from: `typical bias of the ${type?.type}` } : undefined;
}

/** The largest first capacitor that the set's rectifiers allow, F; undefined where none of them says. */
export function largestReservoir(sheet: Pick<Sheet, "tubes">): { farads: number; type: string } | undefined {
  const limits = rectifierTubes(sheet.tubes).flatMap(({ type }) => {
    const farads = tubeType(type)?.rectifier?.largestCapacitor;
    return farads ? [{ farads, type }] : [];
  });
  const [first] = limits.sort((a, b) => a.farads - b.farads);
  return first;
}
