import { asc, eq } from "drizzle-orm";
import type { Tx } from "./client";
import type { Saved } from "./customers";
import { person } from "./schema";

export type Person = typeof person.$inferSelect;

/** Everyone who works here, in the order in which they came. */
export const people = (db: Tx): Promise<Person[]> =>
  db.select().from(person).where(eq(person.shop, "")).orderBy(asc(person.id));

/** Takes somebody on. Two people of one shop are told apart by their names. */
export async function addPerson(db: Tx, who: Pick<Person, "id" | "name" | "role">): Promise<Saved> {
  const [made] = await db.insert(person).values(who).onConflictDoNothing().returning();
  return made ? { ok: true, version: 1 } : { ok: false, message: `${who.name} works here already.` };
}

/** Names of everyone who ever wrote in a logbook here, those of other shops with their shop. */
export async function writers(db: Tx): Promise<{ id: string; name: string }[]> {
  const rows = await db.select().from(person).orderBy(asc(person.id));
  return rows.map(({ id, name, shop }) => ({ id, name: shop ? `${name} (${shop})` : name }));
}
