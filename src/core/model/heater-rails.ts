import { parseQuantity } from "../quantity";
import { heaterRailSchema, MOST_RAILS, type HeaterRail } from "./schemas/heater-rails";

/**
 * Reads heater windings as they are typed: `receiver 6.3 V 3 A; rectifier 5 V 2 A`.
 * @returns the windings in their order, or a sentence that says which of them does not read
 */
export function readHeaterRails(text: string): { rails: HeaterRail[] } | { problem: string } {
  const pieces = text
    .split(/[;\n]/)
    .map((piece) => piece.trim())
    .filter(Boolean);
  const rails: HeaterRail[] = [];
  for (const piece of pieces) {
    const [, name = "", volts = "", amps = ""] =
      /^(?:(\D.*?)\s+)?(\d[\d.,]*\s*V)(?:\s+(\d[\d.,]*\s*m?A))?$/i.exec(piece) ?? [];
    const [v, a] = [parseQuantity(volts, "voltage"), amps ? parseQuantity(amps, "current") : undefined];
    const read = heaterRailSchema.safeParse({
      name: name || `winding ${String.fromCharCode(65 + rails.length)}`,
      volts: v.ok ? v.value : undefined,
      ...(a?.ok ? { amps: a.value } : {}),
    });
    if (!read.success || (amps && !a?.ok))
      return { problem: `“${piece}” is no winding: write its name, volts and amperes, like rectifier 5 V 2 A.` };
    if (rails.some((rail) => rail.name.toLowerCase() === read.data.name.toLowerCase()))
      return { problem: `Two windings are called “${read.data.name}”: nobody could tell them apart.` };
    rails.push(read.data);
  }
  return rails.length > MOST_RAILS ? { problem: `At most ${MOST_RAILS} windings.` } : { rails };
}

/** Writes what `readHeaterRails` reads. */
export const writeHeaterRails = (rails: readonly HeaterRail[] = []): string =>
  rails.map(({ name, volts, amps }) => `${name} ${volts} V${amps ? ` ${amps} A` : ""}`).join("; ");
