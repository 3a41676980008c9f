import type { Component, Sheet } from "../model";
import { electrodeVolts, loadedRail, stageBias, tubeOfStage } from "./supply";

/**
 * What a resistor dissipates at most, W, where the chart tells the voltage across it: a plate load or a screen feed
 * between B+ and its electrode, a cathode resistor with the bias across it. Undefined where it does not.
 */
export function dissipation(
  component: Pick<Component, "role" | "stage">,
  ohms: number,
  sheet: Parameters<typeof loadedRail>[0] & Parameters<typeof stageBias>[0],
): number | undefined {
  if (!(ohms > 0)) return undefined;
  const tube = tubeOfStage(sheet as Sheet, component.stage);
  if (component.role === "bias") {
    const bias = stageBias(sheet, component.stage);
    // A grid divider carries the name too: without a cathode in the chart nothing is said.
    const cathode = tube ? electrodeVolts(sheet, tube.position, "cathode") : undefined;
    return bias && cathode !== undefined ? cathode ** 2 / ohms : undefined;
  }
  if (!tube || (component.role !== "anode-load" && component.role !== "screen")) return undefined;
  const at = electrodeVolts(sheet, tube.position, component.role === "screen" ? "screen" : "plate");
  if (at === undefined) return undefined;
  const across = Math.max(loadedRail(sheet).volts - Math.abs(at), 0);
  return across ** 2 / ohms;
}
