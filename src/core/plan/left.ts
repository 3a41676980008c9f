import { openPoints } from "../history";
import { modificationsOf, ofKind, tickOf, type Wait } from "../kinds";
import type { Step } from "../model";
import { alignmentOf, chartRows, recapOf, safeLines, soakOf, takenIn, type SheetStep, type VisitInput } from "../visit";
import { pointsLeft, type PointLeft } from "./points";
import { setClass, type SetClass } from "./set-class";

/** A step that is still to do. */
export type StepLeft = {
  step: Step;
  /** what there is of it, in words */
  text: string;
  /** how much of the step is left, 0 to 1; for Fix the number of parts is what counts */
  share: number;
  parts?: number;
};

/** Something that is waited for. */
export type WaitLeft = {
  /** the entry that says so */
  id: string;
  for: Wait;
  text: string;
  /** when it was written */
  at: string;
  /** the day that it names */
  until?: string;
  /** the job that it comes from: a tube on loan, a chassis that is needed back */
  job?: number;
};

/** What is left to do on a set, in the order of work. */
export type Left = {
  setClass: SetClass;
  steps: StepLeft[];
  waits: WaitLeft[];
  /** open points that are work; a summary of an older program has none */
  points?: PointLeft[];
  /** a soak that was begun: the hours that were left at a moment, and whether it ran on from there */
  soaking?: { hours: number; at: string; running: boolean };
  /** was a soak of this visit ended? */
  soaked: boolean;
  /** high voltage or a transmitter: not everybody's work */
  highVoltage: boolean;
  /** the last promise that was given to the owner */
  promised?: { day: string; at: string };
  /** what the shop itself spent on the visit so far, minutes */
  spent: number;
};

/** From so many volts on a set is the work of whoever knows transmitters. Shop rule. @example a 600 V rail, not a 450 V one */
export const HIGH_VOLTAGE = 600;

/** Drifts that no visit has: only the clock of a soak is asked here. */
const ANY_DRIFT = { warmMinutes: 15, driftVolts: 1, driftAmps: 1, driftOther: 1 };

/** The last day that a text names, and the job that it speaks of. */
export function namedIn(text: string): { until?: string; job?: number } {
  const days = [...text.matchAll(/\b(20\d\d-(?:0[1-9]|1[0-2])-(?:0[1-9]|[12]\d|3[01]))\b/g)];
  const until = days.at(-1)?.[1];
  const job = /\bjob\s+(\d{1,9})\b/i.exec(text)?.[1];
  return { ...(until ? { until } : {}), ...(job ? { job: Number(job) } : {}) };
}

function amountOf(step: Step, input: VisitInput): Pick<StepLeft, "share" | "parts" | "text"> {
  const { sheet, year, settled, visitId } = input;
  const of = (open: number, all: number, what: string) => ({
    share: all === 0 ? 1 : Math.max(0.1, open / all),
    text: `${open} of ${all} ${what}`,
  });
  switch (step) {
    case "make-safe": {
      const lines = safeLines(sheet, year, settled, visitId);
      return of(lines.filter(({ record }) => !record).length, lines.length, "lines");
    }
    case "baseline": {
      const rows = chartRows(sheet, year);
      const taken = takenIn(settled, visitId, "baseline");
      return of(rows.filter(({ point }) => !taken.has(point)).length, rows.length, "points");
    }
    case "fix": {
      const parts = recapOf(input).filter(({ action }) => action === "replace" || action === "restuff").length;
      return { share: 1, parts: Math.max(1, parts), text: parts === 1 ? "1 part" : `${parts} parts` };
    }
    case "modify": {
      const steps = modificationsOf(settled)
        .filter((one) => one.visitId === visitId && one.state === "planned")
        .flatMap((one) =>
          one.payload.steps.map((_step, index) => tickOf(one, "step", String(index + 1)) !== undefined),
        );
      return of(steps.filter((ticked) => !ticked).length, steps.length, "steps of modifications");
    }
    case "align": {
      const rows = alignmentOf(sheet, settled, visitId).groups.flatMap(({ rounds }) => rounds.at(-1)?.steps ?? []);
      return of(rows.filter(({ done }) => !done).length, rows.length, "steps");
    }
    default:
      return { share: 1, text: "" };
  }
}

/**
 * What is left to do on a visit that is in the shop.
 * @param run its run sheet
 */
export function leftOf(input: VisitInput, run: readonly SheetStep[]): Left {
  const { settled, visitId, now, sheet } = input;
  const steps = run
    .filter(({ state, step }) => state === "lacking" && step !== "take-in")
    .map(({ step }): StepLeft => ({ step, ...amountOf(step, input) }));
  const written = new Map(settled.map(({ entry, at }) => [entry.id, at]));
  const waits = openPoints(settled, now)
    .filter((point) => point.visitId === visitId && point.waits !== undefined)
    .map(({ id, text, waits: what }): WaitLeft => ({
      id,
      for: what ?? "process",
      text,
      at: written.get(id) ?? now,
      ...namedIn(text),
    }));
  // As it stood when it was last written about: how far it has run since is a matter of the clock.
  const clock = ofKind(settled, "soak").findLast(({ entry }) => entry.visitId === visitId);
  const soak = soakOf(settled, visitId, clock?.at ?? now, ANY_DRIFT);
  const promise = ofKind(settled, "promised").findLast(({ entry }) => entry.visitId === visitId);
  const spent = ofKind(settled, "labour")
    .filter(({ entry }) => entry.visitId === visitId)
    .reduce((sum, { content }) => sum + content.payload.minutes, 0);
  return {
    setClass: setClass(sheet),
    steps,
    waits,
    points: pointsLeft(settled, visitId, now),
    soaked: soak?.state === "ended",
    ...(soak && clock && soak.state !== "ended"
      ? { soaking: { hours: soak.leftMinutes / 60, at: clock.at, running: soak.state === "running" } }
      : {}),
    highVoltage: sheet.supply === "high-voltage" || sheet.highestVolts > HIGH_VOLTAGE,
    ...(promise ? { promised: { day: promise.content.payload.day, at: promise.at } } : {}),
    spent,
  };
}
