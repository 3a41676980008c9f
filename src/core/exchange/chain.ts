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

/** A photo or file as it is stored: whether it is in sight may change, the rest is sealed. */
export type StoredFile = {
  id: string;
  entryId: string;
  setId: string;
  name: string;
  type: string;
  size: number;
  /** SHA-256 of its content, in hexadecimal */
  sha256: string;
  by: string;
  at: string;
};

/** What the first link of a chain is hashed with: nothing comes before it. */
export const GENESIS = "0".repeat(64);

const link = (before: string, said: object): string => hashText(`${before}\n${canonical(said)}`);

/** The seal of an entry behind another: SHA-256 of the seal before it and of all that the entry says. */
export function seal(before: string, entry: StoredEntry): string {
  const { id, setId, visitId, kind, payload, at, recordedAt, by, amends } = entry;
  return link(before, { id, setId, visitId, kind, payload, at, recordedAt, by, amends });
}

/** The seal of a file behind another one of its set. */
export function sealFile(before: string, file: StoredFile): string {
  const { id, entryId, setId, name, type, size, sha256, by, at } = file;
  return link(before, { id, entryId, setId, name, type, size, sha256, by, at });
}

export type Broken = { index: number; id: string; message: string };

/** The first link whose seal is not that of what it says and of all before it. */
function breaksAt<T extends { hash: string }>(
  links: readonly T[],
  sealOf: (before: string, one: T) => string,
): number | undefined {
  let before = GENESIS;
  for (const [index, one] of links.entries()) {
    if (sealOf(before, one) !== one.hash) return index;
    before = one.hash;
  }
  return undefined;
}

/** Where the chain of a logbook does not hold. */
export function brokenAt(entries: readonly (StoredEntry & { hash: string })[]): Broken | undefined {
  const index = breaksAt(entries, seal);
  const entry = index === undefined ? undefined : entries[index];
  if (index === undefined || !entry) return undefined;
  const message = `Entry ${index + 1} of ${entries.length} (${entry.kind}, ${entry.at.slice(0, 10)}) is not as it was written, or one before it is missing.`;
  return { index, id: entry.id, message };
}

/** Where the chain of a set's files does not hold. */
export function brokenFileAt(files: readonly (StoredFile & { hash: string })[]): Broken | undefined {
  const index = breaksAt(files, sealFile);
  const file = index === undefined ? undefined : files[index];
  if (index === undefined || !file) return undefined;
  const message = `File ${index + 1} of ${files.length} (${file.name}) is not as it came, or one before it is missing.`;
  return { index, id: file.id, message };
}

/** The seal of a whole chain: that of its last link. */
export const headOf = (links: readonly { hash: string }[]): string => links.at(-1)?.hash ?? GENESIS;
