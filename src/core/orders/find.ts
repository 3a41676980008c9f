import { parsePart, type PartSpec } from "../quantity";
import { printMarking, specOf, type Offer } from "../stock";

/** Letters that are written in several ways, in one: µ and u, Ω and ohm. */
const plain = (text: string): string =>
  text
    .normalize("NFKC")
    .toLowerCase()
    .replaceAll(/[µμ]/g, "u")
    .replaceAll(/\bohms?\b|ω/g, "ω");

const lineOf = (offer: Offer): string =>
  plain([offer.kind, offer.marking, printMarking(offer), offer.orderNumber, offer.maker].join(" "));

/** Values within this of each other are the same. */
const SAME = 0.005;

/** A text read as a part, in both ways in which it may be meant. */
const specsIn = (text: string): PartSpec[] =>
  (["capacitance", "resistance"] as const).flatMap((quantity) => {
    const parsed = parsePart(text, { quantity });
    return parsed.ok && parsed.value.sections.length === 1 && (parsed.value.sections[0] ?? 0) > 0 ? [parsed.value] : [];
  });

function serves(offer: Offer, wanted: readonly PartSpec[]): boolean {
  const spec = wanted.length > 0 ? specOf(offer) : undefined;
  if (!spec) return false;
  const [value = 0] = spec.sections;
  return wanted.some(
    ({ quantity, sections: [asked = 0], volts, watts }) =>
      quantity === spec.quantity &&
      Math.abs(value / asked - 1) < SAME &&
      (volts === undefined || (spec.volts ?? 0) >= volts) &&
      (watts === undefined || (spec.watts ?? 0) >= watts),
  );
}

/**
 * Articles that somebody looks for: those with every word of the text in them, and those of that value with that rating
 * or more, however it is written.
 * @returns at most so many, those with the words first, the cheaper before the dearer
 * @example findIn(offers, ".047/400", 12) // a 47 nF 630 V too
 */
export function findIn(offers: readonly Offer[], text: string, most: number): Offer[] {
  const words = plain(text).split(/\s+/).filter(Boolean);
  if (words.length === 0) return [];
  const specs = specsIn(text);
  const ranked = offers.flatMap((offer): { offer: Offer; rank: number }[] => {
    const line = lineOf(offer);
    if (words.every((word) => line.includes(word))) return [{ offer, rank: 0 }];
    return serves(offer, specs) ? [{ offer, rank: 1 }] : [];
  });
  return ranked
    .sort((a, b) => a.rank - b.rank || a.offer.priceMinor - b.offer.priceMinor)
    .slice(0, most)
    .map(({ offer }) => offer);
}
