const WEEK_MS = 7 * 86_400_000;

/**
 * What storage has come to: so much for every week that was begun after the free ones.
 * @returns weeks since the owner was told, those that are charged, and the sum in minor units
 * @param toldAt when the owner was told that the set is ready, ISO @param now ISO
 */
export function storageFee(
  toldAt: string,
  now: string,
  { storageWeeks, storageMinor }: { storageWeeks: number; storageMinor: number },
): { weeks: number; charged: number; minor: number } {
  const weeks = Math.max(0, (Date.parse(now) - Date.parse(toldAt)) / WEEK_MS);
  const charged = Math.max(0, Math.ceil(weeks - storageWeeks));
  return { weeks: Math.floor(weeks), charged, minor: charged * storageMinor };
}
