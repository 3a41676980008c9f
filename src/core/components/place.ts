import { drawnSpec, partRules, type Component, type Sheet } from "../model";
import { parsePart } from "../quantity";
import { noLoadPeak } from "../power";
import { loadedRail, electrodeVolts, stageBias, tubeOfStage } from "./supply";
import { leastVolts, madeOf, type PlanInput } from "./needs";
import { ruleFor } from "./rules";
import { nextStage, type CapacitorPlace } from "./judge";

/** The grid leak that a coupling capacitor feeds: the grid leak of its stage. */
function gridLeak(sheet: Sheet, stage: string | undefined): number | undefined {
  const leak = sheet.components.find((one) => one.role === "grid-leak" && one.stage === stage);
  const parsed = leak ? parsePart(leak.drawn, partRules(sheet, leak.designator)) : undefined;
  return parsed?.ok ? parsed.value.sections[0] : undefined;
}

/** The plate that drives a stage: that of the tube before it in the line-up; without one in the chart, all of B+. */
function drivingPlate(sheet: Sheet, stage: string | undefined): number {
  const tube = tubeOfStage(sheet, stage);
  const at = tube ? sheet.tubes.indexOf(tube) : -1;
  const before = at > 0 ? sheet.tubes[at - 1] : undefined;
  return (before ? electrodeVolts(sheet, before.position, "plate") : undefined) ?? loadedRail(sheet).volts;
}

/** What a capacitor of a sheet is judged by: its role's window, what it works at, and the stage that it feeds. */
export function capacitorPlace(component: Component, input: PlanInput): CapacitorPlace {
  const { sheet } = input;
  const spec = drawnSpec(sheet, component);
  const rule = ruleFor(input.rules, component.role);
  const [nominal] = spec?.sections ?? [];
  const working = leastVolts(rule, input, component, spec)?.works;
  const bias = stageBias(sheet, component.stage);
  const gridOhms = gridLeak(sheet, component.stage);
  const name = tubeOfStage(sheet, component.stage)?.position ?? "the next stage";
  const plateVolts = Math.min(drivingPlate(sheet, component.stage), noLoadPeak(sheet).volts);
  const known = { plateVolts, name, ...(gridOhms ? { gridOhms } : {}), ...(bias ? { bias: bias.volts } : {}) };
  const next = component.role === "coupling" ? nextStage(known) : undefined;
  return {
    role: component.role,
    ...(nominal ? { nominal } : {}),
    low: rule.low,
    high: rule.high,
    electrolytic: madeOf(spec, component.role, input.year) === "electrolytic",
    ...(spec?.volts ? { ratedVolts: spec.volts } : {}),
    ...(working ? { workingVolts: rule.role === "coupling" && next ? next.plateVolts : working } : {}),
    ...(next ? { next } : {}),
  };
}
