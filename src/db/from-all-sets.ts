import type { Db } from "./client";
import { stateOfSummaries } from "./summaries";

/** Answers that are kept of one question: by months, by model. */
const MOST = 20;

/**
 * What is made from the summaries of all sets, kept until one of them changes: it takes long, and changes seldom.
 * @param make asked again for another `of`, and after a change
 */
export function fromAllSets<Of extends readonly (string | number | undefined)[], T>(
  make: (db: Db, ...of: Of) => T | Promise<T>,
): (db: Db, ...of: Of) => Promise<T> {
  const kept = new Map<string, { state: string; made: Promise<T> }>();
  return async (db, ...of) => {
    const state = await stateOfSummaries(db);
    const key = JSON.stringify(of);
    const last = kept.get(key);
    if (last?.state === state) return last.made;
    // Two that ask at once wait for the same answer. One that failed is made again.
    const one = { state, made: Promise.resolve(make(db, ...of)) };
    one.made.catch(() => kept.get(key) === one && kept.delete(key));
    kept.delete(key);
    kept.set(key, one);
    const [oldest] = kept.keys();
    if (kept.size > MOST && oldest !== undefined) kept.delete(oldest);
    return one.made;
  };
}
