import { monthsLater } from "../exchange";
import { openPoints } from "../history";
import { ofKind } from "../kinds";
import { STEP_NAMES } from "../model";
import type { HandBackRules } from "../shorthand";
import { runSheet, type VisitInput } from "../visit";
import { finalLines, gates, ownersInstructions } from "./gates";
import { priceOf } from "./price";
import type { Terms } from "./terms";

/** Everything that a hand-back says of itself before anybody has typed a word. */
function proposalOf(input: VisitInput, terms: Terms, currency: string): HandBackRules["proposal"] {
  const { settled, visitId, now } = input;
  const bag = ofKind(settled, "part-work").some(
    ({ entry, content }) => entry.visitId === visitId && content.payload.oldPart === "bag",
  );
  const uses = ownersInstructions(input);
  const price = priceOf(settled, visitId, terms, currency);
  return {
    oldParts: bag ? "returned" : "none",
    warrantyMonths: terms.warrantyMonths,
    ...(terms.serviceMonths > 0 ? { nextService: monthsLater(now, terms.serviceMonths) } : {}),
    ...(uses ? { instructions: uses } : {}),
    ...(price.totalMinor > 0
      ? { price: { labourMinutes: price.labourMinutes, total: { minor: price.totalMinor, currency } } }
      : {}),
  };
}

/** What stands in the way of handing back whatever is said of it. */
function barsOf(input: VisitInput, terms: Terms, currency: string): string[] {
  const gate = runSheet(input).find(({ step }) => step === "hand-back")?.gate ?? [];
  const made = openPoints(input.settled, input.now)
    .filter(({ kind, blocks }) => blocks && kind === "modification")
    .map(({ text }) => text);
  const unlooked = finalLines(input).filter(({ state }) => state === "open" || state === "trouble");
  const stands = gates(input, terms, currency)
    .filter(({ state, explains }) => state === "open" && !explains)
    .map(({ key, text }) =>
      key === "final" ? `the last look is not through (${unlooked.map((one) => `final ${one.key}`).join(", ")})` : text,
    );
  return [
    ...gate.map((step) => `${STEP_NAMES[step]} is not done: do it, or pass it with a reason`),
    ...made,
    ...stands,
  ];
}

/**
 * What bars handing back, what has to be explained, and what the hand-back says where nothing else is typed: the one
 * place that its form and its line go by.
 */
export function handBackRules(input: VisitInput, terms: Terms, currency: string): HandBackRules {
  return {
    bars: barsOf(input, terms, currency),
    explain: gates(input, terms, currency)
      .filter(({ state, explains }) => state === "open" && explains)
      .map(({ text }) => text),
    proposal: proposalOf(input, terms, currency),
  };
}
