import { partRules, type Sheet } from "../model";
import { formatPart, parsePart, quantityOfDesignator } from "../quantity";

/** A marking in print, where it reads in one way (by the model's rules, where its sheet is given); else as it was typed. */
export function printPart(text: string, designator?: string, sheet?: Pick<Sheet, "dialect" | "components">): string {
  const quantity = designator ? quantityOfDesignator(designator) : undefined;
  const rules = designator && sheet ? partRules(sheet, designator) : quantity ? { quantity } : {};
  const parsed = parsePart(text, rules);
  return parsed.ok ? formatPart(parsed.value) : text;
}

/** Minutes as a technician says them, e.g. `1 h 20 min`. */
export function printMinutes(minutes: number): string {
  const whole = Math.round(minutes);
  const [hours, rest] = [Math.floor(whole / 60), whole % 60];
  return [hours > 0 && `${hours} h`, (rest > 0 || hours === 0) && `${rest} min`].filter(Boolean).join(" ");
}
