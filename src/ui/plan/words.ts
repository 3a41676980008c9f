import type { Measure, NoDay, Placed, PlanInput, Reason, Standing } from "@/core/plan";
import { STEP_NAMES } from "@/core/model";
import { dayWords, surely } from "./days";

export { dayWords, surely, workTime } from "./days";

export const STANDING_WORDS: Record<Standing, string> = {
  kept: "will be kept",
  danger: "in danger",
  broken: "broken",
  unpromised: "not promised",
  "no-day": "no day can be said",
};

export const NO_DAY_WORDS: Record<NoDay, string> = {
  circle: "It waits in a circle of sets, or behind one: take one of them out of its wait.",
  nobody: "Nobody here can do what is left: see who can do what.",
  far: "It is not done within half a year: somebody has to be here, or the wait needs a day.",
};

/** What a piece of work is called: its step, or the open points that are done together. */
export const workName = ({ key, step }: Pick<Placed, "key" | "step">): string =>
  key.endsWith(":points") ? "Open points" : key.endsWith(":cabinet") ? "Cabinet" : STEP_NAMES[step];

type Names = { person: (id: string) => string };

/** A reason why something comes next, in words. */
export function reasonWords(reason: Reason, { person }: Names): string {
  switch (reason.kind) {
    case "danger":
      return `promised for ${dayWords(reason.day)}, kept in ${surely(reason.kept)} of the cases`;
    case "promised":
      return `promised for ${dayWords(reason.day)}`;
    case "frees":
      return `job ${reason.job} waits for it`;
    case "soak":
      return "then it soaks by itself";
    case "other":
      return `then ${person(reason.person)} can go on`;
    case "open":
      return "open on your bench";
    case "same-tools":
      return `the instruments for ${STEP_NAMES[reason.step]} are set up`;
    case "same-opening":
      return `${reason.things} things while it is open`;
    case "pinned":
      return "put on this day by hand";
    case "here":
      return reason.days === 0 ? "came today" : `here for ${reason.days} ${reason.days === 1 ? "day" : "days"}`;
  }
}

/** What could be done for a promise, in words. */
export function measureWords(measure: Measure, { person }: Names): string {
  switch (measure.kind) {
    case "first":
      return "put this set before all others";
    case "person":
      return `give it to ${person(measure.person)}`;
    case "parcel":
      return `have the parcel by ${dayWords(measure.day)}: another parcel service`;
    case "saturday":
      return `let it soak on ${dayWords(measure.day)}, with ${person(measure.person)} beside it from 9 to 13`;
  }
}

export const namesOf = (people: PlanInput["people"]): Names => {
  const names = new Map(people.map(({ id, name }) => [id, name]));
  return { person: (id) => names.get(id) ?? "somebody" };
};
