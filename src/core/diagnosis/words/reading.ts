import type { System } from "../types";
import { meantBy } from "./meant";
import type { ClauseRead, Said } from "./types";

export type Reading = {
  /** what it says, by the names of tests and outcomes */
  meanings: { key: string; name: string; says: string; one: Said }[];
  /** parts of which nothing was read */
  unread: string[];
  /** parts that say something that nothing on the list of this set can do: a hum of a set on batteries */
  idle: string[];
};

/**
 * What the search makes of a complaint or a symptom, and what it makes nothing of.
 * @param said as its words are read
 * @param reads how it is to be read, where somebody has put that right
 */
export function readingOf(
  { outcomes, parts }: { outcomes: readonly Said[]; parts: readonly ClauseRead[] },
  reads: readonly Said[] | undefined,
  system: Pick<System, "testById">,
): Reading {
  const meanings = (reads ?? outcomes).flatMap((one) => {
    const meant = meantBy(one, system);
    return meant ? [{ ...meant, one }] : [];
  });
  if (reads) return { meanings, unread: [], idle: [] };
  const nothing = (part: ClauseRead) => part.outcomes.length === 0;
  const texts = (some: readonly ClauseRead[]) => some.map(({ text }) => text);
  return {
    meanings,
    unread: texts(parts.filter(nothing)),
    idle: texts(
      parts.filter((part) => !nothing(part) && part.outcomes.every(({ test }) => !system.testById.has(test))),
    ),
  };
}
