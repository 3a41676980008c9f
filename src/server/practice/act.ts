import { setImmediate as breath } from "node:timers/promises";
import {
  bestWay,
  doAct,
  isRefused,
  reviewOf,
  stateOf,
  type Act,
  type Done,
  type PracticeSet,
  type PracticeWorld,
  type Review,
  type WayStep,
} from "@/core/practice";
import type { Tx } from "@/db/client";
import { keepDone, runById, type Exercise } from "@/db/practice";
import { worldOf } from "./sets";
import { viewOf, type RunView } from "./view";

/** How things stand after it; also where another tab was quicker, and this was not done. */
export type Acted = { ok: true; view: RunView } | { ok: false; message: string; view?: RunView };

/** A step of the best way takes up to a fifth of a second: others are served between two of them. */
async function bestOf(set: PracticeSet, world: PracticeWorld, told: Exercise["told"]): Promise<WayStep[]> {
  const steps: WayStep[] = [];
  for (const step of bestWay(set, world, told)) {
    steps.push(step);
    await breath();
  }
  return steps;
}

export async function reviewNow(exercise: Exercise, run: readonly Done[]): Promise<Review | undefined> {
  const ready = worldOf(exercise);
  if (!ready) return undefined;
  const { hidden, told } = exercise;
  return reviewOf({ ...ready, hidden, told, run }, await bestOf(ready.set, ready.world, told));
}

const GONE = "This practice set is not here any more.";
const LATER = "Something else was done here meanwhile, in another tab: this page shows it now.";

/** Does one thing at somebody's practice set, and says how things stand then. */
export async function act(db: Tx, id: string, personId: string, what: Act, at: string): Promise<Acted> {
  const found = await runById(db, id);
  if (!found || found.run.personId !== personId) return { ok: false, message: GONE };
  const { run, exercise } = found;
  if (what.do === "advice" && exercise.advice === "off")
    return { ok: false, message: "There is no advice in this one." };
  const ready = worldOf(exercise);
  if (!ready) return { ok: false, message: "The sheet of this set is no longer understood: begin another practice." };
  const done = doAct({ ...ready, run: run.done, at }, what);
  if (isRefused(done)) return { ok: false, message: done.refused };
  const all = [...run.done, done];
  const review = stateOf(all).ended ? await reviewNow(exercise, all) : undefined;
  const kept = await keepDone(db, run, all, review && { at, review });
  const again = await runById(db, id);
  if (!again) return { ok: false, message: GONE };
  const view = viewOf(again.run, again.exercise);
  return kept ? { ok: true, view } : { ok: false, message: LATER, view };
}
