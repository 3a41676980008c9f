import { ofKind, type ContentOf, type Settled } from "../kinds";
import type { Policy, Switches } from "../policy";
import type { PlanStep, PowerPlan, StepVerdict, Stage } from "../power";

type PowerStepPayload = ContentOf<"power-step">["payload"];
export type PowerRecord = { id: string; at: string; payload: PowerStepPayload; judgement: StepVerdict };

/** Every step of the power-ups of a visit, in order, with its verdict. */
export const powerRecords = (settled: readonly Settled[], visitId: string): PowerRecord[] =>
  ofKind(settled, "power-step")
    .filter(({ entry }) => entry.visitId === visitId)
    .map(({ entry, at, content, judged }) => ({
      id: entry.id,
      at,
      payload: content.payload,
      judgement: judged,
    }));

const stopped = (record: PowerRecord) => record.judgement.verdict === "stop";
const HIGH_VOLTAGE: readonly Stage[] = ["rectifier-in", "all-in"];
/** From this share on a step counts as full line: a needle's width below it. */
const FULL = 0.97;

/** Was full line reached with everything in place, and nothing stopped since? */
export function poweredUp(settled: readonly Settled[], visitId: string): boolean {
  const records = powerRecords(settled, visitId);
  const since = records.slice(records.findLastIndex(stopped) + 1);
  return since.some(
    ({ payload }) => HIGH_VOLTAGE.includes(payload.stage) && payload.fraction >= FULL && payload.lamp === undefined,
  );
}

/** The last step, where it was a stop and nothing went on since. */
export function stoppedAt(settled: readonly Settled[], visitId: string): PowerRecord | undefined {
  const last = powerRecords(settled, visitId).at(-1);
  return last && stopped(last) ? last : undefined;
}

export type StepProgress = PlanStep & {
  /** the last record of it */
  record?: PowerRecord;
  state: "done" | "stopped" | "before-stop" | "to-do";
};

const isOf = (step: PlanStep, { payload }: PowerRecord) =>
  payload.stage === step.stage &&
  Math.abs(payload.fraction - step.fraction) < 0.03 &&
  (payload.lamp !== undefined) === step.measures.includes("lamp");

/**
 * How far the plan is. After a stop its whole stage is gone through again, from its first step; earlier stages stand.
 * @returns every step with its last record, and the one to do next; undefined when the plan is through
 */
export function powerProgress(
  plan: PowerPlan,
  settled: readonly Settled[],
  visitId: string,
): { steps: StepProgress[]; next?: StepProgress } {
  const records = powerRecords(settled, visitId);
  const stopIndex = records.findLastIndex(stopped);
  const stop = records[stopIndex];
  const steps = plan.steps.map((step): StepProgress => {
    const index = records.findLastIndex((record) => isOf(step, record));
    const record = records[index];
    if (!record) return { ...step, state: "to-do" };
    if (stopped(record)) return { ...step, record, state: "stopped" };
    const undone = stop !== undefined && index < stopIndex && stop.payload.stage === step.stage;
    return { ...step, record, state: undone ? "before-stop" : "done" };
  });
  const next = steps.find((step) => step.state !== "done");
  return { steps, ...(next ? { next } : {}) };
}

/** The policy of a visit and its own choice of how power comes on, from its take-in. */
export function visitPolicy(
  settled: readonly Settled[],
  visitId: string,
): { policy: Policy; method?: "variac" | "lamp" | undefined; switches: Switches } {
  const taken = ofKind(settled, "take-in").findLast(({ entry }) => entry.visitId === visitId)?.content.payload;
  return { policy: taken?.policy ?? "original", method: taken?.switches?.power, switches: taken?.switches ?? {} };
}
