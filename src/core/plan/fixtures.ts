import type { Step } from "../model";
import { timesOf } from "./durations";
import type { Left, WaitLeft } from "./left";
import type { PlanInput, PlannedSet } from "./problem";
import { USUAL_PLAN, USUAL_WEEK } from "./rules";

/** A made-up shop for tests: Monday 30 November 2026, nine o'clock, two people. */

export const MONDAY = "2026-11-30";

export const left = (steps: readonly Step[], more: Partial<Left> = {}): Left => ({
  setClass: "mains receiver",
  steps: steps.map((step) => ({ step, text: "", share: 1, ...(step === "fix" ? { parts: 10 } : {}) })),
  waits: [],
  soaked: false,
  highVoltage: false,
  spent: 0,
  ...more,
});

export const wait = (id: string, what: WaitLeft["for"], text: string, more: Partial<WaitLeft> = {}): WaitLeft => ({
  id,
  for: what,
  text,
  at: `${MONDAY}T08:00:00.000Z`,
  ...more,
});

export const planned = (job: number, of: Left, more: Partial<PlannedSet> = {}): PlannedSet => ({
  visit: `v${job}`,
  job,
  name: `Set ${job}`,
  openedAt: "2026-11-20T09:00:00.000Z",
  left: of,
  ...more,
});

export const shopOf = (sets: readonly PlannedSet[], more: Partial<PlanInput> = {}): PlanInput => ({
  now: `${MONDAY}T09:00:00.000Z`,
  today: MONDAY,
  time: "09:00",
  sets,
  people: [
    {
      id: "wren",
      name: "Wren Okafor",
      week: USUAL_WEEK,
      skills: ["bench", "alignment", "transmitters", "cabinet", "desk"],
    },
    { id: "tomasz", name: "Tomasz Bielak", week: USUAL_WEEK, skills: ["bench", "cabinet", "desk"] },
  ],
  away: [],
  times: timesOf([]),
  rules: USUAL_PLAN,
  soakHours: 4,
  pins: [],
  ...more,
});
