import { drawnSpec, partRules, type Component, type Sheet } from "../model";
import { parsePart } from "../quantity";
import { loadedRail, noLoadPeak, electrodeVolts, stageBias, tubeOfStage } from "./supply";
import { leastVolts, madeOf, type PlanInput } from "./propose";
import { ruleFor } from "./rules";
import type { CapacitorPlace } from "./judge";

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
  const least = leastVolts(rule, input, component, spec);
  // The rating asked for has a margin on what the part works at.
  const working = rule.ratedFrom === "fixed" ? undefined : least ? least.volts / rule.factor : undefined;
  const bias = stageBias(sheet, component.stage);
  const gridOhms = gridLeak(sheet, component.stage);
  const name = tubeOfStage(sheet, component.stage)?.position ?? "the next stage";
  const next =
    component.role === "coupling" && bias && gridOhms
      ? {
          plateVolts: Math.min(drivingPlate(sheet, component.stage), noLoadPeak(sheet).volts),
          gridOhms,
          bias: bias.volts,
          name,
        }
      : undefined;
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
