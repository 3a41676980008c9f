import { drawnSpec, type Component, type Sheet } from "../model";
import { format } from "../quantity";
import { timeConstant } from "./combine";

/** The resistor that a capacitor works with: the grid leak behind a coupling capacitor, the feed of an AVC line. */
function partner(
  component: Pick<Component, "role" | "stage">,
  sheet: Sheet,
): { designator: string; ohms: number } | undefined {
  const roles = component.role === "coupling" ? ["grid-leak"] : component.role === "avc" ? ["avc", "grid-leak"] : [];
  for (const role of roles)
    for (const one of sheet.components) {
      if (one.role !== role || one.stage !== component.stage) continue;
      const spec = drawnSpec(sheet, one);
      if (spec?.quantity === "resistance" && spec.sections[0])
        return { designator: one.designator, ohms: spec.sections[0] };
    }
  return undefined;
}

/**
 * What a value does in its circuit, in a sentence: how low a coupling capacitor passes, how slow an AVC line is.
 * @param farads above 0 F @returns undefined where the sheet does not show the resistor that goes with it
 */
export function inCircuit(
  component: Pick<Component, "role" | "stage">,
  sheet: Sheet,
  farads: number,
): string | undefined {
  const resistor = farads > 0 ? partner(component, sheet) : undefined;
  if (!resistor) return undefined;
  const { seconds, hertz } = timeConstant(resistor.ohms, farads);
  const beside = `${resistor.designator} (${format(resistor.ohms, "resistance")})`;
  return component.role === "avc"
    ? `With ${beside} a time constant of ${format(seconds, "time")}.`
    : `With ${beside} it is 3 dB down at ${format(hertz, "frequency")}.`;
}
