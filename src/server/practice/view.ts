import { hazards, type Hazard } from "@/core/power";
import {
  METER_OHMS,
  MINUTES,
  evidenceIn,
  faultsBehind,
  pictureOf,
  probePoints,
  sealedText,
  sealOf,
  stateOf,
  wasExchanged,
  type BenchState,
  type Done,
  type Review,
} from "@/core/practice";
import { HANDS_AWAY } from "@/core/instruments";
import type { TestNeed } from "@/core/diagnosis";
import type { Exercise, Run } from "@/db/practice";
import { worldOf } from "./sets";

/** A test that can be done, as the bench lists it. */
export type TestRow = {
  id: string;
  name: string;
  stage: string;
  minutes: number;
  needs: readonly TestNeed[];
  check: boolean;
};

export type AdviceNow = {
  next: { id: string; name: string; reason: string; minutes: number; bits: number; shown?: boolean }[];
  causes: { name: string; probability: number }[];
};

/** A practice run as its page shows it. What is hidden is in it once it has ended. */
export type RunView = {
  id: string;
  name: string;
  year: number | null;
  complaint: string;
  difficulty: Exercise["difficulty"];
  advice: Exercise["advice"];
  seal: string;
  hazards: Hazard[];
  live: boolean;
  done: Done[];
  state: BenchState;
  /** points of the chart with what it says, then what else can be probed; `net`: V there in a sound set */
  points: { point: string; expected?: number; net?: number; high: boolean }[];
  tests: TestRow[];
  now?: AdviceNow;
  end?: { review: Review; notice: string; sealed: string };
};

const NEXT = 3;
const CAUSES = 5;

/** What the search would say now. */
function adviceNow(exercise: Exercise, done: readonly Done[]): AdviceNow | undefined {
  const ready = worldOf(exercise);
  if (!ready) return undefined;
  const { set } = ready;
  const state = stateOf(done);
  const evidence = evidenceIn(set, exercise.told, done);
  const picture = pictureOf(set, evidence, {
    // After something was put right, one may listen again.
    done: done.slice(done.findLastIndex(wasExchanged) + 1).flatMap(({ test }) => test ?? []),
    mended: state.exchanged.flatMap((check) => faultsBehind(set, check)),
    met: [...(state.opened ? (["open"] as const) : []), "power"],
  });
  const shown = picture.causes.find((cause) => cause.shown);
  return {
    next: [
      ...(shown
        ? [
            {
              id: shown.check,
              name: `Put right: ${shown.name}`,
              reason: "It is what all that was seen points at.",
              minutes: MINUTES.exchange,
              bits: 0,
              shown: true,
            },
          ]
        : []),
      ...picture.next
        .slice(0, NEXT)
        .map(({ id, name, reason, minutes, bits }) => ({ id, name, reason, minutes, bits })),
    ],
    causes: picture.causes.slice(0, CAUSES).map(({ name, probability }) => ({ name, probability })),
  };
}

export function viewOf(run: Run, exercise: Exercise): RunView {
  const ready = worldOf(exercise);
  const state = stateOf(run.done);
  const set = ready?.set;
  const charted = new Map(set?.sheet.points.map(({ point, expected }) => [point, expected]));
  const advised = run.done.at(-1)?.act.do === "advice";
  const now = !state.ended && (exercise.advice === "on" || advised) ? adviceNow(exercise, run.done) : undefined;
  return {
    id: run.id,
    ...{ name: exercise.name, year: exercise.year, complaint: exercise.complaint },
    ...{ difficulty: exercise.difficulty, advice: exercise.advice },
    seal: sealOf(exercise.hidden, exercise.salt),
    hazards: set ? hazards(set.sheet, exercise.year) : [],
    live: set?.sheet.supply === "live-chassis",
    done: run.done,
    state,
    points: set
      ? probePoints(set).map((point) => {
          const expected = charted.get(point);
          const net = ready.world.should(point, METER_OHMS);
          return {
            point,
            ...(expected === undefined ? {} : { expected }),
            ...(net === undefined ? {} : { net }),
            high: Math.abs(net ?? 0) >= HANDS_AWAY,
          };
        })
      : [],
    tests:
      set?.system.tests.map(({ id, name, stage, minutes, needs, act }) => ({
        ...{ id, name, minutes, needs },
        stage: stage?.name ?? "The whole set",
        check: act === "check",
      })) ?? [],
    ...(now ? { now } : {}),
    ...(run.review
      ? { end: { review: run.review, notice: exercise.notice, sealed: sealedText(exercise.hidden, exercise.salt) } }
      : {}),
  };
}
