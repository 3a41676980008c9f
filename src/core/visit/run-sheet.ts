import type { InCircuit, Rules } from "../components";
import type { StockItem } from "../stock";
import { STEP_NAMES, STEPS, type Sheet, type Step } from "../model";
import { modificationsOf, ofKind, type Settled } from "../kinds";
import { openPoints } from "../history";
import type { MainsLine } from "../power";
import { alignedIn, alignmentLacks, dialCheckLacks } from "./alignment";
import { comparePoints, OUT } from "./compare";
import { testRows } from "./compare-tests";
import { changedBeforeBaseline } from "./passes";
import { poweredUp, stoppedAt } from "./power-run";
import { takenIn } from "./taken";
import { sheetRows } from "./sheet-runs";
import { safeLacks, safeLines } from "./safe-run";

export type StepState = "done" | "overridden" | "lacking" | "optional";

export type SheetStep = {
  step: Step;
  name: string;
  state: StepState;
  /** what this step still asks for */
  lacks: string[];
  /** earlier steps that should be done or passed before this one */
  gate: Step[];
  /** why it was passed without being done */
  reason?: string;
};

/** Steps that should be done, or passed with a reason, before a step. */
const GATES: Record<Step, Step[]> = {
  "take-in": [],
  "make-safe": ["take-in"],
  "first-power": ["take-in", "make-safe"],
  baseline: ["make-safe", "first-power"],
  find: ["baseline"],
  fix: ["make-safe", "baseline"],
  modify: ["baseline"],
  align: ["fix"],
  prove: ["fix"],
  "hand-back": ["prove"],
};

/** Steps that a technician's word settles; the others are computed from what was recorded. */
const BY_WORD: readonly Step[] = ["find", "modify", "align"];
/** Steps whose word, with what was seen, lets the work go on, but does not stand for what was not measured. */
const BY_WORD_ALONE: readonly Step[] = ["make-safe", "first-power"];

export type VisitInput = {
  sheet: Sheet;
  year: number | null;
  settled: readonly Settled[];
  visitId: string;
  now: string;
  /** what comes out of the wall at the bench, where the shop has said it */
  line?: MainsLine;
  /** the shop's rules for parts; without them the trade's */
  rules?: Rules | undefined;
  /** the shop's stock, where it is at hand */
  stock?: readonly StockItem[] | undefined;
  /** what the set's circuit says of its parts, where it has been worked out */
  circuit?: ReadonlyMap<string, InCircuit>;
};

const count = (n: number, one: string, many: string) => `${n} ${n === 1 ? one : many}`;

/** Entries of an apprentice on one of the steps that count for safety: they do not stand until a lead has confirmed them. */
function unconfirmed(step: Step, { settled, visitId, now }: VisitInput): string[] {
  const waiting = openPoints(settled, now).filter((point) => point.kind === "confirm" && point.visitId === visitId);
  const contents = new Map(settled.map(({ entry, content }) => [entry.id, content]));
  const here = waiting.filter(({ id }) => {
    const content = contents.get(id);
    if (content?.kind === "check") return content.payload.list === step;
    if (content?.kind === "power-step") return step === "first-power";
    return content?.kind === "step" && content.payload.step === step;
  });
  return here.length > 0 ? [`${count(here.length, "entry", "entries")} of an apprentice to confirm`] : [];
}

type StepLacks = { lacks: string[]; optional?: boolean };

function baselineLacks({ sheet, settled, visitId }: VisitInput): string[] {
  const taken = takenIn(settled, visitId, "baseline");
  const changed = changedBeforeBaseline(settled, visitId);
  if (taken.size === 0)
    return [
      changed.length > 0
        ? `Nothing measured, and ${changed.join(", ")} changed already: what that did cannot be shown.`
        : "Nothing measured: without a baseline nobody can say later what the repair did.",
    ];
  const missing = sheet.points.filter(({ point }) => !taken.has(point));
  if (missing.length === 0) return [];
  return [
    `${missing.length} of ${sheet.points.length} chart points not read: ${missing.map(({ point }) => point).join(", ")}`,
  ];
}

function firstPowerLacks({ settled, visitId }: VisitInput): string[] {
  if (poweredUp(settled, visitId)) return [];
  const stop = stoppedAt(settled, visitId);
  return stop
    ? [`Stopped: ${stop.judgement.reasons.map(({ text }) => text).join(" ")}`]
    : ["Full line not reached with the current watched"];
}

function findLacks(input: VisitInput): StepLacks {
  const open = openPoints(input.settled, input.now);
  const symptoms = open.filter((point) => point.kind === "symptom").length;
  const readings = open.filter((point) => point.kind === "reading").length;
  const lacks = [
    ...(symptoms > 0 ? [`${count(symptoms, "symptom", "symptoms")} to explain`] : []),
    ...(readings > 0 ? [`${count(readings, "reading", "readings")} out of tolerance`] : []),
  ];
  return { lacks, optional: lacks.length === 0 };
}

function fixLacks({ settled, visitId, now }: VisitInput): string[] {
  const mine = ofKind(settled, "part-work").filter(({ entry }) => entry.visitId === visitId);
  const designators = new Map(
    ofKind(settled, "reading").map(({ entry, content }) => [entry.id, content.payload.designator]),
  );
  const drifted = openPoints(settled, now).filter((point) => point.kind === "reading" && designators.get(point.id));
  return [
    ...(mine.length === 0 ? ["No work on a part recorded yet"] : []),
    ...drifted.map((point) => `${point.text}: nothing done about it`),
  ];
}

/** Was anything measured to prove: a reading, a test of the set, a tube, a soak? */
function proved({ settled, visitId }: VisitInput): boolean {
  return settled.some(({ entry, content }) => {
    if (entry.visitId !== visitId || !content) return false;
    if (content.kind === "soak") return content.payload.state === "end";
    if (content.kind === "reading" || content.kind === "test-result" || content.kind === "tube-test")
      return content.payload.phase === "prove";
    if (content.kind === "measured-row") return content.payload.phase === "prove" && content.payload.void === undefined;
    return false;
  });
}

/** A list that stays readable: the first few, and how many more. */
const few = (names: readonly string[]) =>
  names.length > 6 ? `${names.slice(0, 6).join(", ")} and ${names.length - 6} more` : names.join(", ");

function proveLacks(input: VisitInput): string[] {
  const { sheet, settled, visitId } = input;
  if (!proved(input)) return ["Nothing measured again since the last work"];
  const readings = comparePoints(sheet, settled, visitId).map((row) => ({ ...row, name: row.point }));
  const tests = testRows(settled, visitId).map((row) => ({
    ...row,
    name: [row.test, row.condition].filter(Boolean).join(" "),
  }));
  const rows = [...readings, ...tests, ...sheetRows(settled, visitId)];
  const names = (wanted: (row: (typeof rows)[number]) => boolean) => rows.filter(wanted).map(({ name }) => name);
  const toDo = names((row) => row.before !== undefined && row.after === undefined);
  const stale = names((row) => row.mark !== undefined);
  const out = names((row) => OUT.includes(row.outcome));
  return [
    ...dialCheckLacks(sheet, settled, visitId),
    ...(toDo.length > 0 ? [`Not measured again: ${few(toDo)}`] : []),
    ...(stale.length > 0 ? [`Measured before the last work: ${few(stale)}`] : []),
    ...(out.length > 0 ? [`Out of tolerance: ${few(out)}`] : []),
  ];
}

/** What the modifications of this visit still ask for; nothing where none was begun. */
function modifyLacks({ settled, visitId, now }: VisitInput): StepLacks {
  const lacks = openPoints(settled, now)
    .filter((point) => point.kind === "modification" && point.visitId === visitId)
    .map(({ text }) => text);
  const fitted = modificationsOf(settled).some(
    (one) => one.visitId === visitId && ["fitted", "kept", "undone"].includes(one.state),
  );
  return { lacks, optional: lacks.length === 0 && !fitted };
}

function alignLacks({ sheet, settled, visitId }: VisitInput): StepLacks {
  const lacks = alignmentLacks(sheet, settled, visitId);
  return { lacks, optional: lacks.length === 0 && alignedIn(settled, visitId).length === 0 };
}

function handBackLacks({ settled, visitId, now }: VisitInput): string[] {
  const handed = ofKind(settled, "hand-back").some(({ entry }) => entry.visitId === visitId);
  if (handed) return [];
  const open = openPoints(settled, now).filter((point) => point.blocks);
  return [
    ...(open.length > 0 ? [`${count(open.length, "open point", "open points")} to clear or explain`] : []),
    "Not handed back",
  ];
}

function findingsOf(step: Step, input: VisitInput): StepLacks {
  switch (step) {
    case "take-in":
      return {
        lacks: ofKind(input.settled, "take-in").some(({ entry }) => entry.visitId === input.visitId)
          ? []
          : ["Complaint, wishes and policy not written down"],
      };
    case "make-safe":
      return { lacks: safeLacks(safeLines(input.sheet, input.year, input.settled, input.visitId)) };
    case "first-power":
      return { lacks: firstPowerLacks(input) };
    case "baseline":
      return { lacks: baselineLacks(input) };
    case "find":
      return findLacks(input);
    case "fix":
      return { lacks: fixLacks(input) };
    case "modify":
      return modifyLacks(input);
    case "align":
      return alignLacks(input);
    case "prove":
      return { lacks: proveLacks(input) };
    case "hand-back":
      return { lacks: handBackLacks(input) };
  }
}

/**
 * The run sheet of a visit: for every step its state and what it still lacks, computed from the log.
 * @param input model sheet and year, the set's entries after amendments, the visit, the present moment (ISO)
 */
export function runSheet(input: VisitInput): SheetStep[] {
  const words = new Map(
    ofKind(input.settled, "step")
      .filter(({ entry }) => entry.visitId === input.visitId)
      .map(({ content }) => [content.payload.step, content.payload]),
  );
  const steps = STEPS.map((step): SheetStep => {
    const found = findingsOf(step, input);
    const toConfirm = unconfirmed(step, input);
    const lacks = [...toConfirm, ...found.lacks];
    const optional = found.optional && toConfirm.length === 0;
    // A word that waits for a confirmation settles nothing yet.
    const word = toConfirm.length > 0 ? undefined : words.get(step);
    const base = { step, name: STEP_NAMES[step], gate: [] };
    const begun = (step === "modify" || step === "align") && lacks.length > 0;
    if (word?.state === "passed" && BY_WORD.includes(step) && !begun) return { ...base, state: "done", lacks: [] };
    if (lacks.length === 0 && !optional) return { ...base, state: "done", lacks };
    // Written in words alone, with what was seen: the work goes on, and the sheet shows that nothing was measured.
    const byWord = word?.state === "passed" && word.reason !== undefined && BY_WORD_ALONE.includes(step);
    if (word?.state === "overridden" || byWord)
      return { ...base, state: "overridden", lacks, ...(word?.reason ? { reason: word.reason } : {}) };
    return { ...base, state: optional ? "optional" : "lacking", lacks };
  });
  const unmet = new Set(steps.filter((item) => item.state === "lacking").map((item) => item.step));
  return steps.map((item) => ({
    ...item,
    gate: item.state === "done" ? [] : GATES[item.step].filter((step) => unmet.has(step)),
  }));
}

/** The step to work on: the first that lacks something. Once something was mended, proving shows what is still to find. */
export function currentStep(sheet: readonly SheetStep[]): Step {
  const mended = sheet.some((item) => item.step === "fix" && item.state === "done");
  const lacking = sheet.filter((item) => item.state === "lacking" && !(mended && item.step === "find"));
  return lacking[0]?.step ?? "hand-back";
}
