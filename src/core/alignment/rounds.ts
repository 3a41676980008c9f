import type { AlignmentRow } from "../model";
import { printChange } from "../levels";
import { EIGHTHS, turnsText } from "./turns";

/** What was done at a step, as far as rounds and warnings ask. */
export type Done = {
  id: string;
  at: string;
  outcome: "moved" | "right" | "skipped";
  /** change of the output in dB, where it can be said */
  change?: number | undefined;
  eighths?: number | undefined;
  /** the adjuster is at the end of its travel */
  end?: boolean | undefined;
  /** where the output was largest, Hz */
  loudest?: number | undefined;
  remark?: string | undefined;
  reason?: string | undefined;
};

/** What came of a step, short: `3/8 in, +3.5 dB`. */
export function doneText({ outcome, eighths, change, reason }: Done): string {
  if (outcome === "right") return "left";
  if (outcome === "skipped") return `skipped: ${reason ?? ""}`;
  return [eighths === undefined ? "turned" : turnsText(eighths), change === undefined ? "" : printChange(change, "dB")]
    .filter(Boolean)
    .join(", ");
}

/** What tells one step of an alignment from another: the same adjuster may come at both ends of a band. */
export const stepKey = ({
  group,
  adjust,
  hertz,
  end,
}: Pick<AlignmentRow, "group" | "adjust" | "hertz" | "end">): string =>
  [group, adjust, hertz === undefined ? (end ?? "") : hertz.toFixed(0)].join("|").toLowerCase();

/** A round that changes less than this and moves no dial point ends it, dB. Shop rule. @example 0.3 dB and nothing moved: done */
export const ROUND_ENDS = 0.5;

export type Round = { number: number; steps: { row: AlignmentRow; done?: Done }[]; complete: boolean };
export type GroupState = {
  group: string;
  rows: AlignmentRow[];
  rounds: Round[];
  /** nothing done yet; in the middle; another round is worth it; no more is; nothing but skipped steps */
  state: "untouched" | "running" | "again" | "done" | "skipped";
  /** why, as figures: the largest change in dB of the last round, and whether a dial point moved */
  last?: { change?: number; dialMoved: boolean };
};

/** Does the step set where the dial stands? It has an end of the band, and aims for the frequency of the oscillator. */
export const movesDial = ({ group, end, aim }: Pick<AlignmentRow, "group" | "end" | "aim">): boolean =>
  (end !== undefined && /osc/i.test(group)) || aim === "zero-beat";

/** Groups with one pass: nothing in them pulls on anything else. */
const pulls = (rows: readonly AlignmentRow[]) =>
  rows.length > 1 && rows.some(({ end, aim }) => end !== undefined || aim === "maximum" || aim === "minimum");

/** The steps of a table in groups, in the order in which the groups first come. */
export function groupsOf(rows: readonly AlignmentRow[]): { group: string; rows: AlignmentRow[] }[] {
  const groups = new Map<string, AlignmentRow[]>();
  for (const row of rows) groups.set(row.group, [...(groups.get(row.group) ?? []), row]);
  return [...groups].map(([group, mine]) => ({ group, rows: mine }));
}

/**
 * The rounds of each group of a table. A round is over when every step of it is dealt with; a step that comes again
 * begins the next one.
 * @param doneAt what was done at a step, by its key, in the order of time
 */
export function roundsOf(rows: readonly AlignmentRow[], doneAt: ReadonlyMap<string, readonly Done[]>): GroupState[] {
  return groupsOf(rows).map(({ group, rows: mine }) => {
    const passes = mine.map((row) => doneAt.get(stepKey(row)) ?? []);
    const count = Math.max(1, ...passes.map(({ length }) => length));
    const rounds = Array.from({ length: count }, (_, n): Round => {
      const steps = mine.map((row, at) => {
        const done = passes[at]?.[n];
        return { row, ...(done ? { done } : {}) };
      });
      return { number: n + 1, steps, complete: steps.every(({ done }) => done !== undefined) };
    });
    const [last] = rounds.slice(-1);
    const done = last?.steps.flatMap((step) => (step.done ? [{ ...step.done, row: step.row }] : [])) ?? [];
    const changes = done.flatMap(({ change, outcome }) =>
      outcome === "moved" && change !== undefined ? [Math.abs(change)] : [],
    );
    const dialMoved = done.some(({ row, outcome, eighths }) => movesDial(row) && outcome === "moved" && eighths !== 0);
    const moved = done.some(({ outcome, eighths }) => outcome === "moved" && eighths !== 0);
    const largest = changes.length > 0 ? Math.max(...changes) : undefined;
    const said = { ...(largest === undefined ? {} : { change: largest }), dialMoved };
    const state = (): GroupState["state"] => {
      if (done.length === 0) return "untouched";
      if (!last?.complete) return "running";
      if (done.every(({ outcome }) => outcome === "skipped")) return "skipped";
      // Nothing but figures and single steps: once is enough.
      if (!pulls(mine)) return "done";
      if (dialMoved) return "again";
      return moved && (largest === undefined ? count < 2 : largest >= ROUND_ENDS) ? "again" : "done";
    };
    return { group, rows: mine, rounds, state: state(), ...(done.length > 0 ? { last: said } : {}) };
  });
}

export type NextStep = { group: string; round: number; row: AlignmentRow };

/**
 * The step to go on with: the first of a round that is not dealt with, or the first of a round that is worth it.
 * @param inHand a group whose round is running goes on before any other
 */
export function nextStep(groups: readonly GroupState[], inHand?: string): NextStep | undefined {
  const begun = groups.filter(({ group, state }) => group === inHand && state === "running");
  for (const { group, rows, rounds, state } of [...begun, ...groups]) {
    if (state === "done" || state === "skipped") continue;
    const last = rounds.at(-1);
    const open = last?.steps.find(({ done }) => !done);
    if (open && last) return { group, round: last.number, row: open.row };
    const [first] = rows;
    if (state === "again" && first) return { group, round: (last?.number ?? 0) + 1, row: first };
  }
  return undefined;
}

/** A core that was moved further than this has something to say, in eighths. Shop rule. @example 9/8 of a turn */
export const MOVED_FAR = EIGHTHS;
/** Output that is largest so far off the step's frequency points at feedback, a share of it. Shop rule. @example 467.5 kHz for 465 */
export const OFF_TUNE = 0.005;

export type Warning =
  | { kind: "moved-far"; adjust: string; eighths: number }
  | { kind: "pull"; group: string; adjust: [string, string] }
  | { kind: "regeneration"; adjust: string; hertz: number; loudest: number }
  | { kind: "end-of-travel"; adjust: string; end?: AlignmentRow["end"] }
  | { kind: "worse"; adjust: string; change: number };

/** Net movement of every adjuster, in eighths. */
export function movedBy(
  rows: readonly AlignmentRow[],
  doneAt: ReadonlyMap<string, readonly Done[]>,
): Map<string, number> {
  const moved = new Map<string, number>();
  for (const row of rows)
    for (const { eighths = 0, outcome } of doneAt.get(stepKey(row)) ?? [])
      if (outcome === "moved") moved.set(row.adjust, (moved.get(row.adjust) ?? 0) + eighths);
  return moved;
}

const sizes = (group: GroupState, row: AlignmentRow) =>
  group.rounds.map(({ steps }) => Math.abs(steps.find((step) => step.row === row)?.done?.eighths ?? 0));

/** Do two adjusters of a group move as far in the third round as in the second, and the second as in the first? */
function pulling(group: GroupState): [string, string] | undefined {
  const restless = group.rows.filter((row) => {
    const [first = 0, second = 0, third = 0] = sizes(group, row).slice(-3);
    return group.rounds.length >= 3 && first > 0 && second >= first && third >= second;
  });
  const [one, other] = restless;
  return one && other ? [one.adjust, other.adjust] : undefined;
}

/** What the steps that were done should make one stop and look for. */
export function warningsOf(groups: readonly GroupState[], doneAt: ReadonlyMap<string, readonly Done[]>): Warning[] {
  const rows = groups.flatMap((group) => group.rows);
  const far = [...movedBy(rows, doneAt)].flatMap(([adjust, eighths]): Warning[] =>
    Math.abs(eighths) > MOVED_FAR ? [{ kind: "moved-far", adjust, eighths }] : [],
  );
  const pulled = groups.flatMap((group): Warning[] => {
    const adjust = pulling(group);
    return adjust ? [{ kind: "pull", group: group.group, adjust }] : [];
  });
  const last = rows.flatMap((row) => {
    const done = doneAt.get(stepKey(row))?.at(-1);
    return done ? [{ row, done }] : [];
  });
  const seen = last.flatMap(({ row, done }): Warning[] => {
    const { adjust, hertz, aim, end } = row;
    const off = hertz !== undefined && done.loudest !== undefined && Math.abs(done.loudest - hertz) > OFF_TUNE * hertz;
    const wrongWay =
      done.change !== undefined &&
      (aim === "maximum" ? done.change < -ROUND_ENDS : aim === "minimum" && done.change > ROUND_ENDS);
    return [
      ...(off && aim === "maximum"
        ? [{ kind: "regeneration" as const, adjust, hertz: hertz ?? 0, loudest: done.loudest ?? 0 }]
        : []),
      ...(done.end ? [{ kind: "end-of-travel" as const, adjust, ...(end ? { end } : {}) }] : []),
      ...(wrongWay ? [{ kind: "worse" as const, adjust, change: done.change ?? 0 }] : []),
    ];
  });
  return [...far, ...pulled, ...seen];
}
