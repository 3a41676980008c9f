import { eq, sql } from "drizzle-orm";
import { dueDates, type Due } from "@/core/exchange";
import { modelName } from "@/core/model";
import type { Db } from "./client";
import { customer, model, set } from "./schema";
import { dueSets, freshSummaries } from "./summaries";
import { setSummary } from "./summary-schema";

/** A set whose owner was told that it is ready, and that nobody has collected. */
export type Uncollected = { visitId: string; job: number; set: string; owner: string; contact: string; toldAt: string };

/** Sets that wait to be collected, the longest first. */
export async function uncollected(db: Db): Promise<Uncollected[]> {
  await freshSummaries(db);
  const rows = await db
    .select({
      stays: setSummary.stays,
      owner: customer.name,
      contact: customer.contact,
      maker: model.maker,
      designation: model.designation,
      nickname: model.nickname,
    })
    .from(setSummary)
    .innerJoin(set, eq(set.id, setSummary.setId))
    .innerJoin(model, eq(model.id, set.modelId))
    .innerJoin(customer, eq(customer.id, set.ownerId))
    .where(
      sql`jsonb_path_exists(${setSummary.stays}, '$[*] ? (exists(@.toldAt) && !(exists(@.collectedAt)))'::jsonpath)`,
    );
  return rows
    .flatMap(({ stays, owner, contact, ...kind }) =>
      stays
        .filter(({ toldAt, collectedAt }) => toldAt !== undefined && collectedAt === undefined)
        .map(({ visitId, job, toldAt = "" }): Uncollected => ({
          visitId,
          job,
          set: modelName(kind),
          owner,
          contact,
          toldAt,
        })),
    )
    .sort((a, b) => a.toldAt.localeCompare(b.toldAt));
}

/** So many days back a service that is due is still written about. */
const OVERDUE_DAYS = 90;
const DAY_MS = 86_400_000;

/** Services that fall due within a month, or fell due lately. @param now ISO */
export async function servicesDue(db: Db, now: string): Promise<Due[]> {
  const on = (days: number) => new Date(Date.parse(now) + days * DAY_MS).toISOString().slice(0, 10);
  const span = { from: on(-OVERDUE_DAYS), to: on(31) };
  return dueDates(await dueSets(db, span), [], span).filter(({ kind }) => kind === "service");
}
