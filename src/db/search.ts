import { and, desc, eq, isNull, lt, or, sql, type SQL } from "drizzle-orm";
import { asBuilt, type Position } from "@/core/history";
import { describeWork, ofKind, settle } from "@/core/kinds";
import { DESIGNATOR, setName, type Model } from "@/core/model";
import { warrantyOn, type Stay } from "@/core/across";
import type { Db, Tx } from "./client";
import { iso } from "./moment";
import { customer, model, set } from "./schema";
import { setFiles } from "./sets";
import { freshSummaries } from "./summaries";
import { setSummary, STEMMED } from "./summary-schema";

/** A set that was found, and where its designator stands when one was searched for. */
export type Hit = {
  id: string;
  serial: string;
  model: Pick<Model, "id" | "maker" | "designation" | "nickname" | "year"> & { kind: string };
  owner: { id: string; name: string };
  visits: number;
  lastVisit?: string;
  /** the job that is open here */
  job?: number;
  position?: Position;
  lastWork?: string;
};

/** So many sets stand on a page of a list. */
const PAGE = 30;

const escaped = (text: string) => text.replace(/[\\%_]/g, (char) => `\\${char}`);

/** So many digits in a row are looked for as part of a telephone number, however it is written. */
const MANY_DIGITS = 4;

/**
 * What is typed, word by word. A telephone number is one word, however it is grouped.
 * @example wordsOf("Osei 01234 567 890") // ["Osei", "01234567890"]
 */
export const wordsOf = (query: string): string[] =>
  query
    .replace(/(?:\+|\b0)\d[\d\s/()-]*\d/g, (number) => number.replace(/[^\d+]/g, ""))
    .trim()
    .split(/\s+/)
    .filter(Boolean)
    .slice(0, 8);

/** Words that have a stem: “crackles” finds “crackling”. Numbers, designators and short words are what they are. */
const STEM = /^\p{L}{4,}$/u;

/** A set matches a word by any text that is written on it or about it, by a designator, or by the number of a job. */
function matches(word: string): SQL | undefined {
  const digits = word.replace(/\D/g, "");
  return or(
    sql`${setSummary.text} ilike ${`%${escaped(word)}%`}`,
    STEM.test(word)
      ? sql`to_tsvector('english', left(${setSummary.text}, ${sql.raw(String(STEMMED))})) @@ plainto_tsquery('english', ${word})`
      : undefined,
    digits.length >= MANY_DIGITS && digits !== word ? sql`${setSummary.text} like ${`%${digits}%`}` : undefined,
    sql`${setSummary.words} @> array[${word.toUpperCase().replace(/^#/, "")}]`,
  );
}

/** Where a page of a list ends: the next one begins behind it. */
type Key = { lastAt: string | null; id: string };
const keyText = ({ lastAt, id }: Key): string => `${lastAt === null ? "" : iso(lastAt)}_${id}`;
function readKey(text: string | undefined): Key | undefined {
  const [, lastAt, id] = /^([\d:.TZ+-]*)_([0-9a-f-]{36})$/.exec(text ?? "") ?? [];
  if (id === undefined || (lastAt && Number.isNaN(Date.parse(lastAt)))) return undefined;
  return { lastAt: lastAt || null, id };
}

/** Sets behind a key, in the order of the list: those that something was written about last come first. */
const behind = ({ lastAt, id }: Key): SQL | undefined =>
  lastAt === null
    ? and(isNull(setSummary.lastAt), lt(setSummary.setId, id))
    : or(
        lt(setSummary.lastAt, lastAt),
        and(eq(setSummary.lastAt, lastAt), lt(setSummary.setId, id)),
        isNull(setSummary.lastAt),
      );

export type Found = {
  hits: Hit[];
  /** how many match; not counted beyond MOST_COUNTED */
  count: number;
  /** the next page begins here */
  next?: string;
  /** sets that are still to be looked through after a restore: what is in their logs is not searched yet */
  behindHand: number;
};

/** Matches are counted up to here: beyond it nobody wants to know exactly. */
export const MOST_COUNTED = 1000;

const asRow = {
  id: set.id,
  serial: set.serial,
  modelId: model.id,
  maker: model.maker,
  designation: model.designation,
  nickname: model.nickname,
  year: model.year,
  kind: sql<string>`coalesce(${model.sheet} ->> 'kind', '')`,
  ownerId: customer.id,
  owner: customer.name,
  job: setSummary.job,
  lastAt: setSummary.lastAt,
  stays: setSummary.stays,
};

type Row = {
  id: string;
  serial: string;
  modelId: string;
  maker: string;
  designation: string;
  nickname: string | null;
  year: number | null;
  kind: string;
  ownerId: string;
  owner: string;
  job: number | null;
  lastAt: string | null;
  stays: Stay[];
};

const hitOf = (row: Row): Hit => {
  const last = row.stays.at(-1)?.openedAt;
  return {
    id: row.id,
    serial: row.serial,
    model: {
      id: row.modelId,
      maker: row.maker,
      designation: row.designation,
      nickname: row.nickname,
      year: row.year,
      kind: row.kind,
    },
    owner: { id: row.ownerId, name: row.owner },
    visits: row.stays.length,
    ...(last ? { lastVisit: last } : {}),
    ...(row.job === null ? {} : { job: row.job }),
  };
};

const rowsOf = (db: Tx, where: SQL | undefined, most: number) =>
  db
    .select(asRow)
    .from(setSummary)
    .innerJoin(set, eq(set.id, setSummary.setId))
    .innerJoin(model, eq(model.id, set.modelId))
    .innerJoin(customer, eq(customer.id, set.ownerId))
    .where(where)
    .orderBy(sql`${setSummary.lastAt} desc nulls last`, desc(setSummary.setId))
    .limit(most);

/** How a part stands today in the sets of a page: their logs alone are folded. */
async function withPart(db: Tx, hits: readonly Hit[], designator: string, now: string): Promise<Hit[]> {
  const files = new Map(
    (
      await setFiles(
        db,
        hits.map(({ id }) => id),
      )
    ).map((file) => [file.id, file]),
  );
  return hits.map((hit): Hit => {
    const file = files.get(hit.id);
    if (!file) return hit;
    const { settled } = settle(file.entries);
    const position = asBuilt(settled, file.model.sheet, now).find(
      (p) => p.designator === designator || p.parts.some((part) => part.designator === designator),
    );
    const work = ofKind(settled, "part-work").findLast(({ entry }) => entry.id === position?.work.at(-1));
    return {
      ...hit,
      ...(position ? { position } : {}),
      ...(work ? { lastWork: describeWork(work.content.payload) } : {}),
    };
  });
}

/**
 * Finds sets by anything written on them or done to them, a page at a time. A word that is a designator also tells how
 * it stands now.
 * @param after where the page before ended
 */
export async function searchSets(db: Db, query: string, now: string, after?: string): Promise<Found> {
  const behindHand = await freshSummaries(db);
  const words = wordsOf(query);
  const matching = and(...words.map(matches));
  const key = readKey(after);
  const [rows, counted] = await Promise.all([
    rowsOf(db, and(matching, key && behind(key)), PAGE + 1),
    db.$count(db.select({ id: setSummary.setId }).from(setSummary).where(matching).limit(MOST_COUNTED).as("counted")),
  ]);
  const last = rows.length > PAGE ? rows[PAGE - 1] : undefined;
  const hits = rows.slice(0, PAGE).map(hitOf);
  const designator = words.map((word) => word.toUpperCase()).find((word) => DESIGNATOR.test(word));
  return {
    hits: designator ? await withPart(db, hits, designator, now) : hits,
    count: counted,
    ...(last ? { next: keyText(last) } : {}),
    behindHand,
  };
}

/** Sets that are offered while somebody types. */
const OFFERED = 12;

/** A set as it is chosen from: was it here before? */
export type Known = {
  id: string;
  label: string;
  modelId: string;
  ownerId: string;
  job?: number;
  /** work on it is under warranty */
  warranty?: { job: number; until: string; done: string };
};

const knownOf = (row: Row): Known => {
  const { id, serial, model: kind, owner, job } = hitOf(row);
  const warranty = warrantyOn(row.stays, new Date().toISOString());
  return {
    id,
    label: `${setName(kind, serial)}, ${owner.name}`,
    modelId: kind.id,
    ownerId: owner.id,
    ...(job === undefined ? {} : { job }),
    ...(warranty
      ? {
          warranty: {
            job: warranty.stay.job,
            until: warranty.until,
            done: warranty.stay.work.map(({ designators, text }) => `${designators.join(", ")} ${text}`).join("; "),
          },
        }
      : {}),
  };
};

/** The sets that were here before and match what is typed, those of last time first. */
export async function knownSets(db: Db, query: string): Promise<Known[]> {
  await freshSummaries(db);
  const words = wordsOf(query);
  if (words.length === 0) return [];
  return (await rowsOf(db, and(...words.map(matches)), OFFERED)).map(knownOf);
}

/** A set that was chosen before, by its id. */
export async function knownSet(db: Db, id: string): Promise<Known[]> {
  await freshSummaries(db);
  return (await rowsOf(db, eq(set.id, id), 1)).map(knownOf);
}
