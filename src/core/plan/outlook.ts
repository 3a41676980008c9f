import type { Step } from "../model";
import { arrange, type Arrangement } from "./arrange";
import { daysLater } from "../days";
import { dayOf } from "./days";
import { problemOf, type PlanInput } from "./problem";
import { sureness } from "./sure";
import { DAY, type Problem } from "./task";

/** A piece of work or waiting in its place. */
export type Placed = {
  key: string;
  visit: string;
  step: Step;
  text: string;
  by: "person" | "shop" | "calendar";
  /** whoever does it */
  person?: string;
  /** when it begins and ends: a day and minutes since its midnight */
  from: { day: string; minute: number };
  to: { day: string; minute: number };
  /** how long it takes as a rule, minutes of work or of waiting */
  minutes: number;
  pinned: boolean;
};

/** Why no day can be said. */
export type NoDay = "circle" | "nobody" | "far";

/** How a set stands to what was promised. */
export type Standing = "kept" | "danger" | "broken" | "unpromised" | "no-day";

export type SetOutlook = {
  visit: string;
  standing: Standing;
  /** the day of the plan, the day that half of the runs kept, the day that nine of ten kept: the one to promise */
  planned?: string;
  half?: string;
  promise?: string;
  promised?: string;
  /** share of the runs that kept what was promised */
  kept?: number;
  noDay?: NoDay;
  /** sets that it waits for in a circle */
  circle?: string[];
};

export type Outlook = { placed: Placed[]; sets: SetOutlook[]; nobody: { visit: string; step: Step }[] };

/** A moment of the plan as a day and a time. The end of a day is not the start of the next. */
function momentOf(today: string, minute: number, ends: boolean): { day: string; minute: number } {
  const day = ends ? dayOf(minute) : Math.floor(minute / DAY);
  return { day: daysLater(today, day), minute: Math.round(minute - day * DAY) };
}

/** How a set stands, by the days of the plan and what was promised. */
export function standingOf(today: string, promised: string | undefined, surely: string | undefined): Standing {
  if (promised !== undefined && promised < today) return "broken";
  if (surely === undefined) return "no-day";
  if (promised === undefined) return "unpromised";
  return surely <= promised ? "kept" : "danger";
}

/** A plan in the words of the shop: what lies when, and how sure each day is. */
export function outlookOf(input: PlanInput, arrangement: Arrangement, runs?: number): Outlook {
  const { compiled, laid } = arrangement;
  const { problem } = compiled;
  const { today } = input;
  const pinned = new Set(input.pins.map(({ task }) => task));
  const placed = problem.tasks.flatMap((task, index): Placed[] => {
    const start = laid.start[index] ?? Number.POSITIVE_INFINITY;
    const end = laid.end[index] ?? Number.POSITIVE_INFINITY;
    if (!Number.isFinite(end)) return [];
    const person = problem.workers[laid.person[index] ?? -1]?.id;
    return [
      {
        key: task.key,
        visit: task.visit,
        step: task.step,
        text: task.text,
        by: task.by,
        ...(person ? { person } : {}),
        from: momentOf(today, start, false),
        to: momentOf(today, end, true),
        minutes: task.takes.median,
        pinned: pinned.has(task.key),
      },
    ];
  });
  const sure = new Map(sureness(arrangement, runs).map((one) => [one.visit, one]));
  const circles = new Set(compiled.left.filter(({ why }) => why === "circle").map(({ task }) => task.visit));
  const nobody = compiled.left.filter(({ why }) => why === "nobody");
  const sets = input.sets.map(({ visit, left }): SetOutlook => {
    const promised = left.promised?.day;
    const one = sure.get(visit);
    const mine = placed.filter((item) => item.visit === visit);
    const whole = mine.length === problem.tasks.filter((task) => task.visit === visit).length;
    const noDay: NoDay | undefined = circles.has(visit)
      ? "circle"
      : nobody.some(({ task }) => task.visit === visit)
        ? "nobody"
        : !whole || !one || !Number.isFinite(one.p90)
          ? "far"
          : undefined;
    const days =
      noDay || !one
        ? {}
        : {
            planned: mine.reduce((last, { to }) => (to.day > last ? to.day : last), today),
            half: daysLater(today, dayOf(Math.max(one.p50, problem.now))),
            promise: daysLater(today, dayOf(Math.max(one.p90, problem.now))),
          };
    return {
      visit,
      standing: standingOf(today, promised, days.promise),
      ...days,
      ...(promised ? { promised } : {}),
      ...(one?.kept === undefined || noDay ? {} : { kept: one.kept }),
      ...(noDay ? { noDay } : {}),
      ...(noDay === "circle" ? { circle: [...circles].filter((other) => other !== visit) } : {}),
    };
  });
  return { placed, sets, nobody: nobody.map(({ task }) => ({ visit: task.visit, step: task.step })) };
}

/** Times that a plan with promises in danger is made anew. Shop rule. @example a set that is a day late in one of five cases is brought forward twice at most */
export const ROUNDS = 2;

/** Runs for a look at a plan on the way. Shop rule. @example 250 runs */
export const LOOK_RUNS = 250;

type Late = { index: number; by: number };

/** Promises that fewer than nine of ten runs keep, and by how much, minutes. */
const lateIn = (arrangement: Arrangement): Late[] =>
  sureness(arrangement, LOOK_RUNS).flatMap(({ p90 }, index): Late[] => {
    const due = arrangement.compiled.jobs[index]?.due;
    return due !== undefined && Number.isFinite(p90) && p90 > due ? [{ index, by: p90 - due }] : [];
  });

/** How bad promises in danger are, in days. */
const lateness = (late: readonly Late[]): number => late.reduce((sum, { by }) => sum + by / DAY, late.length);

/**
 * Makes a plan that keeps promises in nine of ten runs as far as it can: those that would be late are given an earlier day
 * and the plan is made anew, as long as that helps.
 */
export function planFor(problem: Problem, options: Parameters<typeof arrange>[1] = {}): Arrangement {
  let best = arrange(problem, options);
  if (!problem.jobs.some(({ due }) => due !== undefined)) return best;
  let late = lateIn(best);
  let jobs = problem.jobs;
  for (let round = 0; round < ROUNDS && late.length > 0; round += 1) {
    const by = new Map(late.map((one) => [one.index, one.by]));
    jobs = jobs.map((job, index) => (job.due === undefined ? job : { ...job, due: job.due - (by.get(index) ?? 0) }));
    const made = arrange({ ...problem, jobs }, { ...options, like: best });
    // The days that were really promised are what it is held to.
    const next = { ...made, compiled: { ...made.compiled, jobs: problem.jobs } };
    const lateNow = lateIn(next);
    if (lateness(lateNow) >= lateness(late)) break;
    best = next;
    late = lateNow;
  }
  return best;
}

/** Plans the work of the shop and says how sure its days are. */
export function planOf(input: PlanInput): { outlook: Outlook; arrangement: Arrangement } {
  const arrangement = planFor(problemOf(input));
  return { outlook: outlookOf(input, arrangement), arrangement };
}
