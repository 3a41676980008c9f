/**
 * Empties a field whose text was written down, unless something else was typed while the server took its time.
 * @example setWhat(emptied(what))
 */
export const emptied =
  (written: string) =>
  (now: string): string =>
    now === written ? "" : now;
