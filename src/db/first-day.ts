import { sql } from "drizzle-orm";
import type { Db, Tx } from "./client";
import type { Saved } from "./customers";
import { addPerson, people, type Person } from "./people";
import { saveShop, type Shop } from "./shop";

/** Any number that no other lock of this database has. */
const FIRST_DAY = 19_370;

/** An empty database is filled by one at a time: whoever comes second finds it filled. */
export const oneAtATime = (tx: Tx) => tx.execute(sql`select pg_advisory_xact_lock(${FIRST_DAY})`);

/** Opens a shop in an empty database: what it says of itself, and the first of its people. */
export const openShop = (
  db: Db,
  shop: Omit<Shop, "version">,
  who: Pick<Person, "id" | "name" | "role">,
): Promise<Saved> =>
  db.transaction(async (tx) => {
    await oneAtATime(tx);
    if ((await people(tx)).length > 0)
      return { ok: false, message: "Somebody has opened this shop meanwhile: load the page again." };
    const added = await addPerson(tx, who);
    return added.ok ? saveShop(tx, { ...shop, version: 0 }) : added;
  });
