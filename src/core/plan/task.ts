import type { Step } from "../model";
import type { Clock } from "./clock";

/** What not everybody can do, or has the room for. */
export const SKILLS = ["bench", "alignment", "transmitters", "cabinet", "desk"] as const;
export type Skill = (typeof SKILLS)[number];
export const SKILL_WORDS: Record<Skill, string> = {
  bench: "bench work",
  alignment: "alignment",
  transmitters: "transmitters and high voltage",
  cabinet: "cabinet work",
  desk: "front desk",
};

/** How long something takes: half of the cases are through by the one, nine of ten by the other. Minutes. */
export type Spread = { median: number; p90: number };

/**
 * A piece of work or of waiting. Work takes a person's time; a soak takes hours in which somebody is here; glue, a parcel
 * and an answer take days that nobody works.
 */
export type Task = {
  key: string;
  /** the visit that it belongs to */
  visit: string;
  step: Step;
  text: string;
  takes: Spread;
  by: "person" | "shop" | "calendar";
  /** all of what whoever does it must be able to do */
  skills: readonly Skill[];
  /** keys of what must be through before */
  after: readonly string[];
  /** not before this minute of the plan */
  from?: number;
  /** the set stands on a bench meanwhile */
  bench: boolean;
  /** at the desk: a quarter of an hour that interrupts whatever else somebody does */
  interrupts?: boolean;
  /** begun and ended within a day, and not in its last hour: somebody stays beside it */
  sameDay?: boolean;
};

/** Somebody who works, with the hours that they are here. */
export type Worker = { id: string; name: string; skills: readonly Skill[]; clock: Clock };

/** Where somebody put a piece of work by hand. */
export type Pin = { task: string; person?: string; day?: number };

/** A set in the shop, as the plan sees it. */
export type Job = {
  visit: string;
  /** minute of the plan by which it was promised; none where nothing was */
  due?: number;
  /** whoever has it on the bench, where somebody has */
  holder?: string;
  /** how long it has been here, days: what waits longest goes first where nothing else speaks */
  here: number;
};

/** All that a plan is made from. Minutes count from midnight of its first day. */
export type Problem = {
  now: number;
  tasks: readonly Task[];
  workers: readonly Worker[];
  jobs: readonly Job[];
  /** hours in which somebody is in the shop */
  shop: Clock;
  /** places at which a set can stand open */
  benches: number;
  pins: readonly Pin[];
};

export const DAY = 1440;
/** No set is powered in the last hour of a day, minutes. Shop rule. @example of a day that ends at 17:00, a first power by 16:00 */
export const QUIET_END = 60;
