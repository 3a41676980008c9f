import type { Template } from "./templates";

/** What a letter can say; what is not known stays out. */
export type Places = Partial<Record<string, string>>;

const PLACE = /\{([a-z]+)\}/g;

const filled = (text: string, places: Places): string =>
  text.replaceAll(PLACE, (_, name: string) => places[name] ?? "");

/** Is there a place in this line that nothing is known for? */
const lacks = (line: string, places: Places): boolean =>
  [...line.matchAll(PLACE)].some(([, name = ""]) => (places[name] ?? "").trim() === "");

/** Fills a letter in. A line with a place that nothing is known for is left out, and no two empty lines follow each other. */
export function fillLetter({ subject, text }: Template, places: Places): Template {
  const lines = text
    .split("\n")
    .filter((line) => !lacks(line, places))
    .map((line) => filled(line, places));
  return {
    subject: filled(subject, places).trim(),
    text: lines
      .filter((line, index) => line !== "" || (index > 0 && lines[index - 1] !== ""))
      .join("\n")
      .trim(),
  };
}

/** The names of the places in a text. */
export const placesIn = (text: string): string[] => [
  ...new Set([...text.matchAll(PLACE)].map(([, name = ""]) => name)),
];
