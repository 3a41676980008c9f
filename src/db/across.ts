import { and, asc, desc, eq, ilike, sql } from "drizzle-orm";
import {
  comebacks,
  failures,
  HELD,
  isWanted,
  keyOf,
  type Comeback,
  type Failure,
  type Holding,
  type Wanted,
} from "@/core/across";
import { modelName, setName } from "@/core/model";
import { tubeType } from "@/core/tubes";
import type { Db, Tx } from "./client";
import { fromAllSets } from "./from-all-sets";
import { modelById } from "./models";
import { iso } from "./moment";
import { model, set } from "./schema";
import { freshSummaries } from "./summaries";
import { setHolds, setSummary } from "./summary-schema";

/** Rows that a question over all sets answers with. */
const MOST = 200;
/** Names that are offered of each kind. */
const OFFERED = 200;

export type Holder = Holding & { setId: string; set: string };

const named = { maker: model.maker, designation: model.designation, nickname: model.nickname, serial: set.serial };
type NameRow = { maker: string; designation: string; nickname: string | null; serial: string };
const nameOf = (row: NameRow): string => setName(row, row.serial);

const escaped = (text: string) => text.trim().replace(/[\\%_]/g, (char) => `\\${char}`);

/** Where a part of a batch, a tube by any of its names, or a modification sits today. */
async function holders(db: Tx, wanted: Wanted): Promise<Holder[]> {
  if (wanted.text.trim() === "") return [];
  const whole = wanted.kind === "batch" || (wanted.kind === "tube" && tubeType(wanted.text) !== undefined);
  const rows = await db
    .select({ held: setHolds, ...named })
    .from(setHolds)
    .innerJoin(set, eq(set.id, setHolds.setId))
    .innerJoin(model, eq(model.id, set.modelId))
    .where(
      and(
        eq(setHolds.kind, wanted.kind),
        whole
          ? eq(setHolds.key, keyOf(wanted))
          : ilike(wanted.kind === "tube" ? setHolds.name : setHolds.key, `%${escaped(wanted.text)}%`),
      ),
    )
    .orderBy(asc(model.maker), asc(model.designation), asc(set.serial), asc(setHolds.seq))
    .limit(MOST * 2);
  return rows
    .filter(({ held }) => isWanted(held, wanted))
    .slice(0, MOST)
    .map(({ held: { setId, seq: _seq, since, ...held }, ...row }) => ({
      ...held,
      setId,
      set: nameOf(row),
      ...(since ? { since: iso(since) } : {}),
    }));
}

/** Batches, tubes and modifications that there are, to choose from. */
const names = fromAllSets(async (db): Promise<Record<Wanted["kind"], string[]>> => {
  const lists = await Promise.all(
    HELD.map((kind) =>
      db
        .select({ name: sql<string>`min(${setHolds.name})` })
        .from(setHolds)
        .where(eq(setHolds.kind, kind))
        .groupBy(setHolds.key)
        .orderBy(asc(setHolds.key))
        .limit(OFFERED),
    ),
  );
  return Object.fromEntries(HELD.map((kind, n) => [kind, (lists[n] ?? []).map(({ name }) => name)])) as Record<
    Wanted["kind"],
    string[]
  >;
});

/** Sets that were back within so many months of their hand-back, the newest first. */
const cameBack = fromAllSets(async (db, months: number): Promise<(Comeback & { set: string })[]> => {
  const rows = await db
    .select({ setId: setSummary.setId, stays: setSummary.stays, ...named })
    .from(setSummary)
    .innerJoin(set, eq(set.id, setSummary.setId))
    .innerJoin(model, eq(model.id, set.modelId))
    .where(sql`jsonb_array_length(${setSummary.stays}) > 1`);
  const setOf = new Map(rows.map((row) => [row.setId, nameOf(row)]));
  return comebacks(rows, months)
    .slice(0, MOST)
    .map((one) => ({ ...one, set: setOf.get(one.setId) ?? "" }));
});

export type ModelName = { id: string; name: string };

/** Models of sets that were here. Those of which most has failed come first. */
const modelsHere = fromAllSets(async (db): Promise<ModelName[]> => {
  const rows = await db
    .select({
      id: model.id,
      maker: model.maker,
      designation: model.designation,
      nickname: model.nickname,
      failed: sql<number>`sum(jsonb_array_length(${setSummary.failed}))::int`,
    })
    .from(setSummary)
    .innerJoin(set, eq(set.id, setSummary.setId))
    .innerJoin(model, eq(model.id, set.modelId))
    .groupBy(model.id)
    .orderBy(desc(sql`5`), asc(model.maker), asc(model.designation));
  return rows.map((row) => ({ id: row.id, name: modelName(row) }));
});

/** Which places of a model fail most, over all its sets. */
const failuresOf = fromAllSets(async (db, modelId: string | undefined): Promise<Failure[]> => {
  const kind = modelId === undefined ? undefined : await modelById(db, modelId);
  if (!kind) return [];
  const rows = await db
    .select({ failed: setSummary.failed })
    .from(setSummary)
    .innerJoin(set, eq(set.id, setSummary.setId))
    .where(eq(set.modelId, kind.id));
  return failures(
    kind.sheet,
    rows.map(({ failed }) => failed),
  );
});

export type Asked = Wanted & { months: number; modelId: string };
export type AcrossAll = {
  holders: Holder[];
  names: Record<Wanted["kind"], string[]>;
  comebacks: (Comeback & { set: string })[];
  models: ModelName[];
  chosen?: string;
  failures: Failure[];
  behindHand: number;
};

/** Questions over all the sets that were ever here, answered from their summaries. */
export async function acrossAll(db: Db, asked: Asked): Promise<AcrossAll> {
  const behindHand = await freshSummaries(db);
  const models = await modelsHere(db);
  const chosen = (models.find(({ id }) => id === asked.modelId) ?? models[0])?.id;
  const [held, offered, back, failed] = await Promise.all([
    holders(db, asked),
    names(db),
    cameBack(db, asked.months),
    failuresOf(db, chosen),
  ]);
  return {
    holders: held,
    names: offered,
    comebacks: back,
    models: [...models].sort((a, b) => a.name.localeCompare(b.name, "en")),
    ...(chosen ? { chosen } : {}),
    failures: failed,
    behindHand,
  };
}
