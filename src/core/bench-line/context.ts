import { finalLines, gates, USUAL_TERMS, type Terms } from "../handback";
import { asBuilt, openPoints } from "../history";
import { PHASES, type Phase } from "../readings";
import { coldRows, lastWorkAt, pointRows, setupFor, takenIn, visitPolicy, type VisitInput } from "../visit";
import type { LineContext } from "./types";

type Works = { terms: Terms; currency: string };

/** Which phase a reading taken now belongs to: baseline until something was changed, proof afterwards. */
const phaseNow = ({ settled, visitId }: VisitInput): Phase =>
  lastWorkAt(settled, visitId) === undefined ? "baseline" : "prove";

/** What stands in the way of handing back whatever is said of it, as the form has it. */
function barredBy(input: VisitInput, { terms, currency }: Works): string[] {
  const made = openPoints(input.settled, input.now)
    .filter(({ kind, blocks }) => blocks && kind === "modification")
    .map(({ text }) => text);
  const unlooked = finalLines(input).filter(({ state }) => state === "open" || state === "trouble");
  const stands = gates(input, terms, currency)
    .filter(({ state, explains }) => state === "open" && !explains)
    .map(({ key, text }) =>
      key === "final" ? `the last look is not through (${unlooked.map((one) => `final ${one.key}`).join(", ")})` : text,
    );
  return [...made, ...stands];
}

/**
 * What the bench line is read against, from the set's log and its model.
 * @param works what the shop works by, and its currency: they tell what a visit comes to
 */
export function lineContext(input: VisitInput, works: Works = { terms: USUAL_TERMS, currency: "EUR" }): LineContext {
  const { sheet, year, settled, visitId, now } = input;
  const places = asBuilt(settled, sheet, now);
  const setups = PHASES.flatMap((phase) => {
    const setup = setupFor(settled, visitId, phase);
    return setup ? [[phase, setup] as const] : [];
  });
  const measured = takenIn(settled, visitId, "baseline").size > 0;
  const barred = barredBy(input, works);
  const listed = sheet.components.length + sheet.tubes.length > 0;
  return {
    sheet,
    year,
    bench: input.line ?? { volts: sheet.lineVolts, hz: sheet.lineHz ?? 50 },
    policy: visitPolicy(settled, visitId).policy,
    switches: visitPolicy(settled, visitId).switches,
    ...(input.rules ? { rules: input.rules } : {}),
    ...(input.stock ? { stock: input.stock } : {}),
    setups: Object.fromEntries(setups),
    ...(measured ? {} : { warning: "Nothing is measured yet: without a baseline nobody can say what this did." }),
    ...(barred.length > 0 ? { barred } : {}),
    points: [...pointRows(sheet, year, settled, visitId), ...coldRows(sheet)],
    // A model without a parts list has nothing to check a designator against.
    known: new Set(
      listed ? places.flatMap((place) => [place.designator, ...place.parts.map((part) => part.designator)]) : [],
    ),
    phase: phaseNow(input),
    tape: settled.map((item, index) => ({ n: index + 1, id: item.entry.id, content: item.content })),
  };
}
