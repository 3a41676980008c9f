import { parseQuantity } from "../quantity";

/** A crystal of a box, as a line of a list reads. */
export type BoxLine = { text: string; label: string } & ({ hertz: number } | { problem: string });

/** Most lines that are judged in one go. */
export const MOST_CRYSTALS = 500;
const LOWEST = 10e3;
const HIGHEST = 250e6;

const FREQUENCY =
  /(?<![A-Za-z\d.,-])(\d{1,3}(?: \d{3})+(?:[.,]\d+)?|\d+(?:[.,]\d+)?)\s*(hz|kc\/?s?|khz|mc\/?s?|mhz)?\b/gi;

/** The figure of a line that is its frequency: one with a unit goes before a bare one. */
function frequencyIn(text: string): { hertz: number; of: string } | undefined {
  const all = [...text.matchAll(FREQUENCY)].map((found) => ({
    of: found[0],
    digits: (found[1] ?? "").replace(/ /g, ""),
    unit: found[2],
  }));
  const found = all.find(({ unit }) => unit) ?? all.findLast(({ digits }) => digits.length > 2) ?? all.at(-1);
  if (!found) return undefined;
  if (found.unit) {
    const parsed = parseQuantity(`${found.digits} ${found.unit}`, "frequency");
    return parsed.ok ? { hertz: parsed.value, of: found.of } : undefined;
  }
  // As crystals are marked: kilohertz, or megahertz where the figure is small.
  const bare = Number(found.digits.replace(",", "."));
  return { hertz: bare * (bare < 200 ? 1e6 : bare < 250e3 ? 1e3 : 1), of: found.of };
}

/**
 * Reads a pasted list of crystals, a line each: `X4 8000 kHz`, `7.35 MHz`, `6125`. A bare figure below 200 is in MHz,
 * above it in kHz, as crystals are marked.
 * @returns every line, with its frequency or what is wrong with it
 */
export function readBox(text: string): BoxLine[] {
  return text
    .split(/[\r\n;]+/)
    .map((line) => line.trim())
    .filter(Boolean)
    .slice(0, MOST_CRYSTALS)
    .map((line) => {
      const found = frequencyIn(line);
      const label = line
        .replace(found?.of ?? "", "")
        .replace(/\s+/g, " ")
        .trim();
      if (!found) return { text: line, label, problem: "No frequency in this line." };
      return found.hertz >= LOWEST && found.hertz <= HIGHEST
        ? { text: line, label, hertz: found.hertz }
        : { text: line, label, problem: "No crystal has this frequency: 10 kHz to 250 MHz." };
    });
}
