import { and, asc, eq, inArray, isNotNull, or, sql } from "drizzle-orm";
import { summaryOf, type OpenVisit, type Stay, type Summary } from "@/core/across";
import type { DueSet, Span } from "@/core/exchange";
import { settle } from "@/core/kinds";
import { setName, type Model, type Sheet } from "@/core/model";
import { setClass, type SetClass } from "@/core/plan";
import type { Db, Tx } from "./client";
import { iso } from "./moment";
import { customer, logEntry, model, set, visit } from "./schema";
import { setFiles, type SetFile } from "./sets";
import { setHolds, setSummary } from "./summary-schema";

/** Sets that are folded at a time. */
const BATCH = 25;

/** The summary of a set, from its log. */
export const summaryFrom = (file: SetFile): Summary => summaryOf({ ...file, settled: settle(file.entries).settled });

/** Keeps a summary, unless the log has gone on while it was made. */
async function keep(db: Tx, setId: string, rev: number, summary: Summary): Promise<void> {
  const { stays, open, holdings, failed, findings, handedBack, lastAt, text, words } = summary;
  const job = open.at(-1)?.job ?? null;
  await db.transaction(async (tx) => {
    const [kept] = await tx
      .update(setSummary)
      .set({ stale: false, job, lastAt, stays, open, failed, findings, handedBack, text, words })
      .where(and(eq(setSummary.setId, setId), eq(setSummary.rev, rev)))
      .returning({ setId: setSummary.setId });
    if (!kept) return;
    await tx.delete(setHolds).where(eq(setHolds.setId, setId));
    if (holdings.length > 0)
      await tx
        .insert(setHolds)
        .values(holdings.map(({ since, ...held }, seq) => ({ ...held, setId, seq, since: since ?? null })));
  });
}

/**
 * Makes stale summaries anew: mostly those of the few sets that were worked on since somebody looked last.
 * @param most how many sets at most
 * @returns how many were looked at
 */
export async function refreshSummaries(db: Tx, most: number): Promise<number> {
  let done = 0;
  while (done < most) {
    // What it counted to is read before the log: what is written meanwhile makes it stale once more.
    const stale = await db
      .select({ setId: setSummary.setId, rev: setSummary.rev })
      .from(setSummary)
      .where(eq(setSummary.stale, true))
      .orderBy(asc(setSummary.setId))
      .limit(Math.min(BATCH, most - done));
    if (stale.length === 0) return done;
    const files = await setFiles(
      db,
      stale.map(({ setId }) => setId),
    );
    const revs = new Map(stale.map(({ setId, rev }) => [setId, rev]));
    for (const file of files) await keep(db, file.id, revs.get(file.id) ?? 0, summaryFrom(file));
    done += stale.length;
  }
  return done;
}

/** Sets that a page folds before it answers; more are worked off beside the pages (summary-watch). */
const AT_ONCE = 100;

/** Brings the summaries up to date before they are read. @returns how many sets are still to be looked through */
export async function freshSummaries(db: Tx): Promise<number> {
  const done = await refreshSummaries(db, AT_ONCE);
  return done < AT_ONCE ? 0 : await staleCount(db);
}

/** Of a set that is still to be looked through: a visit without a hand-back, or with one that was amended since. */
const perhapsHere = sql`exists (
  select from ${visit} where ${visit.setId} = ${setSummary.setId} and not exists (
    select from ${logEntry} h where h.visit_id = ${visit.id} and h.kind = 'hand-back'
    and not exists (select from ${logEntry} a where a.amends = h.id)))`;

/** The sets that are in the shop: those with a visit that is not handed back. After a restore, perhaps some more. */
export async function setsInShop(db: Tx): Promise<SetFile[]> {
  await freshSummaries(db);
  const rows = await db
    .select({ setId: setSummary.setId })
    .from(setSummary)
    .where(or(isNotNull(setSummary.job), and(eq(setSummary.stale, true), perhapsHere)));
  return setFiles(
    db,
    rows.map(({ setId }) => setId),
  );
}

export const staleCount = (db: Tx): Promise<number> => db.$count(setSummary, eq(setSummary.stale, true));

/** Marks all summaries as stale: they are made anew from the logs. */
export const forgetSummaries = async (db: Tx): Promise<void> => void (await db.update(setSummary).set({ stale: true }));

type Kept = Summary & { setId: string };

/** Summaries as they are kept, for a comparison with the logs. */
export async function keptSummaries(db: Tx, setIds: readonly string[]): Promise<Kept[]> {
  const rows = await db
    .select()
    .from(setSummary)
    .where(inArray(setSummary.setId, [...setIds]));
  const held = await db
    .select()
    .from(setHolds)
    .where(inArray(setHolds.setId, [...setIds]))
    .orderBy(asc(setHolds.setId), asc(setHolds.seq));
  return rows.map(({ setId, stays, open, failed, findings, handedBack, lastAt, text, words }) => ({
    setId,
    stays,
    open,
    failed,
    findings,
    handedBack,
    lastAt: lastAt && iso(lastAt),
    text,
    words,
    holdings: held
      .filter((one) => one.setId === setId)
      .map(({ kind, key, name, where, what, since }) => ({
        kind,
        key,
        name,
        where,
        what,
        ...(since ? { since: iso(since) } : {}),
      })),
  }));
}

/** What the due dates of all sets follow from. */
export async function dueSets(db: Db, { from, to }: Span): Promise<DueSet[]> {
  const service = sql`(${setSummary.handedBack} ->> 'nextService') between ${from} and ${to}`;
  const ends = sql`left(${setSummary.handedBack} ->> 'at', 10)::date
    + make_interval(months => (${setSummary.handedBack} ->> 'warrantyMonths')::int)`;
  // Whoever asks for dates asks for all of them.
  await refreshSummaries(db, Number.POSITIVE_INFINITY);
  const rows = await db
    .select({
      id: set.id,
      serial: set.serial,
      maker: model.maker,
      designation: model.designation,
      nickname: model.nickname,
      owner: customer.name,
      handedBack: setSummary.handedBack,
    })
    .from(setSummary)
    .innerJoin(set, eq(set.id, setSummary.setId))
    .innerJoin(model, eq(model.id, set.modelId))
    .innerJoin(customer, eq(customer.id, set.ownerId))
    .where(or(service, sql`${ends} between ${from}::date and ${to}::date`));
  return rows.map(({ id, serial, owner, handedBack, ...kind }) => ({
    id,
    name: setName(kind, serial),
    owner,
    ...(handedBack ? { handedBack } : {}),
  }));
}

/** Changes with every change of a summary: what is made from all of them is kept under it. */
export async function stateOfSummaries(db: Tx): Promise<string> {
  await freshSummaries(db);
  const [state] = await db
    .select({
      of: sql<string>`concat_ws(' ', count(*), sum(${setSummary.rev}), count(*) filter (where ${setSummary.stale}))`,
    })
    .from(setSummary);
  return state?.of ?? "";
}

/** Every set that was ever here, with its visits and the kind of set that it is. */
export async function setsWithStays(db: Tx): Promise<{ modelId: string; setClass: SetClass; stays: Stay[] }[]> {
  const classes = new Map<string, SetClass>();
  for (const { id, sheet } of await db.select({ id: model.id, sheet: model.sheet }).from(model))
    classes.set(id, setClass(sheet as Sheet));
  const rows = await db
    .select({ modelId: set.modelId, stays: setSummary.stays })
    .from(setSummary)
    .innerJoin(set, eq(set.id, setSummary.setId))
    .where(sql`jsonb_array_length(${setSummary.stays}) > 0`);
  return rows.map((row) => ({ ...row, setClass: classes.get(row.modelId) ?? "mains receiver" }));
}

/** A visit that is in the shop, as the Board shows it. */
export type BoardCard = OpenVisit & {
  model: Pick<Model, "maker" | "designation" | "nickname">;
  owner: string;
};

/** The visits that are in the shop, the longest first. */
export async function boardCards(db: Db): Promise<BoardCard[]> {
  await freshSummaries(db);
  const named = { maker: model.maker, designation: model.designation, nickname: model.nickname, owner: customer.name };
  const rows = await db
    .select({ open: setSummary.open, ...named })
    .from(setSummary)
    .innerJoin(set, eq(set.id, setSummary.setId))
    .innerJoin(model, eq(model.id, set.modelId))
    .innerJoin(customer, eq(customer.id, set.ownerId))
    .where(and(isNotNull(setSummary.job), eq(setSummary.stale, false)));
  // After a restore: what nobody has looked through yet is folded here.
  const waiting = await db
    .select({ setId: setSummary.setId })
    .from(setSummary)
    .where(and(eq(setSummary.stale, true), perhapsHere));
  const files = await setFiles(
    db,
    waiting.map(({ setId }) => setId),
  );
  return [
    ...rows.flatMap(({ open, owner, ...kind }) => open.map((one) => ({ ...one, model: kind, owner }))),
    ...files.flatMap((file) =>
      summaryFrom(file).open.map((one) => ({ ...one, model: file.model, owner: file.owner.name })),
    ),
  ].sort((a, b) => Date.parse(a.openedAt) - Date.parse(b.openedAt));
}
