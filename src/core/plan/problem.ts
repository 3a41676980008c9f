import type { Step } from "../model";
import { clockOf, joined } from "./clock";
import { daysBetween, daysLater } from "../days";
import { minuteOf, windowsOf, type Away } from "./days";
import { POINT_TIMES, type Times } from "./durations";
import type { Left, WaitLeft } from "./left";
import type { PointLeft } from "./points";
import type { PlanRules, WorkerRules } from "./rules";
import { DAY, type Pin, type Problem, type Skill, type Spread, type Task } from "./task";

/** A set that is in the shop, with what is left to do on it. */
export type PlannedSet = {
  visit: string;
  job: number;
  name: string;
  openedAt: string;
  left: Left;
  /** whoever has it */
  holder?: string;
};

/** A pin by days: the day that something was put on, or is expected. */
export type DayPin = { task: string; person?: string; day?: string };

/** What a plan is made from, in the words of the shop. */
export type PlanInput = {
  /** the present moment, and the same as a day and a time in the shop's own zone */
  now: string;
  today: string;
  time: string;
  sets: readonly PlannedSet[];
  people: readonly ({ id: string; name: string } & WorkerRules)[];
  away: readonly Away[];
  times: Times;
  rules: PlanRules;
  soakHours: number;
  pins: readonly DayPin[];
};

/** So far a plan looks ahead, days. Shop rule. @example half a year */
export const AHEAD = 182;

/** The step before which something that is waited for has to be here. */
const BEFORE: Record<WaitLeft["for"], readonly Step[]> = {
  parts: ["fix", "modify", "align", "prove", "hand-back"],
  owner: ["fix", "modify", "align", "prove", "hand-back"],
  process: ["make-safe", "first-power", "baseline", "find", "fix", "modify", "align", "prove", "hand-back"],
};

/** Steps that stand on a bench, and those at which somebody stays from start to end. */
const AT_DESK: readonly Step[] = ["take-in", "hand-back"];
const BESIDE: readonly Step[] = ["first-power"];

const days = ({ median, p90 }: Spread): Spread => ({ median: median * DAY, p90: p90 * DAY });

function skillsFor(step: Step, left: Left): Skill[] {
  if (AT_DESK.includes(step)) return ["desk"];
  return [
    "bench",
    ...(left.highVoltage ? (["transmitters"] as const) : []),
    ...(step === "align" ? (["alignment"] as const) : []),
  ];
}

/** How long something that is waited for will still be, from now, minutes. */
function waitTakes(wait: WaitLeft, input: PlanInput, now: number): Spread {
  const { rules, today } = input;
  const pin = input.pins.find(({ task }) => task === waitKey(wait));
  const until = pin?.day ?? wait.until;
  if (until) {
    // It is here when the day begins; a parcel comes late now and then.
    const at = Math.max(0, daysBetween(today, until) * DAY + minuteOf("09:00") - now);
    const slip = wait.for === "parts" ? rules.parcelSlip * DAY : 0;
    return { median: Math.max(1, at), p90: Math.max(1, at) + slip };
  }
  const usual = wait.for === "parts" ? rules.parcelDays : wait.for === "owner" ? rules.answerDays : rules.processDays;
  const passed = Math.max(0, daysBetween(wait.at.slice(0, 10), today)) * DAY;
  const { median, p90 } = days(usual);
  // What has been waited already is behind; there is always something left.
  return { median: Math.max(DAY, median - passed), p90: Math.max(DAY, p90 - passed) };
}

export const waitKey = ({ id }: Pick<WaitLeft, "id">): string => `wait:${id}`;
export const stepKey = (visit: string, step: Step | "soak"): string => `${visit}:${step}`;

/** The time of so many alike things. Many of them even out: the spread grows with the root of their number. */
const timesMany = ({ median, p90 }: Spread, count: number): Spread => ({
  median: median * count,
  p90: median * count + (p90 - median) * Math.sqrt(count),
});

/** What comes behind the open points of a chassis. */
const AFTER_POINTS: readonly Step[] = ["align", "prove", "hand-back"];

/** Hours of soak that are still to come. */
function soakLeft({ soaking }: Left, { soakHours, now }: PlanInput): number {
  if (!soaking) return soakHours;
  const since = soaking.running ? (Date.parse(now) - Date.parse(soaking.at)) / 3_600_000 : 0;
  return Math.max(0.1, soaking.hours - since);
}

function tasksOf(set: PlannedSet, input: PlanInput, now: number, lastOf: ReadonlyMap<number, string>): Task[] {
  const { left, visit } = set;
  const tasks: Task[] = [];
  const steps = left.steps;
  let last: string[] = [];
  const held = new Map<Step, string[]>();
  for (const wait of left.waits) {
    const from = wait.job === undefined ? undefined : lastOf.get(wait.job);
    const step = steps.find((one) => BEFORE[wait.for].includes(one.step))?.step;
    if (!step) continue;
    tasks.push({
      key: waitKey(wait),
      visit,
      step,
      text: wait.text,
      // What comes from another set is here when that one is through.
      takes: from ? { median: 1, p90: 1 } : waitTakes(wait, input, now),
      by: "calendar",
      skills: [],
      after: from ? [from] : [],
      bench: false,
    });
    held.set(step, [...(held.get(step) ?? []), waitKey(wait)]);
  }
  const soak = (): void => {
    const hours = soakLeft(left, input);
    const takes = { median: hours * 60, p90: hours * 60 };
    const key = stepKey(visit, "soak");
    const task: Task = {
      key,
      visit,
      step: "prove",
      text: `soak ${Number(hours.toFixed(1))} h`,
      takes,
      by: "shop",
      skills: [],
      after: last,
      bench: true,
    };
    tasks.push(task);
    last = [key];
  };
  const points = (left.points ?? []).filter(({ cabinet }) => !cabinet);
  const cabinet = (left.points ?? []).filter((one) => one.cabinet);
  const pointTask = (key: string, of: readonly PointLeft[], on: "chassis" | "cabinet"): Task => ({
    key: `${visit}:${key}`,
    visit,
    step: "fix",
    text: `${of.length} open ${of.length === 1 ? "point" : "points"}${on === "cabinet" ? " on the cabinet" : ""}`,
    takes: timesMany(POINT_TIMES[on], of.length),
    by: "person",
    skills: [on === "cabinet" ? "cabinet" : "bench"],
    after: on === "cabinet" ? [] : last,
    bench: on === "chassis",
  });
  // The cabinet is worked on beside the chassis; the set goes out with both.
  if (cabinet.length > 0) tasks.push(pointTask("cabinet", cabinet, "cabinet"));
  let pointsDone = points.length === 0;
  for (const { step, share, parts, text } of steps) {
    if (!pointsDone && AFTER_POINTS.includes(step)) {
      const task = pointTask("points", points, "chassis");
      tasks.push(task);
      last = [task.key];
      pointsDone = true;
    }
    if (step === "hand-back" && !left.soaked) soak();
    if (step === "hand-back" && cabinet.length > 0) last = [...last, `${visit}:cabinet`];
    const { median, p90 } = input.times[left.setClass][step].takes;
    const factor = parts ?? share;
    const key = stepKey(visit, step);
    tasks.push({
      key,
      visit,
      step,
      text,
      takes: parts === undefined ? { median: median * factor, p90: p90 * factor } : timesMany({ median, p90 }, parts),
      by: "person",
      skills: skillsFor(step, left),
      after: [...last, ...(held.get(step) ?? [])],
      bench: !AT_DESK.includes(step),
      ...(AT_DESK.includes(step) ? { interrupts: true } : {}),
      ...(BESIDE.includes(step) ? { sameDay: true } : {}),
    });
    last = [key];
  }
  return tasks;
}

/** The last thing to do on a set: what waits for the set waits for this. */
const lastKey = ({ visit, left }: PlannedSet): string | undefined => {
  const step = left.steps.at(-1)?.step;
  return step ? stepKey(visit, step) : undefined;
};

/** Turns what the shop knows into a problem for the plan. */
export function problemOf(input: PlanInput): Problem {
  const { today, time, sets, people, away, rules } = input;
  const now = minuteOf(time);
  const lastOf = new Map(
    sets.flatMap((set) => {
      const key = lastKey(set);
      return key ? [[set.job, key] as const] : [];
    }),
  );
  const windows = people.map(({ id, week }) => ({
    id,
    here: windowsOf(
      week,
      today,
      AHEAD,
      away.filter(({ person }) => person === undefined || person === id),
      1,
    ),
  }));
  return {
    now,
    tasks: sets.flatMap((set) => tasksOf(set, input, now, lastOf)),
    workers: people.map(({ id, name, skills, week }) => ({
      id,
      name,
      skills,
      clock: clockOf(
        windowsOf(
          week,
          today,
          AHEAD,
          away.filter(({ person }) => person === undefined || person === id),
          rules.workShare,
        ),
      ),
    })),
    jobs: sets.map(({ visit, left, holder, openedAt }) => ({
      visit,
      // Until the end of the day that was promised.
      ...(left.promised ? { due: (daysBetween(today, left.promised.day) + 1) * DAY } : {}),
      ...(holder ? { holder } : {}),
      here: Math.max(0, daysBetween(openedAt.slice(0, 10), today)),
    })),
    shop: clockOf(joined(windows.flatMap(({ here }) => here))),
    benches: rules.benches,
    pins: input.pins
      .filter(({ task }) => !task.startsWith("wait:"))
      .map(({ task, person, day }): Pin => ({
        task,
        ...(person ? { person } : {}),
        ...(day ? { day: Math.max(0, daysBetween(today, day)) } : {}),
      })),
  };
}

type Moment = { day: string; minute: number };

/** The stretches of a piece of work, day by day: nights and days off lie between them. Glue and parcels know none. */
export function stretchesOf(
  input: Pick<PlanInput, "people" | "away" | "rules">,
  one: { by: Task["by"]; person?: string; from: Moment; to: Moment },
): { from: Moment; to: Moment }[] {
  if (one.by === "calendar") return [{ from: one.from, to: one.to }];
  const days = daysBetween(one.from.day, one.to.day) + 1;
  const who = one.by === "person" ? input.people.filter(({ id }) => id === one.person) : input.people;
  const share = one.by === "person" ? input.rules.workShare : 1;
  const windows = joined(
    who.flatMap(({ id, week }) =>
      windowsOf(
        week,
        one.from.day,
        days,
        input.away.filter(({ person }) => person === undefined || person === id),
        share,
      ),
    ),
  );
  const [begin, end] = [one.from.minute, (days - 1) * DAY + one.to.minute];
  return windows.flatMap(({ from, to }) => {
    const [first, last] = [Math.max(from, begin), Math.min(to, end)];
    if (last <= first) return [];
    const day = daysLater(one.from.day, Math.floor(first / DAY));
    return [{ from: { day, minute: first % DAY }, to: { day, minute: last - Math.floor(first / DAY) * DAY } }];
  });
}

/**
 * Minutes of work that somebody has on a day.
 * @param span only what falls between its moments
 */
export function minutesWithin(
  input: Pick<PlanInput, "people" | "away" | "rules">,
  person: string,
  day: string,
  span?: { from: { day: string; minute: number }; to: { day: string; minute: number } },
): number {
  const who = input.people.find(({ id }) => id === person);
  if (!who) return 0;
  const away = input.away.filter((one) => one.person === undefined || one.person === person);
  const [window] = windowsOf(who.week, day, 1, away, input.rules.workShare);
  if (!window) return 0;
  const begin = span?.from.day === day ? span.from.minute : 0;
  const end = span?.to.day === day ? span.to.minute : DAY;
  return Math.max(0, Math.min(window.to, end) - Math.max(window.from, begin));
}
