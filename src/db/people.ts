import { asc, eq } from "drizzle-orm";
import type { Tx } from "./client";
import { person } from "./schema";

export type Person = typeof person.$inferSelect;

/** Everyone who works here, in the order in which they came. */
export const people = (db: Tx): Promise<Person[]> =>
  db.select().from(person).where(eq(person.shop, "")).orderBy(asc(person.id));

/** Names of everyone who ever wrote in a logbook here, those of other shops with their shop. */
export async function writers(db: Tx): Promise<{ id: string; name: string }[]> {
  const rows = await db.select().from(person).orderBy(asc(person.id));
  return rows.map(({ id, name, shop }) => ({ id, name: shop ? `${name} (${shop})` : name }));
}
