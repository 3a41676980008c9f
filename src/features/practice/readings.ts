import { wasExchanged, type Done } from "@/core/practice";

/** The last reading at each point since something was put right. */
export function lastReadings(done: readonly Done[], what: "volts" | "ohms"): Map<string, Done> {
  const since = done.findLastIndex(wasExchanged) + 1;
  return new Map(done.slice(since).flatMap((one) => (one.act.do === what ? [[one.act.point, one] as const] : [])));
}
