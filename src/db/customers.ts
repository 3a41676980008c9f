import { and, asc, eq, ilike, sql } from "drizzle-orm";
import type { Tx } from "./client";
import { customer } from "./schema";

export type Customer = typeof customer.$inferSelect;

export const customers = (db: Tx): Promise<Customer[]> => db.select().from(customer).orderBy(asc(customer.name));

/** Customers whose name has what is typed, a few of them. */
export const knownCustomers = (db: Tx, text: string): Promise<Pick<Customer, "id" | "name">[]> =>
  text.trim() === ""
    ? Promise.resolve([])
    : db
        .select({ id: customer.id, name: customer.name })
        .from(customer)
        .where(ilike(customer.name, `%${text.trim().replace(/[\\%_]/g, (char) => `\\${char}`)}%`))
        .orderBy(asc(customer.name))
        .limit(12);

/** A customer by their name, whatever the case of its letters. */
export const customerByName = async (db: Tx, name: string): Promise<Customer | undefined> =>
  (
    await db
      .select()
      .from(customer)
      .where(sql`lower(${customer.name}) = lower(${name.trim()})`)
      .limit(1)
  )[0];

export type Saved = { ok: true; version: number } | { ok: false; message: string };

export const STALE =
  "Somebody else changed this in the meantime. What you typed is still here: reload to see theirs, then save again.";

/** Changes a customer if nobody else has done so since `version` was read. */
export async function saveCustomer(db: Tx, change: Customer): Promise<Saved> {
  const { id, version, ...fields } = change;
  const [row] = await db
    .update(customer)
    .set({ ...fields, version: sql`${customer.version} + 1` })
    .where(and(eq(customer.id, id), eq(customer.version, version)))
    .returning({ version: customer.version });
  return row ? { ok: true, version: row.version } : { ok: false, message: STALE };
}
