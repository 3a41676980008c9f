import { sql } from "drizzle-orm";
import type { Db, Tx } from "./client";
import type { Saved } from "./customers";
import { addPerson, everyone, type Person } from "./people";
import { saveShop, type Shop } from "./shop";

/** Any number that no other lock of this database has. */
const FIRST_DAY = 19_370;

/** An empty database is filled by one at a time: whoever comes second finds it filled. */
export const oneAtATime = (tx: Tx) => tx.execute(sql`select pg_advisory_xact_lock(${FIRST_DAY})`);

/** Opens a shop in an empty database: what it says of itself, and the first of its people, who is its owner. */
export const openShop = (
  db: Db,
  shop: Omit<Shop, "version">,
  who: Pick<Person, "id" | "name">,
  signIn: (tx: Tx) => Promise<void>,
): Promise<Saved> =>
  db.transaction(async (tx) => {
    await oneAtATime(tx);
    if ((await everyone(tx)).length > 0)
      return { ok: false, message: "Somebody has opened this shop meanwhile: load the page again." };
    const added = await addPerson(tx, { ...who, access: "owner" });
    if (!added.ok) return added;
    await signIn(tx);
    return saveShop(tx, { ...shop, version: 0 });
  });
