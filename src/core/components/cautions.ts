import { partRules, type Component, type Sheet } from "../model";
import { format, parsePart } from "../quantity";
import type { Lacking } from "./fits";
import { hotSpot } from "./judge";
import { mainsCapacitor, rolesOf, type Made, type PlanNeed } from "./needs";
import { KIND_WORDS } from "./rules";
import { largestReservoir } from "./supply";
import { lineOf, touchCurrent, TOUCH_MOST_AMPS, TOUCH_WARN_AMPS, type Line } from "./touch-current";

export type Minded = {
  component: Component;
  sheet: Pick<Sheet, "tubes" | "lineVolts" | "taps" | "lineHz" | "dialect" | "components">;
  /** of make */
  year: number | null;
  made: Made | "resistor";
  needs: readonly PlanNeed[];
  /** what sits there, as markings */
  fitted: readonly string[];
  lacking: readonly Lacking[];
  /** dissipation over wattage of a resistor */
  hot?: number | undefined;
};

const lineText = ({ volts, hertz }: Line) => `${format(volts, "voltage")} ${format(hertz, "frequency")}`;

/** What a capacitor to the chassis lets through a person, in words. @param farads F */
export function touchText(farads: number, line: Line): string {
  const amps = touchCurrent(farads, line);
  const through = `${format(farads, "capacitance")} lets ${format(amps, "current", 2)} through a person at ${lineText(line)}`;
  if (amps > TOUCH_MOST_AMPS * (1 + 1e-9))
    return `${through}: above ${format(TOUCH_MOST_AMPS, "current")}, which no part here may. The local code decides.`;
  if (amps > TOUCH_WARN_AMPS * (1 + 1e-9))
    return `${through}: above ${format(TOUCH_WARN_AMPS, "current")} it is felt. The local code decides whether it may.`;
  return `${through}. The local code decides.`;
}

/** The current of what sits at the chassis, or of what would be chosen there. */
function touchCautions({ component, sheet, needs, fitted }: Minded): string[] {
  const place = needs.find(({ mains, kind }) => mains && kind === "Y");
  if (!place) return [];
  const line = lineOf(sheet);
  const rules = partRules(sheet, component.designator);
  const there =
    needs.length > 1
      ? []
      : fitted.flatMap((text) => {
          const parsed = parsePart(text, rules);
          return parsed.ok ? parsed.value.sections : [];
        });
  return (there.length > 0 ? there : [place.value]).map((farads) => touchText(farads, line));
}

/** A drawn value above what the rectifier or a person stands: which of the two is wrong is looked for, not guessed. */
function limitCautions({ component, sheet, needs }: Minded): string[] {
  const drawn = needs.flatMap(({ limit, designator }): string[] => {
    if (!limit) return [];
    const most = format(limit.farads, "capacitance");
    return limit.by === "rectifier"
      ? [
          `${designator} is drawn larger than the ${most} that the ${limit.of} takes at most. One of the two is wrong: is it the rectifier that belongs in this set, and is it the drawing’s value? Until that is known ${most} is the most.`,
        ]
      : [
          `${designator} is drawn larger than the ${most} that let ${format(TOUCH_MOST_AMPS, "current")} through at ${limit.of}: ${most} is the most that goes in, whatever the drawing says.`,
        ];
  });
  if (drawn.length > 0) return drawn;
  const largest = component.role === "reservoir" ? largestReservoir(sheet) : undefined;
  return largest ? [`The ${largest.type} takes ${format(largest.farads, "capacitance")} at most.`] : [];
}

/** Parts of paper and film that were rated below what they stand at until the tubes draw. */
const strainCautions = ({ made, needs, fitted }: Minded): string[] =>
  made === "electrolytic" || fitted.length > 0
    ? []
    : needs.flatMap(({ mains, works, drawnVolts }) =>
        !mains && works && drawnVolts && drawnVolts < works * (1 - 1e-9)
          ? [
              `The original is rated ${format(drawnVolts, "voltage")} and stands at ${format(works, "voltage")} before the tubes draw: a good reading at less says little.`,
            ]
          : [],
      );

/** Things to mind when a part is worked on. */
export function cautionsOf(minded: Minded): string[] {
  const { component, made, needs, hot } = minded;
  const year = minded.year ?? 0;
  const mains = mainsCapacitor(component);
  const kinds = [...new Set(needs.filter((need) => need.mains).map(({ kind }) => KIND_WORDS[kind]))];
  const roles = rolesOf(component);
  return [
    ...(mains
      ? [
          `Mains part: unplugged, and only ${kinds.join(" or, across the line, ") || "a safety-rated part"} goes in. Local electrical code first.`,
        ]
      : []),
    ...touchCautions(minded),
    ...(roles.includes("reservoir") || roles.includes("smoothing")
      ? ["Discharge through a resistor and measure before you touch it."]
      : []),
    ...(made === "electrolytic" ? ["Polarity. Eye protection on first power."] : []),
    ...(component.role === "coupling" && made === "electrolytic"
      ? ["An electrolytic in a coupling role leaks by its nature: question the drawing, fit film."]
      : []),
    ...(component.role === "tuned" ? ["Another part here means aligning this circuit."] : []),
    ...(hot !== undefined && hotSpot(hot, 1).hot
      ? ["A hot spot: keep it clear of wax and leads, and stand it off the board."]
      : []),
    ...(made === "paper" && year > 1930 && mains
      ? ["Old oil-filled capacitors may hold PCB: gloves, and do not open the can."]
      : []),
    ...(mains &&
    minded.lacking.some(({ lack }) => lack.what === "class" || lack.what === "volts" || lack.what === "value")
      ? [`${component.designator} holds a part that may not be in a mains role: do not power it until that is changed.`]
      : []),
    ...strainCautions(minded),
    ...(component.note ? [component.note] : []),
    ...limitCautions(minded),
  ];
}
