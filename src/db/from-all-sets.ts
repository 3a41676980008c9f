import type { Db } from "./client";
import { stateOfSummaries } from "./summaries";

/** Answers that are kept of one question: by months, by model. */
const MOST = 20;

/** What is made faster than this is always up to date, ms: a shop of some hundred sets. */
const FAST_MS = 100;

/** What takes longer may be out of date for so many times as long: it is never more than a twentieth of the work. */
const TIMES_AS_LONG = 20;

/** Until it is so many times as old, it is given out once more while it is made anew: nobody waits for it. */
const WAITS_FROM = 200;

/**
 * What becomes of an answer although a set may have changed since: it stands, it is given out while it is made anew, or
 * whoever asks waits. @param age since it was made, ms @param took to make it, ms
 */
export const afterChanges = (age: number, took: number): "stands" | "is made anew" | "is waited for" =>
  took <= FAST_MS || age >= took * WAITS_FROM
    ? "is waited for"
    : age < took * TIMES_AS_LONG
      ? "stands"
      : "is made anew";

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
  /** questions whose answer is being made anew behind the one that is given out */
  const behind = new WeakSet<Promise<T>>();

  const keep = (kept: Map<string, Kept<T>>, key: string, one: Kept<T>) => {
    kept.delete(key);
    kept.set(key, one);
    const [oldest] = kept.keys();
    if (kept.size > MOST && oldest !== undefined) kept.delete(oldest);
  };
  const begin = (state: string, made: Promise<T>): Kept<T> => {
    const one: Kept<T> = { state, made, took: 0, at: Date.now() };
    made.then(
      () => Object.assign(one, { took: Date.now() - one.at, at: Date.now() }),
      () => undefined,
    );
    return one;
  };

  return async (db, ...of) => {
    const kept = ofDatabase.get(db) ?? new Map<string, Kept<T>>();
    ofDatabase.set(db, kept);
    const key = JSON.stringify(of);
    const last = kept.get(key);
    const how = last ? afterChanges(Date.now() - last.at, last.took) : "is waited for";
    if (last && how === "stands") return last.made;
    if (last && how === "is made anew") {
      if (!behind.has(last.made)) {
        behind.add(last.made);
        void (async () => {
          const one = begin(await stateOfSummaries(db), Promise.resolve(make(db, ...of)));
          await one.made;
          keep(kept, key, one);
        })().catch(() => behind.delete(last.made));
      }
      return last.made;
    }
    const state = await stateOfSummaries(db);
    const meanwhile = kept.get(key);
    if (meanwhile?.state === state) return meanwhile.made;
    // Two that ask at once wait for the same answer. One that failed is made again.
    const one = begin(state, Promise.resolve(make(db, ...of)));
    one.made.catch(() => kept.get(key) === one && kept.delete(key));
    keep(kept, key, one);
    return one.made;
  };
}
