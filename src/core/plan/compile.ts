import { DAY, type Job, type Problem, type Task } from "./task";

/** A problem in numbers, as the laying of tasks reads it. */
export type Compiled = {
  problem: Problem;
  count: number;
  /** places in the list of tasks of what comes before and behind each */
  before: readonly (readonly number[])[];
  behind: readonly (readonly number[])[];
  /** earliest minute by itself: now, what it waits for, the day that it was put on */
  earliest: Float64Array;
  /** people who can do it, places in the list of workers */
  able: readonly (readonly number[])[];
  /** the person that it was given to by hand, or -1 */
  given: Int16Array;
  /** the person who has the set, or -1 */
  holder: Int16Array;
  /** place of its set in the list of jobs */
  job: Int32Array;
  /** tasks that stand where somebody put them, with all that has to be done before them */
  pinned: ReadonlySet<number>;
  jobs: readonly Job[];
  /** work that nobody here can do, or that waits in a circle: it is in no plan */
  left: { task: Task; why: "nobody" | "circle" }[];
};

/** Tasks that wait for each other in a circle, and whatever waits for those. */
export function circular(tasks: readonly Pick<Task, "key" | "after">[]): Set<string> {
  const open = new Map(tasks.map((one) => [one.key, one.after]));
  let shrunk = true;
  while (shrunk) {
    shrunk = false;
    for (const [key, after] of open)
      if (!after.some((other) => open.has(other))) {
        open.delete(key);
        shrunk = true;
      }
  }
  return new Set(open.keys());
}

/** Everything that lies before a task. */
function closure(task: number, before: readonly (readonly number[])[], into: Set<number>): void {
  if (into.has(task)) return;
  into.add(task);
  for (const one of before[task] ?? []) closure(one, before, into);
}

/** Turns a problem into numbers. What cannot be planned is set aside with the reason. */
export function compile(problem: Problem): Compiled {
  const { workers } = problem;
  const canDo = (task: Task) =>
    workers.flatMap((one, index) =>
      one.clock.total > 0 && task.skills.every((skill) => one.skills.includes(skill)) ? [index] : [],
    );
  const round = circular(problem.tasks);
  const lost = new Set(
    problem.tasks
      .filter((task) => !round.has(task.key) && task.by === "person" && canDo(task).length === 0)
      .map(({ key }) => key),
  );
  // What comes after work that nobody can do cannot be planned either.
  let grown = true;
  const without = new Set([...round, ...lost]);
  while (grown) {
    grown = false;
    for (const task of problem.tasks)
      if (!without.has(task.key) && task.after.some((key) => lost.has(key) || without.has(key))) {
        without.add(task.key);
        grown = true;
      }
  }
  const tasks = problem.tasks.filter(({ key }) => !without.has(key));
  const place = new Map(tasks.map(({ key }, index) => [key, index]));
  const jobPlace = new Map(problem.jobs.map(({ visit }, index) => [visit, index]));
  const workerPlace = new Map(workers.map(({ id }, index) => [id, index]));
  const pins = new Map(problem.pins.map((pin) => [pin.task, pin]));
  const before = tasks.map((task) => task.after.flatMap((key) => place.get(key) ?? []));
  const behind: number[][] = tasks.map(() => []);
  for (const [index, list] of before.entries()) for (const one of list) behind[one]?.push(index);
  const able = tasks.map((task) => (task.by === "person" ? canDo(task) : []));
  const given = Int16Array.from(tasks, (task, index) => {
    const person = workerPlace.get(pins.get(task.key)?.person ?? "") ?? -1;
    return able[index]?.includes(person) ? person : -1;
  });
  const pinned = new Set<number>();
  for (const [index, task] of tasks.entries()) if (pins.has(task.key)) closure(index, before, pinned);
  return {
    problem: { ...problem, tasks },
    count: tasks.length,
    before,
    behind,
    earliest: Float64Array.from(tasks, (task) =>
      Math.max(problem.now, task.from ?? 0, (pins.get(task.key)?.day ?? 0) * DAY),
    ),
    able,
    given,
    holder: Int16Array.from(tasks, (task) => {
      const holder = problem.jobs[jobPlace.get(task.visit) ?? -1]?.holder;
      return holder === undefined ? -1 : (workerPlace.get(holder) ?? -1);
    }),
    job: Int32Array.from(tasks, (task) => jobPlace.get(task.visit) ?? -1),
    pinned,
    jobs: problem.jobs,
    left: problem.tasks
      .filter(({ key }) => without.has(key))
      .map((task) => ({ task, why: round.has(task.key) ? "circle" : "nobody" })),
  };
}
