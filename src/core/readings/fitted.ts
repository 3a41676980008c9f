import { format, formatDeviation, type PartSpec } from "../quantity";

/**
 * A replacement that strays further than this from the value that was there is mentioned, as a fraction. Shop rule.
 * @example .05 replaced by 0.047: not worth a word; by 0.068: “36 % more”
 */
export const NOTICEABLE_CHANGE = 0.1;

const total = (spec: PartSpec) => spec.sections.reduce((sum, value) => sum + value, 0);

/**
 * Compares what goes in with what was there: value, voltage rating, wattage.
 * @returns sentences worth reading before the iron comes down; empty when nothing stands out
 */
export function compareParts(was: PartSpec, now: readonly PartSpec[]): string[] {
  const remarks: string[] = [];
  const alike = now.filter((spec) => spec.quantity === was.quantity);
  if (alike.length < now.length) return ["The new part is of another kind than the old one."];
  if (alike.length === 1 && alike[0] && total(was) > 0) {
    const change = total(alike[0]) / total(was) - 1;
    if (Math.abs(change) > NOTICEABLE_CHANGE + 1e-9)
      remarks.push(
        `${format(total(alike[0]), was.quantity)} is ${formatDeviation(change)} against ${format(total(was), was.quantity)}.`,
      );
  }
  for (const spec of alike) {
    if (was.volts !== undefined && spec.volts !== undefined && spec.volts < was.volts)
      remarks.push(
        `Rated ${format(spec.volts, "voltage")}, the old one ${format(was.volts, "voltage")}: check the highest voltage there first.`,
      );
    if (was.watts !== undefined && spec.watts !== undefined && spec.watts < was.watts)
      remarks.push(
        `${format(spec.watts, "power")} in place of ${format(was.watts, "power")}: twice the dissipation is the rule.`,
      );
  }
  return remarks;
}
