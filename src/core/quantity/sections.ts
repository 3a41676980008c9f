import { scanUnit, scanValue, type BareRules } from "./scan";
import { scanNumber, skipSpace, type Scan } from "./scan-number";

/** Most sections that a can has. */
const MOST_SECTIONS = 6;
/**
 * Sections of an electrolytic that stand without a unit are below this, µF: what is above it is a voltage. Shop rule.
 * @example 16-16 is two sections; 8-450 is 8 µF for 450 V
 */
const LARGEST_BARE_SECTION = 125;

type Item = { number: number; factors: number[]; separator: string; end: number };

const TOLERANCE = /^\s*(?:\/?\s*[-−–]\s*\d+\s*)?%/;

/** The numbers of a chain, each with its unit where it has one, and the sign in front of it. */
function itemsOf(text: string, from: number): Item[] {
  const items: Item[] = [];
  for (let at = from, separator = ""; items.length < MOST_SECTIONS + 1;) {
    const [number] = scanNumber(text, at);
    // `10 µF +50/−10 %`: what is behind the sign is a tolerance.
    if (!number || number.value <= 0 || TOLERANCE.test(text.slice(number.end))) break;
    const units = scanUnit(text, skipSpace(text, number.end), "capacitance");
    const end = units[0]?.end ?? number.end;
    items.push({ number: number.value, factors: units.map(({ value }) => value), separator, end });
    const sign = /^\s*([+/|&-]|–|and\b)\s*/i.exec(text.slice(end));
    if (!sign) break;
    separator = sign[1] ?? "";
    at = end + sign[0].length;
  }
  return items;
}

/** Can so many items of a chain be the sections of a can? A stroke or a dash without a unit may be a rating. */
function holds(items: readonly Item[], rules: BareRules): boolean {
  const last = items.at(-1);
  if (!last || items.length < 2 || items.length > MOST_SECTIONS) return false;
  if (last.factors.length > 0) return true;
  if (items.some(({ factors }) => factors.length > 0)) return items.every(({ separator }) => !/[/–-]/.test(separator));
  const small = rules.electrolytic === true && items.every(({ number }) => number <= LARGEST_BARE_SECTION);
  const strokes = items.filter(({ separator }) => separator === "/").length;
  const dashes = items.some(({ separator }) => /[–-]/.test(separator));
  return (strokes === 0 || (small && strokes > 1)) && (!dashes || small);
}

/**
 * The sections of a can in one marking: `32+32 µF`, `40/20 µF`, `16-16 mfd`, `8 µF + 8 µF`, `8|8|4`. A unit that stands
 * once, behind the last section, holds for all of them.
 * @returns the values of the sections in farad, and where the chain ended; none where there is no chain
 */
export function scanChain(text: string, at: number, rules: BareRules): Scan<number[]>[] {
  const items = itemsOf(text, at);
  for (let count = Math.min(items.length, MOST_SECTIONS); count > 1; count -= 1) {
    const chain = items.slice(0, count);
    const last = chain.at(-1);
    if (!last || !holds(chain, rules)) continue;
    const told = chain.findLast(({ factors }) => factors.length > 0);
    const factors = told?.factors ?? bareFactorsOf(last.number, rules);
    return factors.map((shared) => {
      // From the right: a section without a unit has that of the next one.
      let factor = shared;
      const values = chain.toReversed().map((item) => {
        factor = item.factors.length === 1 ? (item.factors[0] ?? factor) : factor;
        return Number((item.number * factor).toPrecision(12));
      });
      return { value: values.reverse(), end: last.end };
    });
  }
  return [];
}

/** What a bare section can be, as a factor: microfarads of an electrolytic, or both where nobody has said. */
function bareFactorsOf(number: number, rules: BareRules): number[] {
  return scanValue(String(number), 0, "capacitance", rules).map(({ value }) => value / number);
}
