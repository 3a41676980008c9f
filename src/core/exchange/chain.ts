import { canonical, hashText } from "./canonical";

/** An entry as it is stored, before any reading: what the chain seals. */
export type StoredEntry = {
  id: string;
  setId: string;
  visitId: string;
  kind: string;
  payload: unknown;
  /** ISO instants in UTC, to the millisecond */
  at: string;
  recordedAt: string;
  by: string;
  amends: string | null;
};

/** What the first entry of a set is hashed with: nothing comes before it. */
export const GENESIS = "0".repeat(64);

/** The seal of an entry behind another: SHA-256 of the seal before it and of all that the entry says. */
export function seal(before: string, entry: StoredEntry): string {
  const { id, setId, visitId, kind, payload, at, recordedAt, by, amends } = entry;
  return hashText(`${before}\n${canonical({ id, setId, visitId, kind, payload, at, recordedAt, by, amends })}`);
}

export type Broken = { index: number; id: string; message: string };

/** Where a chain does not hold: the first entry whose seal is not that of what it says and of all before it. */
export function brokenAt(entries: readonly (StoredEntry & { hash: string })[]): Broken | undefined {
  let before = GENESIS;
  for (const [index, entry] of entries.entries()) {
    if (seal(before, entry) !== entry.hash) {
      const message = `Entry ${index + 1} of ${entries.length} (${entry.kind}, ${entry.at.slice(0, 10)}) is not as it was written, or one before it is missing.`;
      return { index, id: entry.id, message };
    }
    before = entry.hash;
  }
  return undefined;
}

/** The seal of a whole logbook: that of its last entry. */
export const headOf = (entries: readonly { hash: string }[]): string => entries.at(-1)?.hash ?? GENESIS;
