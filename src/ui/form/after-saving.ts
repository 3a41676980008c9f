const same = (a: unknown, b: unknown) => JSON.stringify(a) === JSON.stringify(b);

/**
 * The fields of a form once what was written is saved: as they shall be next, but for those that were typed into while
 * the server took its time.
 */
export const afterSaving = <T extends object>(now: T, written: T, next: T): T =>
  Object.fromEntries(
    Object.entries(now).map(([key, value]) => {
      const field = key as keyof T;
      return [key, same(value, written[field]) ? next[field] : value];
    }),
  ) as T;
