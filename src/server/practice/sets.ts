import { MADE_UP_SETS, practiceSet, practiceWorld, type PracticeSet, type PracticeWorld } from "@/core/practice";
import { modelName } from "@/core/model";
import type { Tx } from "@/db/client";
import { modelById, models } from "@/db/models";
import type { Exercise } from "@/db/practice";

/** A set that can be chosen to practise on: a made-up one that ships, or a model of the shop that has a net. */
export type Choice = { key: string; name: string };

const nameOf = (one: { maker: string; designation: string; nickname?: string | null }): string =>
  modelName({ maker: one.maker, designation: one.designation, nickname: one.nickname ?? null });

/** What can be practised on. A model that is one of the made-up ones stands there once. */
export async function choices(db: Tx): Promise<Choice[]> {
  const shipped = Object.entries(MADE_UP_SETS)
    .filter(([, { sheet }]) => (sheet.net?.length ?? 0) > 0)
    .map(([key, one]) => ({ key, name: nameOf(one) }));
  const names = new Set(shipped.map(({ name }) => name));
  const own = (await models(db))
    .filter(({ sheet }) => (sheet.net?.length ?? 0) > 0)
    .map((one) => ({ key: one.id, name: nameOf(one) }))
    .filter(({ name }) => !names.has(name));
  return [...shipped, ...own];
}

type Chosen = { name: string; year: number | null; sheet: unknown };

/** The set behind a choice; nothing where it is not there, or has no net. */
export async function chosen(db: Tx, key: string): Promise<Chosen | undefined> {
  const shipped = Object.hasOwn(MADE_UP_SETS, key) ? MADE_UP_SETS[key] : undefined;
  if (shipped) return { name: nameOf(shipped), year: shipped.year, sheet: shipped.sheet };
  const own = /^[0-9a-f-]{36}$/.test(key) ? await modelById(db, key) : undefined;
  return own && { name: nameOf(own), year: own.year, sheet: own.sheet };
}

/** Sets that are ready: making one takes up to half a second. */
const READY = 12;
const sets = new Map<string, PracticeSet | undefined>();

/** A set made ready, kept by what it is. */
export function setReady(name: string, sheet: unknown, year: number | null, now: string): PracticeSet | undefined {
  const key = `${name} ${year} ${now.slice(0, 4)} ${JSON.stringify(sheet)}`;
  if (!sets.has(key)) {
    sets.set(key, practiceSet(sheet, year, now));
    const [oldest] = sets.keys();
    if (sets.size > READY && oldest !== undefined) sets.delete(oldest);
  }
  return sets.get(key);
}

/** An exercise as it is worked on; nothing where its set is no longer understood. */
export function worldOf(exercise: Exercise): { set: PracticeSet; world: PracticeWorld } | undefined {
  const set = setReady(exercise.name, exercise.sheet, exercise.year, exercise.at);
  const world = set && practiceWorld(set, exercise.hidden);
  return set && world ? { set, world } : undefined;
}
