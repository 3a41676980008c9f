/**
 * What a record has under a key of its own. Keys that people type may be called `constructor` or `toString`, and every
 * object has these without having been given them.
 */
export const ownValue = <T>(record: Readonly<Record<string, T>>, key: string): T | undefined =>
  Object.hasOwn(record, key) ? record[key] : undefined;
