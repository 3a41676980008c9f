import { and, asc, count, eq, sql } from "drizzle-orm";
import { roleOfWords, signInName, type Role } from "@/core/access";
import { signInUser } from "./access-schema";
import type { Tx } from "./client";
import type { Saved } from "./customers";
import { databaseError } from "./error";
import { person } from "./schema";

export type Person = typeof person.$inferSelect;

/** Everyone of this shop, in the order in which they came; those who have left, too. */
export const everyone = (db: Tx): Promise<Person[]> =>
  db.select().from(person).where(eq(person.shop, "")).orderBy(asc(person.id));

/** Everyone who works here now. */
export const people = (db: Tx): Promise<Person[]> =>
  db
    .select()
    .from(person)
    .where(and(eq(person.shop, ""), eq(person.retired, false)))
    .orderBy(asc(person.id));

/** One of the shop's people. */
export const personById = async (db: Tx, id: string): Promise<Person | undefined> =>
  (
    await db
      .select()
      .from(person)
      .where(and(eq(person.id, id), eq(person.shop, "")))
  )[0];

export const personByName = async (db: Tx, name: string): Promise<Person | undefined> =>
  (await everyone(db)).find((one) => signInName(one.name) === signInName(name));

/** Takes somebody on. Two people of one shop are told apart by their names, whatever the case of their letters. */
export async function addPerson(db: Tx, who: Pick<Person, "id" | "name" | "access">): Promise<Saved> {
  const known = await personByName(db, who.name);
  if (known)
    return {
      ok: false,
      message: known.retired
        ? `${known.name} worked here before: bring them back in the list.`
        : `${known.name} works here already.`,
    };
  const [made] = await db.insert(person).values(who).onConflictDoNothing().returning();
  return made ? { ok: true, version: 1 } : { ok: false, message: `${who.name} works here already.` };
}

/** Owners who can sign in: without one, nobody could change anything about people. */
const ownersBut = async (db: Tx, id: string): Promise<number> => {
  const [row] = await db
    .select({ n: count() })
    .from(person)
    .where(and(eq(person.shop, ""), eq(person.access, "owner"), eq(person.retired, false), sql`${person.id} <> ${id}`));
  return row?.n ?? 0;
};

/** Changes what somebody is called, what they may do, and whether they work here. Nobody is deleted. */
export async function changePerson(db: Tx, who: Pick<Person, "id" | "name" | "access" | "retired">): Promise<Saved> {
  const { id, name, access, retired } = who;
  const known = await personByName(db, name);
  if (known && known.id !== id) return { ok: false, message: `${known.name} is in the list already.` };
  const now = await personById(db, id);
  if (!now) return { ok: false, message: "That person is not in the list any more: reload the page." };
  if (now.access === "owner" && (access !== "owner" || retired) && (await ownersBut(db, id)) === 0)
    return { ok: false, message: `${now.name} is the only owner: make somebody else an owner first.` };
  try {
    await db.update(person).set({ name, access, retired }).where(eq(person.id, id));
  } catch (error) {
    if (databaseError(error).code === "23505") return { ok: false, message: `${name} is in the list already.` };
    throw error;
  }
  await db
    .update(signInUser)
    .set({ name, username: signInName(name) })
    .where(eq(signInUser.id, id));
  return { ok: true, version: 1 };
}

/** Roles for people of an older program, from the words that it had for them. */
export async function rolesFromWords(db: Tx): Promise<void> {
  const found: { id: string; access: Role }[] = (await db.select().from(person)).map(({ id, role }) => ({
    id,
    access: roleOfWords(role),
  }));
  for (const { id, access } of found) await db.update(person).set({ access }).where(eq(person.id, id));
}

/** Names of everyone who ever wrote in a logbook here, those of other shops with their shop. */
export async function writers(db: Tx): Promise<{ id: string; name: string }[]> {
  const rows = await db.select().from(person).orderBy(asc(person.id));
  return rows.map(({ id, name, shop }) => ({ id, name: shop ? `${name} (${shop})` : name }));
}
