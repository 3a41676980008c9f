import { asc, desc, eq, sql } from "drizzle-orm";
import { brokenAt, brokenFileAt, canonical, GENESIS, hashText, headOf } from "@/core/exchange";
import { chainOf, fileChainOf, unsealed } from "./chain";
import type { Db, Tx } from "./client";
import { iso } from "./moment";
import { fileChain, logChain, model, sealCheck, set } from "./schema";

/** The seals of a set at one moment: enough to say later whether its file is still the one that it was. */
export type Heads = {
  setId: string;
  name: string;
  entries: number;
  head: string;
  files: number;
  filesHead: string;
  /** SHA-256 of whose set it is and of which model: these may change, and somebody should know of it */
  owner: string;
};

/** A dated list of heads, to be kept outside the house. */
export type SealList = { format: "jumelle-seals"; at: string; heads: Heads[] };

const nameOf = (row: { model: { maker: string; designation: string }; set: { serial: string } }) =>
  `${row.model.maker} ${row.model.designation}, No. ${row.set.serial || "unknown"}`;
const ownerOf = ({ ownerId, modelId, serial }: typeof set.$inferSelect) =>
  hashText(canonical({ owner: ownerId, model: modelId, serial }));

/** The heads of all sets as their chains end, without checking what leads to them: quick, however many sets there are. */
export async function sealList(db: Db, now: string): Promise<SealList> {
  const rows = await db.select().from(set).innerJoin(model, eq(model.id, set.modelId)).orderBy(asc(set.id));
  const ends = async (chain: typeof logChain | typeof fileChain) => {
    const links = await db
      .selectDistinctOn([chain.setId], { setId: chain.setId, seq: chain.seq, hash: chain.hash })
      .from(chain)
      .orderBy(asc(chain.setId), desc(chain.seq));
    return new Map(links.map((link) => [link.setId, link]));
  };
  const [entries, files] = [await ends(logChain), await ends(fileChain)];
  return {
    format: "jumelle-seals",
    at: now,
    heads: rows.map((row) => ({
      setId: row.set.id,
      name: nameOf(row),
      entries: entries.get(row.set.id)?.seq ?? 0,
      head: entries.get(row.set.id)?.hash ?? GENESIS,
      files: files.get(row.set.id)?.seq ?? 0,
      filesHead: files.get(row.set.id)?.hash ?? GENESIS,
      owner: ownerOf(row.set),
    })),
  };
}

const count = (n: number, one: string, many: string) => `${n} ${n === 1 ? one : many}`;

/** Everything that is wrong with the seals of a set, in sentences, its heads, and what is sealed. */
export async function verifySet(db: Db, setId: string) {
  return db.transaction(
    async (tx) => {
      const [one] = await tx.select().from(set).innerJoin(model, eq(model.id, set.modelId)).where(eq(set.id, setId));
      if (!one) return undefined;
      const [entries, files] = [await chainOf(tx, setId), await fileChainOf(tx, setId)];
      const open = await unsealed(tx, setId);
      const broken = [brokenAt(entries), brokenFileAt(files)].flatMap((found) => found?.message ?? []);
      const missing = [
        ...(open.entries > 0
          ? [`${count(open.entries, "entry has", "entries have")} no seal: it was taken away, or never made.`]
          : []),
        ...(open.files > 0 ? [`${count(open.files, "photo or file has", "photos or files have")} no seal.`] : []),
      ];
      const heads: Heads = {
        setId,
        name: nameOf(one),
        entries: entries.length,
        head: headOf(entries),
        files: files.length,
        filesHead: headOf(files),
        owner: ownerOf(one.set),
      };
      return { heads, entries, files, troubles: [...broken, ...missing] };
    },
    { isolationLevel: "repeatable read", accessMode: "read only" },
  );
}

/** The heads of all sets, for a list that is kept outside the house. */
export async function allHeads(db: Db): Promise<{ heads: Heads[]; troubles: { name: string; text: string }[] }> {
  const heads: Heads[] = [];
  const troubles: { name: string; text: string }[] = [];
  for (const { id } of await db.select({ id: set.id }).from(set).orderBy(asc(set.id))) {
    const found = await verifySet(db, id);
    if (!found) continue;
    heads.push(found.heads);
    troubles.push(...found.troubles.map((text) => ({ name: found.heads.name, text })));
  }
  return { heads, troubles };
}

/** Where the sets of today are not what an earlier list says: entries that were sealed then are still there, unchanged. */
export async function against(db: Db, earlier: readonly Heads[]): Promise<string[]> {
  const said: string[] = [];
  for (const old of earlier) {
    const found = await verifySet(db, old.setId);
    if (!found) {
      said.push(`${old.name}: the set is gone.`);
      continue;
    }
    const { entries, files } = found;
    if (headOf(entries.slice(0, old.entries)) !== old.head || entries.length < old.entries)
      said.push(`${old.name}: its first ${old.entries} entries are not those of the list.`);
    if (headOf(files.slice(0, old.files)) !== old.filesHead || files.length < old.files)
      said.push(`${old.name}: its first ${old.files} photos and files are not those of the list.`);
    if (found.heads.owner !== old.owner) said.push(`${old.name}: its owner, model or serial number was changed since.`);
  }
  return said;
}

type SealLine = { setId: string; of: "entries" | "files"; count: number; seal: string };

/**
 * Is a line of an earlier list true of the logbook as it lies there now? Every seal up to that place is made anew, so
 * that a change that was sealed over shows.
 * @param seal its beginning, hexadecimal
 */
export async function sealHolds(db: Db, { setId, of, count: n, seal }: SealLine) {
  const found = await verifySet(db, setId);
  if (!found) return { ok: false as const, message: "This set is not here." };
  const sealed = found[of].length;
  const what = of === "entries" ? count(n, "entry", "entries") : count(n, "photo or file", "photos and files");
  if (n > sealed)
    return { ok: false as const, message: `Here are ${sealed}, the sheet says ${n}: something was taken away.` };
  const broken = of === "entries" ? brokenAt(found.entries.slice(0, n)) : brokenFileAt(found.files.slice(0, n));
  if (broken) return { ok: false as const, message: `The seals do not hold: ${broken.message}` };
  const head = headOf(found[of].slice(0, n));
  if (!head.startsWith(seal))
    return {
      ok: false as const,
      message: `The seal of the first ${what} is ${head.slice(0, 8)} ${head.slice(8, 16)}… here. If the sheet is typed rightly, something was changed.`,
    };
  return { ok: true as const, said: `The first ${what} are those of the sheet; ${sealed - n} came since.` };
}

/** Checks the set whose seals were not checked for the longest time. @returns its name when something is wrong */
export async function checkNextSet(db: Db): Promise<string | undefined> {
  const [next] = await db
    .select({ id: set.id })
    .from(set)
    .leftJoin(sealCheck, eq(sealCheck.setId, set.id))
    .orderBy(sql`${sealCheck.at} asc nulls first`)
    .limit(1);
  const found = next && (await verifySet(db, next.id));
  if (!found) return undefined;
  const row = { at: new Date().toISOString(), troubles: found.troubles };
  await db
    .insert(sealCheck)
    .values({ setId: next.id, ...row })
    .onConflictDoUpdate({ target: sealCheck.setId, set: row });
  return found.troubles.length > 0 ? found.heads.name : undefined;
}

/** Sets whose seals do not hold, by the last check of each: every page says so. */
export async function brokenSeals(db: Tx): Promise<string[]> {
  const broken = await db
    .select({ id: sealCheck.setId })
    .from(sealCheck)
    .where(sql`jsonb_array_length(${sealCheck.troubles}) > 0`)
    .limit(50);
  return broken.map(({ id }) => id);
}

export type SealState = {
  sets: number;
  checked: number;
  /** the oldest check, of the sets that were checked */
  since?: string;
  broken: { setId: string; name: string; at: string; troubles: string[] }[];
};

/** How far the slow check of all sets is, and what it found. */
export async function sealState(db: Tx): Promise<SealState> {
  const [all] = await db
    .select({
      sets: sql<number>`count(*)::int`,
      checked: sql<number>`count(${sealCheck.setId})::int`,
      since: sql<string | null>`min(${sealCheck.at})::text`,
    })
    .from(set)
    .leftJoin(sealCheck, eq(sealCheck.setId, set.id));
  const broken = await db
    .select()
    .from(sealCheck)
    .innerJoin(set, eq(set.id, sealCheck.setId))
    .innerJoin(model, eq(model.id, set.modelId))
    .where(sql`jsonb_array_length(${sealCheck.troubles}) > 0`)
    .orderBy(asc(sealCheck.at))
    .limit(50);
  return {
    sets: all?.sets ?? 0,
    checked: all?.checked ?? 0,
    ...(all?.since ? { since: iso(all.since) } : {}),
    broken: broken.map((row) => ({
      setId: row.set.id,
      name: nameOf(row),
      at: iso(row.seal_check.at),
      troubles: row.seal_check.troubles,
    })),
  };
}
