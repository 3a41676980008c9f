import { arrange, type Arrangement } from "./arrange";
import { daysLater, weekday, workdaysLater } from "../days";
import { LOOK_RUNS, outlookOf, type Outlook } from "./outlook";
import { AHEAD, problemOf, waitKey, type DayPin, type PlanInput } from "./problem";

/** Something that could be done for a promise that is in danger. */
export type Measure =
  | { kind: "first" }
  | { kind: "person"; person: string }
  | { kind: "parcel"; wait: string; day: string }
  | { kind: "saturday"; day: string; person: string };

/** What a measure would come to. */
export type Rescue = {
  measures: Measure[];
  /** the day that nine of ten runs keep with it */
  promise: string;
  /** it keeps what was promised */
  saves: boolean;
  /** promises that it would put in danger instead */
  harms: string[];
};

/** Plans that are tried for a measure: it goes on from the plan that is there. */
const LOOK_TRIES = 120;

/** A faster parcel is here on the second working day. Shop rule. @example ordered on Friday, here on Tuesday */
export const FAST_PARCEL = 2;

const taskKeys = (input: PlanInput, visit: string): string[] =>
  problemOf(input)
    .tasks.filter((task) => task.visit === visit && task.by === "person")
    .map(({ key }) => key);

/** The problem as it is with a measure. */
export function withMeasure(input: PlanInput, visit: string, measure: Measure): PlanInput {
  const others = (keys: readonly string[]) => input.pins.filter(({ task }) => !keys.includes(task));
  switch (measure.kind) {
    case "first": {
      const keys = taskKeys(input, visit);
      const had = new Map(input.pins.map((pin) => [pin.task, pin]));
      return { ...input, pins: [...others(keys), ...keys.map((task): DayPin => had.get(task) ?? { task })] };
    }
    case "person": {
      const keys = taskKeys(input, visit);
      return { ...input, pins: [...others(keys), ...keys.map((task): DayPin => ({ task, person: measure.person }))] };
    }
    case "parcel":
      return { ...input, pins: [...others([measure.wait]), { task: measure.wait, day: measure.day }] };
    case "saturday":
      return {
        ...input,
        // This one Saturday, and none behind it.
        away: [
          ...input.away,
          ...Array.from({ length: AHEAD / 7 }, (_, week) => daysLater(measure.day, 7 * (week + 1))).map((day) => ({
            person: measure.person,
            from: day,
            to: day,
            why: "",
          })),
        ],
        people: input.people.map((one) =>
          one.id === measure.person
            ? { ...one, week: one.week.map((hours, day) => (day === 5 ? { from: "09:00", to: "13:00" } : hours)) }
            : one,
        ),
      };
  }
}

/** What could be done for a set, one thing each. */
function measuresFor(input: PlanInput, outlook: Outlook, visit: string): Measure[][] {
  const set = input.sets.find((one) => one.visit === visit);
  if (!set) return [];
  const doing = new Set(outlook.placed.flatMap((one) => (one.visit === visit && one.person ? [one.person] : [])));
  const others = input.people.filter(({ id, skills }) => !doing.has(id) && skills.includes("bench"));
  const fast = workdaysLater(input.today, FAST_PARCEL);
  const parcels = set.left.waits
    .filter((wait) => wait.for === "parts" && wait.job === undefined)
    .map((wait): Measure => ({ kind: "parcel", wait: waitKey(wait), day: fast }));
  const toSaturday = (5 - weekday(input.today) + 7) % 7 || 7;
  const keeper = input.people.find(({ week, skills }) => week[5] === null && skills.includes("bench"));
  const saturday: Measure[] =
    keeper && set.left.steps.length > 0
      ? [{ kind: "saturday", day: daysLater(input.today, toSaturday), person: keeper.id }]
      : [];
  const single: Measure[] = [
    { kind: "first" },
    ...parcels,
    ...saturday,
    ...others.map(({ id }): Measure => ({ kind: "person", person: id })),
  ];
  return single.map((one) => [one]);
}

/** Each of them together with the set before all others. */
const inPairs = (single: readonly Measure[][]): Measure[][] =>
  single.filter(([one]) => one?.kind !== "first").map((one) => [{ kind: "first" }, ...one]);

/** What would save a promise, what comes nearest first. Two things are said only where neither does alone. */
export function rescues(
  input: PlanInput,
  base: { outlook: Outlook; arrangement: Arrangement },
  visit: string,
): Rescue[] {
  const set = base.outlook.sets.find((one) => one.visit === visit);
  const promised = set?.promised;
  if (!set || promised === undefined) return [];
  const well = new Set(base.outlook.sets.filter(({ standing }) => standing === "kept").map((one) => one.visit));
  const tried = (measures: readonly Measure[]): Rescue[] => {
    const changed = measures.reduce((so, measure) => withMeasure(so, visit, measure), input);
    const arrangement = arrange(problemOf(changed), { tries: LOOK_TRIES, like: base.arrangement });
    const outlook = outlookOf(changed, arrangement, LOOK_RUNS);
    const mine = outlook.sets.find((one) => one.visit === visit);
    if (!mine?.promise) return [];
    // A measure that changes nothing is none.
    if (set.promise !== undefined && mine.promise >= set.promise) return [];
    const harms = outlook.sets
      .filter((one) => well.has(one.visit) && one.standing === "danger")
      .map((one) => one.visit);
    return [{ measures: [...measures], promise: mine.promise, saves: mine.promise <= promised, harms }];
  };
  const single = measuresFor(input, base.outlook, visit);
  const alone = single.flatMap(tried);
  const good = (one: Rescue) => one.saves && one.harms.length === 0;
  const shown = alone.some(good) ? alone : [...alone, ...inPairs(single).flatMap(tried)];
  return shown.sort(
    (a, b) =>
      Number(good(b)) - Number(good(a)) ||
      Number(b.saves) - Number(a.saves) ||
      a.harms.length - b.harms.length ||
      a.promise.localeCompare(b.promise) ||
      a.measures.length - b.measures.length,
  );
}
