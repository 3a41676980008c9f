/** Why the pre-flight lets a row count for nothing; undefined where it does not. */
export function voidedBy(
  preflight: readonly { key: string; text: string; ok: boolean }[],
  voids: ReadonlySet<string>,
): string | undefined {
  const failed = preflight.find(({ key, ok }) => !ok && voids.has(key));
  return failed && `pre-flight: not so: ${failed.text}`.slice(0, 120);
}
