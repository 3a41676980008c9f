import { CHANGES_NOTHING, ofKind, type ContentOf, type Settled } from "../kinds";
import { tapsOf, type Sheet } from "../model";
import { PHASE_NAMES, type Phase } from "../readings";
import { takenIn, type Taken } from "./taken";

export type SetupPayload = ContentOf<"setup">["payload"];
export type SetupOf = { id: string; at: string; payload: SetupPayload };

/** Readings that were taken together, under one set-up. */
export type Pass = { key: string; phase: Phase; name: string; setup?: SetupOf; taken: Map<string, Taken> };

/** The set-ups of a visit, in order. */
export const setupsOf = (settled: readonly Settled[], visitId: string): SetupOf[] =>
  ofKind(settled, "setup")
    .filter(({ entry }) => entry.visitId === visitId)
    .map(({ entry, at, content }) => ({ id: entry.id, at, payload: content.payload }));

/** The tap that was chosen last in a visit, in a set-up or at a step of the power-up, V. */
export function tapInForce(settled: readonly Settled[], visitId: string, sheet: Pick<Sheet, "taps" | "lineVolts">) {
  const taps = tapsOf(sheet);
  const chosen = settled.findLast(
    ({ entry, content }) =>
      entry.visitId === visitId &&
      ((content?.kind === "setup" && content.payload.tapVolts !== undefined) ||
        (content?.kind === "power-step" && taps.includes(content.payload.expected.fullVolts))),
  )?.content;
  const tap =
    chosen?.kind === "setup"
      ? chosen.payload.tapVolts
      : chosen?.kind === "power-step"
        ? chosen.payload.expected.fullVolts
        : undefined;
  return tap !== undefined && taps.includes(tap) ? tap : undefined;
}

/** The set-up in force for a phase: the last one that was written down for it. */
export const setupFor = (settled: readonly Settled[], visitId: string, phase: Phase): SetupOf | undefined =>
  setupsOf(settled, visitId).findLast(({ payload }) => payload.phase === phase);

/**
 * The passes of a visit, in the order in which they began: one for each set-up that was used, and one for readings of
 * a phase without any. Cold checks and readings of a soak are no pass.
 */
export function passesOf(settled: readonly Settled[], visitId: string): Pass[] {
  const setups = new Map(setupsOf(settled, visitId).map((one) => [one.id, one]));
  const passes = new Map<string, Pass>();
  for (const { entry, content } of ofKind(settled, "reading")) {
    const { phase, setup: setupId, designator } = content.payload;
    if (entry.visitId !== visitId || phase === "cold" || phase === "soak" || designator) continue;
    const setup = setupId ? setups.get(setupId) : undefined;
    const key = setup?.id ?? phase;
    if (passes.has(key)) continue;
    passes.set(key, {
      key,
      phase,
      name: setup?.payload.name ?? PHASE_NAMES[phase],
      ...(setup ? { setup } : {}),
      taken: setup
        ? takenIn(settled, visitId, phase, setup.id)
        : new Map([...takenIn(settled, visitId, phase)].filter(([, one]) => !setups.has(one.payload.setup ?? ""))),
    });
  }
  return [...passes.values()];
}

/** Work on parts that was done before anything was measured for the baseline: nobody can say later what it did. */
export function changedBeforeBaseline(settled: readonly Settled[], visitId: string): string[] {
  const baseline = ofKind(settled, "reading").find(
    ({ entry, content }) => entry.visitId === visitId && content.payload.phase === "baseline",
  );
  return ofKind(settled, "part-work")
    .filter(({ entry, at, content }) => {
      const before = !baseline || Date.parse(at) < Date.parse(baseline.at);
      return entry.visitId === visitId && !CHANGES_NOTHING.includes(content.payload.action) && before;
    })
    .flatMap(({ content }) => content.payload.designators)
    .filter((designator, index, all) => all.indexOf(designator) === index);
}

/** That in a sentence, for the bench, the comparison and the printed record; undefined when all is in order. */
export function baselineWarning(settled: readonly Settled[], visitId: string): string | undefined {
  const changed = changedBeforeBaseline(settled, visitId);
  if (changed.length === 0) return undefined;
  const measured = takenIn(settled, visitId, "baseline").size > 0;
  const parts =
    changed.length > 6 ? `${changed.slice(0, 6).join(", ")} and ${changed.length - 6} more` : changed.join(", ");
  return measured
    ? `${parts} ${changed.length === 1 ? "was" : "were"} changed before the baseline was measured: what that did cannot be shown.`
    : `${parts} ${changed.length === 1 ? "was" : "were"} changed and there is no baseline: what that did cannot be shown.`;
}

/** What is said above any work on parts: it comes before its baseline, or nothing was measured at all. */
export function workWarning(settled: readonly Settled[], visitId: string): string | undefined {
  const measured = takenIn(settled, visitId, "baseline").size > 0;
  return (
    baselineWarning(settled, visitId) ??
    (measured ? undefined : "Nothing is measured yet: without a baseline nobody can say later what the work did.")
  );
}
