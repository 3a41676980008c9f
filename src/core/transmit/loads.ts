import { parseQuantity } from "../quantity";
import type { DummyLoad } from "./key-down";

/** Most loads that a shop lists. */
const MOST_LOADS = 20;
/** Resistance where none is said, Ω. Trade use. */
const USUAL_OHMS = 50;
const FORM = /^(.+?)\s+([\d.,]+\s*k?w)(?:\s+(?:for\s+)?([\d.,]+)\s*min(?:utes)?)?(?:\s+([\d.,]+)\s*(?:ohms?|Ω))?$/i;

export type LoadsRead = { ok: true; loads: DummyLoad[] } | { ok: false; message: string };

/**
 * Reads the shop's dummy loads: a name, the watts, the minutes for which it takes them (none: for good), the ohms.
 * @example parseLoads("oil load 1500 W 5 min; fan load 100 W")
 */
export function parseLoads(text: string): LoadsRead {
  const parts = text
    .split(/[;\n]/)
    .map((one) => one.trim())
    .filter(Boolean);
  if (parts.length > MOST_LOADS) return { ok: false, message: `At most ${MOST_LOADS} loads.` };
  const loads: DummyLoad[] = [];
  for (const part of parts) {
    const [, name = "", watts = "", minutes, ohms] = FORM.exec(part) ?? [];
    const power = parseQuantity(watts, "power");
    const number = (figure: string | undefined) => (figure ? Number(figure.replace(",", ".")) : undefined);
    const [time, resistance] = [number(minutes), number(ohms)];
    if (!name || !power.ok || power.value <= 0 || time === 0 || resistance === 0 || name.length > 40)
      return {
        ok: false,
        message: `“${part}” does not read: a load is like “oil load 1500 W 5 min”, with ; between two.`,
      };
    loads.push({ name, ohms: resistance ?? USUAL_OHMS, watts: power.value, ...(time ? { minutes: time } : {}) });
  }
  return { ok: true, loads };
}

/** Writes the loads as they are typed. */
export const writeLoads = (loads: readonly DummyLoad[]): string =>
  loads
    .map(({ name, watts, minutes, ohms }) =>
      [name, `${watts} W`, minutes && `${minutes} min`, ohms !== USUAL_OHMS && `${ohms} Ω`].filter(Boolean).join(" "),
    )
    .join("; ");
