import { ofKind, type Action } from "../kinds";
import type { Sheet } from "../model";
import { groupedBy } from "../lists";
import type { FileOf } from "./file";

/** How often a place of a model failed over all its sets. */
export type Failure = {
  designator: string;
  role?: string;
  stage?: string;
  /** sets in which it failed, of all sets of the model that were here */
  sets: number;
  of: number;
  /** times in all: one set can lose it twice */
  times: number;
  /** what was found, the most frequent first */
  found: string[];
};

/** A place that failed once in a set, and what was found. */
export type Failed = { designator: string; found: string };

/** Work that says that the part had failed; what was replaced on sight without a word of a fault counts too, as such. */
const GIVES_UP: readonly Action[] = ["replaced", "restuffed", "removed", "disconnected", "repaired"];

/**
 * What failed in a set: replaced, restuffed, repaired or put out of use by this shop's log, or tested bad and not worked
 * on. A place that was renewed on sight without a finding is told as such.
 */
export function failedIn({ settled }: Pick<FileOf, "settled">): Failed[] {
  const work = ofKind(settled, "part-work")
    .filter(({ content }) => GIVES_UP.includes(content.payload.action))
    .flatMap(({ content: { payload } }) =>
      payload.designators.map((designator) => ({ designator, found: payload.found ?? "nothing noted" })),
    );
  const worked = new Set(work.map(({ designator }) => designator));
  const tests = [...ofKind(settled, "component-test"), ...ofKind(settled, "tube-test")].map(({ content, judged }) => ({
    designator: content.payload.designator,
    verdict: judged.verdict,
  }));
  const bad = tests
    .filter(({ designator, verdict }) => verdict === "bad" && !worked.has(designator))
    .map(({ designator }) => ({ designator, found: "tests bad" }));
  return [...work, ...bad];
}

/** Which places of a model fail most. @param sets what failed in each set of the model that was here */
export function failures(sheet: Sheet, sets: readonly (readonly Failed[])[]): Failure[] {
  const events = sets.flatMap((failed, set) => failed.map((one) => ({ ...one, set })));
  return [...groupedBy(events, ({ designator }) => designator)]
    .map(([designator, own]): Failure => {
      const counts = new Map<string, number>();
      for (const { found } of own) counts.set(found, (counts.get(found) ?? 0) + 1);
      const component = sheet.components.find((one) => one.designator === designator);
      const tube = sheet.tubes.find(({ position }) => position === designator);
      const stage = component?.stage ?? tube?.work;
      const role = component?.role ?? (tube ? "tube" : undefined);
      return {
        designator,
        ...(role ? { role } : {}),
        ...(stage ? { stage } : {}),
        sets: new Set(own.map(({ set }) => set)).size,
        of: sets.length,
        times: own.length,
        found: [...counts].sort((a, b) => b[1] - a[1]).map(([text]) => text),
      };
    })
    .sort(
      (a, b) =>
        b.sets - a.sets || b.times - a.times || a.designator.localeCompare(b.designator, "en", { numeric: true }),
    );
}
