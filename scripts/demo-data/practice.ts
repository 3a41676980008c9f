import { isRefused, doAct, stateOf, type Act, type Done } from "@/core/practice";
import type { Db } from "@/db/client";
import { exerciseById, keepDone, runById } from "@/db/practice";
import { reviewNow } from "@/server/practice/act";
import { begin, hideExercise } from "@/server/practice/make";
import { worldOf } from "@/server/practice/sets";

type Run = { set: string; fault: string; daysAgo: number; forClass?: boolean; notice: string; acts: Act[] };

/** Two practices with their ends: one that hurries, and one a week later that goes the short way. */
const RUNS: Run[] = [
  {
    set: "fjord",
    fault: "output.coupling-leaky@C7",
    daysAgo: 9,
    notice:
      "The grid of the output tube is positive: read it before anything is changed. On a live chassis the isolating transformer comes first.",
    acts: [
      { do: "on", through: "line" },
      { do: "volts", point: "B+", clip: false },
      { do: "volts", point: "V4 cathode", clip: false },
      { do: "volts", point: "B+", clip: false },
      { do: "off" },
      { do: "exchange", check: "check:C9" },
      { do: "discharge" },
      { do: "advice" },
      { do: "test", test: "check:V4" },
      { do: "on", through: "isolated" },
      { do: "volts", point: "V4 grid", clip: false },
      { do: "off" },
      { do: "discharge" },
      { do: "exchange", check: "check:C7" },
    ],
  },
  {
    set: "lantern",
    fault: "mixer.screen-high@R12",
    daysAgo: 1,
    forClass: true,
    notice: "Screens tell more than plates: a plate hardly moves while its screen is down to a third.",
    acts: [
      { do: "on", through: "line" },
      { do: "volts", point: "B+", clip: false },
      { do: "volts", point: "V1 screen", clip: false },
      { do: "off" },
      { do: "discharge" },
      { do: "test", test: "check:R12" },
      { do: "exchange", check: "check:R12" },
    ],
  },
];

/** Somebody's practices in the demo, and what the lead has set for the class. */
export async function fillPractice(db: Db, teacher: string, learner: string, today: Date): Promise<void> {
  for (const { set, fault, daysAgo, forClass = false, notice, acts } of RUNS) {
    const at = new Date(today.getTime() - daysAgo * 86_400_000);
    const about = { now: at.toISOString(), advice: "asked" as const, notice };
    const made = await hideExercise(db, set, fault, { ...about, by: forClass ? teacher : learner, forClass });
    if (!made.ok) throw new Error(made.message);
    const id = await begin(db, made.id, learner, about.now);
    const exercise = await exerciseById(db, made.id);
    const ready = exercise && worldOf(exercise);
    const found = await runById(db, id);
    if (!exercise || !ready || !found) throw new Error(`${set}: ${fault} cannot be practised on`);
    const run: Done[] = [];
    for (const act of acts) {
      const done = doAct({ ...ready, run, at: new Date(at.getTime() + run.length * 60_000).toISOString() }, act);
      if (isRefused(done)) throw new Error(`${fault}: ${done.refused}`);
      run.push(done);
    }
    const review = stateOf(run).ended && (await reviewNow(exercise, run));
    if (!review) throw new Error(`${fault}: its practice has no end`);
    await keepDone(db, found.run, run, { at: run.at(-1)?.at ?? about.now, review });
  }
}
