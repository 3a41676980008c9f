import { madeOf } from "../components";
import { ofKind, type Settled } from "../kinds";
import type { Fitted } from "../log";
import { drawnSpec, type Component, type Sheet } from "../model";
import { parsePart, quantityOfDesignator } from "../quantity";
import type { FileOf } from "./file";

/** A part that was judged once: what it is made of, how old it was, and whether it had failed. */
export type AgedPart = {
  visitId: string;
  /** what it is: paper, electrolytic, tube, resistor, with its maker where the shop fitted it */
  make: string;
  years: number;
  bad: boolean;
};

/** What sits in a place. */
type Sitting = { make: string; since: number };

const YEAR_MS = 365.25 * 86_400_000;
const PUT_IN = ["replaced", "restuffed", "substituted", "found fitted"];

/** What an original is: a capacitor by its marking and year, anything else by what it does. */
function makeOfOriginal(component: Component, sheet: Sheet, year: number | null): string | undefined {
  const quantity = quantityOfDesignator(component.designator);
  if (quantity === "capacitance") return madeOf(drawnSpec(sheet, component), component.role, year);
  return quantity === "resistance" ? "resistor" : undefined;
}

/** What a new part is, with its maker where that is known. */
function makeOfNew({ designator = "", text, stock }: Fitted, original: Sitting | undefined, year: number): string {
  const quantity = quantityOfDesignator(designator);
  const parsed = quantity ? parsePart(text, { quantity }) : undefined;
  const made =
    quantity === "capacitance" && parsed?.ok
      ? madeOf(parsed.value, "coupling", year)
      : quantity === "resistance"
        ? "resistor"
        : (original?.make.split(",")[0] ?? "part");
  return stock?.maker ? `${made}, ${stock.maker}` : made;
}

function originals({ model: { sheet, year } }: FileOf): Map<string, Sitting> {
  // Built in the middle of its year, as far as anybody knows.
  if (year === null) return new Map();
  const since = Date.UTC(year, 6, 1);
  const places: [string, Sitting][] = sheet.components.flatMap((component): [string, Sitting][] => {
    const make = makeOfOriginal(component, sheet, year);
    return make ? [[component.designator, { make, since }]] : [];
  });
  const tubes = sheet.tubes
    .filter(({ position }) => /^V\d/i.test(position))
    .map(({ position }): [string, Sitting] => [position, { make: "tube", since }]);
  return new Map([...places, ...tubes]);
}

type Judged = { designator: string; bad: boolean };

/** What an entry says of parts that sit there: a test of them, or work that names what was wrong. */
function judgedBy(item: Settled): Judged[] {
  const [tested] = [...ofKind([item], "component-test"), ...ofKind([item], "tube-test")];
  if (tested) {
    const { verdict } = tested.judged;
    return verdict === "none" ? [] : [{ designator: tested.content.payload.designator, bad: verdict === "bad" }];
  }
  const [work] = ofKind([item], "part-work");
  if (!work?.content.payload.found || !PUT_IN.slice(0, 3).includes(work.content.payload.action)) return [];
  return work.content.payload.designators.map((designator) => ({ designator, bad: true }));
}

/**
 * Every part of a set that was judged, once for each visit: the last word counts, a part that had failed stays failed.
 * What was renewed on sight, without a test or a finding, says nothing of its kind.
 */
export function agedIn(file: FileOf): AgedPart[] {
  const sitting = originals(file);
  const found = new Map<string, AgedPart>();
  for (const item of file.settled) {
    const at = Date.parse(item.at);
    for (const { designator, bad } of judgedBy(item)) {
      const part = sitting.get(designator);
      if (!part || at < part.since) continue;
      const key = `${item.entry.visitId} ${designator} ${part.since}`;
      const { make, since } = part;
      const failed = bad || (found.get(key)?.bad ?? false);
      found.set(key, { visitId: item.entry.visitId, make, years: (at - since) / YEAR_MS, bad: failed });
    }
    const [work] = ofKind([item], "part-work");
    if (!work) continue;
    const { action, designators, now = [] } = work.content.payload;
    for (const designator of designators) {
      const before = sitting.get(designator);
      if (action === "removed") sitting.delete(designator);
      else if (PUT_IN.includes(action)) {
        const part = now.find((one) => one.designator === designator) ?? now[0];
        if (!part) continue;
        const make = makeOfNew({ ...part, designator }, before, new Date(at).getUTCFullYear());
        // What was found fitted has been there for nobody knows how long.
        if (action === "found fitted") sitting.delete(designator);
        else sitting.set(designator, { make, since: at });
      }
    }
  }
  return [...found.values()];
}
