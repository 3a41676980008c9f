/** How long an owner's page may be open, days. Shop's rule: as long as a set is in the shop, and no longer than a season. @example 30 days unless said otherwise */
export const LINK_DAYS = { least: 1, usual: 30, most: 120 } as const;

/** Why a link leads nowhere; undefined when it is good. Times are ISO texts. */
export function linkProblem(
  link: { expiresAt: string; withdrawnAt: string | null } | undefined,
  now: string,
): "unknown" | "withdrawn" | "run out" | undefined {
  if (!link) return "unknown";
  if (link.withdrawnAt !== null) return "withdrawn";
  return Date.parse(link.expiresAt) <= Date.parse(now) ? "run out" : undefined;
}
