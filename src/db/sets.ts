import { and, asc, eq, inArray, sql } from "drizzle-orm";
import type { Entry } from "@/core/kinds";
import type { Visit } from "@/core/history";
import type { Model } from "@/core/model";
import type { Db, Tx } from "./client";
import type { Customer } from "./customers";
import { append, entriesOfSet, entriesOfSets, type Problem } from "./entries";
import { readModel } from "./models";
import { customer, model, set, visit } from "./schema";
import { iso } from "./moment";

export type SetRecord = { id: string; serial: string; model: Model; owner: Customer };
export type SetFile = SetRecord & { visits: Visit[]; entries: Entry[] };

const readVisit = (row: typeof visit.$inferSelect): Visit => ({
  ...row,
  openedAt: iso(row.openedAt),
});

async function records(db: Tx, ids?: readonly string[]): Promise<SetRecord[]> {
  const rows = await db
    .select()
    .from(set)
    .innerJoin(model, eq(set.modelId, model.id))
    .innerJoin(customer, eq(set.ownerId, customer.id))
    .where(ids ? inArray(set.id, [...ids]) : undefined)
    .orderBy(asc(model.maker), asc(model.designation), asc(set.serial));
  return rows.map((row) => ({
    id: row.set.id,
    serial: row.set.serial,
    model: readModel(row.model),
    owner: row.customer,
  }));
}

/** Sets with all their visits and entries, ready to be folded. */
export async function setFiles(db: Tx, ids?: readonly string[]): Promise<SetFile[]> {
  if (ids?.length === 0) return [];
  const found = await records(db, ids);
  const setIds = found.map((record) => record.id);
  if (setIds.length === 0) return [];
  const visits = await db.select().from(visit).where(inArray(visit.setId, setIds)).orderBy(asc(visit.openedAt));
  const entries = await entriesOfSets(db, setIds);
  return found.map((record) => ({
    ...record,
    visits: visits.filter((row) => row.setId === record.id).map(readVisit),
    entries: entries.get(record.id) ?? [],
  }));
}

/** Sets of a model, the latest taken in first. @param most how many */
export async function setsOfModel(db: Tx, modelId: string, most: number): Promise<SetFile[]> {
  const rows = await db
    .select({ id: set.id })
    .from(set)
    .where(eq(set.modelId, modelId))
    .orderBy(sql`${set.id} desc`)
    .limit(most);
  return setFiles(
    db,
    rows.map(({ id }) => id),
  );
}

/** A set with its visits, without its log. */
export async function setHead(db: Tx, id: string): Promise<(SetRecord & { visits: Visit[] }) | undefined> {
  const [record] = await records(db, [id]);
  if (!record) return undefined;
  const visits = await db.select().from(visit).where(eq(visit.setId, id)).orderBy(asc(visit.openedAt));
  return { ...record, visits: visits.map(readVisit) };
}

export async function setFile(db: Tx, id: string): Promise<SetFile | undefined> {
  const head = await setHead(db, id);
  return head && { ...head, entries: await entriesOfSet(db, id) };
}

export async function visitById(db: Tx, id: string): Promise<Visit | undefined> {
  const [row] = await db.select().from(visit).where(eq(visit.id, id));
  return row ? readVisit(row) : undefined;
}

export async function visitByJob(db: Tx, job: number): Promise<Visit | undefined> {
  const [row] = await db
    .select()
    .from(visit)
    .where(and(eq(visit.job, job), eq(visit.shop, "")));
  return row ? readVisit(row) : undefined;
}

export type Intake = {
  customer: { id: string; name?: string; contact?: string };
  model: {
    id: string;
    maker?: string;
    designation?: string;
    nickname?: string | null;
    year?: number | null;
    sheet?: Model["sheet"];
  };
  set: { id: string; serial?: string };
  visitId: string;
  openedAt: string;
  /** the take-in entry, validated by `append` */
  takeIn: { id: string; payload: unknown };
  /** the number on the tag, where it is given and not counted on */
  job?: number;
};

export type TakenIn = { ok: true; job: number } | { ok: false; problems: Problem[] };

class Refused extends Error {
  constructor(readonly problems: Problem[]) {
    super("refused");
  }
}

/**
 * Takes a set in: customer, model and set where they are new (they carry a name then), the visit and its take-in
 * entry, all or nothing. Every id is the client's, so sending it again changes nothing.
 */
export async function takeIn(db: Db, intake: Intake, by: string, now: number): Promise<TakenIn> {
  const { customer: owner, model: kind, set: one, visitId, openedAt } = intake;
  try {
    return await db.transaction(async (tx): Promise<TakenIn> => {
      if (owner.name)
        await tx
          .insert(customer)
          .values({ id: owner.id, name: owner.name, contact: owner.contact ?? "" })
          .onConflictDoNothing({ target: customer.id });
      if (kind.maker && kind.designation && kind.sheet) {
        const [other] = await tx
          .select({ id: model.id })
          .from(model)
          .where(and(eq(model.maker, kind.maker), eq(model.designation, kind.designation), eq(model.shop, "")));
        if (other && other.id !== kind.id)
          throw new Refused([
            {
              path: "model",
              message: `${kind.maker} ${kind.designation} is in Reference already: choose it from the list.`,
            },
          ]);
        await tx
          .insert(model)
          .values({
            id: kind.id,
            maker: kind.maker,
            designation: kind.designation,
            nickname: kind.nickname ?? null,
            year: kind.year ?? null,
            sheet: kind.sheet,
          })
          .onConflictDoNothing({ target: model.id });
      }
      await tx
        .insert(set)
        .values({ id: one.id, modelId: kind.id, ownerId: owner.id, serial: one.serial ?? "" })
        .onConflictDoNothing({ target: set.id });
      await tx
        .insert(visit)
        .values({ id: visitId, setId: one.id, openedAt, ...(intake.job ? { job: intake.job } : {}) })
        .onConflictDoNothing({ target: visit.id });
      if (intake.job) await countJobsOn(tx);
      const draft = {
        id: intake.takeIn.id,
        setId: one.id,
        visitId,
        at: openedAt,
        amends: null,
        kind: "take-in",
        payload: intake.takeIn.payload,
      };
      const appended = await append(tx as Db, draft, by, now);
      if (!appended.ok) throw new Refused(appended.problems);
      const [row] = await tx.select({ job: visit.job }).from(visit).where(eq(visit.id, visitId));
      return { ok: true, job: row?.job ?? 0 };
    });
  } catch (error) {
    if (error instanceof Refused) return { ok: false, problems: error.problems };
    throw error;
  }
}

/** A job that came with its number: the next one that is counted here lies above it. */
export const countJobsOn = (tx: Tx) =>
  tx.execute(sql`select setval(pg_get_serial_sequence('visit', 'job'), greatest(
    (select coalesce(max(job), 1000) from visit where shop = ''), (select last_value from visit_job_seq)))`);
