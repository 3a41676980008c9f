import {
  groupsOf,
  movesDial,
  roundsOf,
  stepKey,
  warningsOf,
  type Done,
  type GroupState,
  type Warning,
} from "../alignment";
import { judgementOf, keyOfAligned, ofKind, type Settled, type Standing } from "../kinds";
import type { AlignmentRow, ModelBand, Sheet } from "../model";
import type { DialPoint } from "../tracking";
import { sheetRuns, type Run } from "./sheet-runs";

const rowOf = ({ content: { payload } }: Standing<"aligned">): AlignmentRow => ({
  group: payload.group,
  adjust: payload.adjust,
  aim: payload.aim,
  ...(payload.hertz === undefined ? {} : { hertz: payload.hertz }),
  ...(payload.ends ? { end: payload.ends } : {}),
});

/** Steps of a visit, as they were done. */
export const alignedIn = (settled: readonly Settled[], visitId: string) =>
  ofKind(settled, "aligned").filter(({ entry }) => entry.visitId === visitId);

/** The model's steps, and behind them those that were done without standing in its table. */
export function stepsOf(sheet: Pick<Sheet, "alignment">, done: readonly Standing<"aligned">[]): AlignmentRow[] {
  const table = sheet.alignment ?? [];
  const known = new Set(table.map(stepKey));
  const others = new Map(
    done
      .filter(({ content }) => !known.has(keyOfAligned(content.payload)))
      .map((item) => [keyOfAligned(item.content.payload), rowOf(item)]),
  );
  return [...table, ...others.values()];
}

export type AlignmentState = {
  groups: GroupState[];
  warnings: Warning[];
  doneAt: ReadonlyMap<string, readonly Done[]>;
};

/** What an entry was, for rounds and warnings. */
const doneOf = (item: Standing<"aligned">): Done => {
  const { outcome, eighths, end, loudest, remark, reason } = item.content.payload;
  const { change } = judgementOf(item.content);
  return { id: item.entry.id, at: item.at, outcome, change, eighths, end, loudest, remark, reason };
};

/** The alignment of a visit: rounds, what is worth another, and what should make one stop. */
export function alignmentOf(
  sheet: Pick<Sheet, "alignment">,
  settled: readonly Settled[],
  visitId: string,
): AlignmentState {
  const done = alignedIn(settled, visitId);
  const doneAt = new Map<string, Done[]>();
  for (const item of done) {
    const key = keyOfAligned(item.content.payload);
    doneAt.set(key, [...(doneAt.get(key) ?? []), doneOf(item)]);
  }
  const groups = roundsOf(stepsOf(sheet, done), doneAt);
  return { groups, warnings: warningsOf(groups, doneAt), doneAt };
}

/** What an alignment that was begun still lacks, a sentence each; nothing where none was begun. */
export function alignmentLacks(
  sheet: Pick<Sheet, "alignment">,
  settled: readonly Settled[],
  visitId: string,
): string[] {
  const { groups } = alignmentOf(sheet, settled, visitId);
  return groups.flatMap(({ group, rounds, state }) => {
    const open = rounds.at(-1)?.steps.filter(({ done }) => !done).length ?? 0;
    if (state === "running")
      return [`${group}: ${open} ${open === 1 ? "step" : "steps"} of round ${rounds.length} to do`];
    return state === "again" ? [`${group}: another round is worth it`] : [];
  });
}

/** A step of a visit as a record has it: what was done in each round. */
export type AlignedStep = { group: string; adjust: string; hertz?: number; rounds: Done[] };

/** The steps that were done in a visit, in the order of the table, each with its rounds. */
export function alignedSteps(
  sheet: Pick<Sheet, "alignment">,
  settled: readonly Settled[],
  visitId: string,
): AlignedStep[] {
  const { groups, doneAt } = alignmentOf(sheet, settled, visitId);
  return groups.flatMap(({ rows }) =>
    rows.flatMap((row) => {
      const rounds = doneAt.get(stepKey(row));
      const { group, adjust, hertz } = row;
      return rounds ? [{ group, adjust, ...(hertz === undefined ? {} : { hertz }), rounds: [...rounds] }] : [];
    }),
  );
}

/** When the last core was turned that can move the dial or the sensitivity; nothing where none was. */
export const lastTurned = (settled: readonly Settled[], visitId: string): string | undefined =>
  alignedIn(settled, visitId).findLast(
    ({ content: { payload } }) => payload.outcome === "moved" && payload.eighths !== 0,
  )?.at;

/** Points of the dial at which it is checked in the cabinet after an alignment. Shop rule. @example 600, 1000 and 1500 kHz */
export const DIAL_CHECKS = 3;

const inCabinet = (run: Run) => run.given.some(({ key, text }) => key === "cabinet" && /^in\b/i.test(text));

/** Runs of the sheet Dial, in order. */
export const dialRuns = (settled: readonly Settled[]): Run[] =>
  sheetRuns(settled).filter(({ sheet }) => sheet.key === "dial");

/** Points of a dial run that count: what the dial shows and what is received. */
export const dialPoints = (run: Pick<Run, "rows">): DialPoint[] =>
  run.rows.flatMap(({ row, void: reason }) => {
    const dial = row.at.find(({ key }) => key === "marked")?.value;
    const truth = row.cells.find(({ key }) => key === "true")?.value;
    return reason === undefined && dial !== undefined && truth !== undefined && dial > 0 && truth > 0
      ? [{ dial, truth }]
      : [];
  });

/** Is the dial still to be checked in the cabinet? A receiver whose cores were turned in this visit. */
export function dialCheckLacks(
  sheet: Pick<Sheet, "alignment" | "bands">,
  settled: readonly Settled[],
  visitId: string,
): string[] {
  const since = lastTurned(settled, visitId);
  const turned = alignedIn(settled, visitId);
  const receiver =
    (sheet.bands ?? []).some(({ side }) => side !== "none") ||
    turned.some(({ content: { payload } }) =>
      movesDial({ group: payload.group, aim: payload.aim, ...(payload.ends ? { end: payload.ends } : {}) }),
    );
  if (!since || !receiver) return [];
  const rows = dialRuns(settled)
    .filter((run) => run.visitId === visitId && inCabinet(run))
    .flatMap((run) => run.rows.filter(({ at }) => Date.parse(at) > Date.parse(since)));
  // The same place read three times is one place.
  const places = new Set(dialPoints({ rows }).map(({ dial }) => dial));
  const missing = DIAL_CHECKS - places.size;
  return missing > 0
    ? [
        `Aligned: check the dial in the cabinet, with its own loop or antenna, at ${missing === DIAL_CHECKS ? "three points" : `${missing} more ${missing === 1 ? "point" : "points"}`}`,
      ]
    : [];
}

/** How far an adjuster was ever moved: a visit each, in eighths, in above 0. */
export type CoreHistory = {
  adjust: string;
  /** all visits together */
  net: number;
  visits: { visitId: string; at: string; eighths: number; left: number; skipped: number }[];
};

/** The history of every core that was ever turned, or left, in a log. */
export function coreHistory(settled: readonly Settled[]): CoreHistory[] {
  const cores = new Map<string, CoreHistory>();
  for (const { entry, at, content } of ofKind(settled, "aligned")) {
    const { adjust, outcome, eighths = 0 } = content.payload;
    const before = cores.get(adjust) ?? { adjust, net: 0, visits: [] };
    const visit = before.visits.find(({ visitId }) => visitId === entry.visitId) ?? {
      visitId: entry.visitId,
      at,
      eighths: 0,
      left: 0,
      skipped: 0,
    };
    const moved = outcome === "moved" ? eighths : 0;
    const next = {
      ...visit,
      eighths: visit.eighths + moved,
      left: visit.left + (outcome === "right" ? 1 : 0),
      skipped: visit.skipped + (outcome === "skipped" ? 1 : 0),
    };
    cores.set(adjust, {
      adjust,
      net: before.net + moved,
      visits: [...before.visits.filter(({ visitId }) => visitId !== entry.visitId), next],
    });
  }
  return [...cores.values()];
}

/** Groups of a table that a line of a modification asks for, by its words: `align the MW oscillator`. */
export const groupsAskedFor = (sheet: Pick<Sheet, "alignment">, text: string): string[] =>
  groupsOf(sheet.alignment ?? [])
    .map(({ group }) => group)
    .filter((group) => text.toLowerCase().includes(group.toLowerCase()));

/** The band of a model that most points of a dial lie in. */
export function bandOfPoints(
  bands: readonly ModelBand[],
  points: readonly Pick<DialPoint, "dial">[],
): ModelBand | undefined {
  const count = ({ from, to }: ModelBand) =>
    points.filter(({ dial }) => dial >= from * 0.97 && dial <= to * 1.03).length;
  const [best] = [...bands].sort((a, b) => count(b) - count(a));
  return best && count(best) > 0 ? best : undefined;
}
