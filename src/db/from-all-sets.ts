import type { Db } from "./client";
import { stateOfSummaries } from "./summaries";

/** Answers that are kept of one question: by months, by model. */
const MOST = 20;

/** What is made faster than this is always up to date, ms: a shop of some hundred sets. */
const FAST_MS = 100;

/** What takes longer may be out of date for so many times as long: it is never more than a twentieth of the work. */
const TIMES_AS_LONG = 20;

/** May an answer stand although a set has changed since? @param age since it was made, ms @param took to make it, ms */
export const mayStand = (age: number, took: number): boolean => took > FAST_MS && age < took * TIMES_AS_LONG;

type Kept<T> = { state: string; made: Promise<T>; took: number; at: number };

/**
 * What is made from the summaries of all sets, kept until one of them changes. In a shop of ten thousand sets it takes
 * half a second, and somebody writes every second: there an answer stands for some seconds more.
 * @param make asked again for another `of`, and after a change
 */
export function fromAllSets<Of extends readonly (string | number | undefined)[], T>(
  make: (db: Db, ...of: Of) => T | Promise<T>,
): (db: Db, ...of: Of) => Promise<T> {
  const ofDatabase = new WeakMap<Db, Map<string, Kept<T>>>();
  return async (db, ...of) => {
    const kept = ofDatabase.get(db) ?? new Map<string, Kept<T>>();
    ofDatabase.set(db, kept);
    const key = JSON.stringify(of);
    const last = kept.get(key);
    if (last && mayStand(Date.now() - last.at, last.took)) return last.made;
    const state = await stateOfSummaries(db);
    const meanwhile = kept.get(key);
    if (meanwhile?.state === state) return meanwhile.made;
    const from = Date.now();
    // Two that ask at once wait for the same answer. One that failed is made again.
    const one: Kept<T> = { state, made: Promise.resolve(make(db, ...of)), took: 0, at: from };
    one.made.then(
      () => Object.assign(one, { took: Date.now() - from, at: Date.now() }),
      () => kept.get(key) === one && kept.delete(key),
    );
    kept.delete(key);
    kept.set(key, one);
    const [oldest] = kept.keys();
    if (kept.size > MOST && oldest !== undefined) kept.delete(oldest);
    return one.made;
  };
}
