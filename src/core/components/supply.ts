import { devicePoint, railPoints, type Sheet } from "../model";
import { noLoadPeak, type Volts } from "../power";
import { loaded, meterOhms, rangeFor } from "../readings";
import { pointNear, rectifierTubes, tubeType } from "../tubes";

type Fed = Parameters<typeof noLoadPeak>[0];

/** B+ under load: the highest rail of the chart; where it has none, the no-load peak stands for it. */
export function loadedRail(sheet: Fed): Volts {
  const [rail] = railPoints(sheet.points).sort((a, b) => Math.abs(b.expected) - Math.abs(a.expected));
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
    ({ point: name, quantity }) =>
      quantity === "voltage" &&
      (words(name) === words(`${position} ${electrode}`) ||
        (devicePoint(name)?.device === position.toUpperCase() && devicePoint(name)?.electrode === electrode)),
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
  // A cathode at chassis says nothing of the bias: then it comes from elsewhere.
  if (cathode) return { volts: Math.abs(cathode), from: `${tube.position} cathode of the chart` };
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
