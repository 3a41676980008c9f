import { randomBytes } from "node:crypto";
import postgres from "postgres";
import { ensureDatabase } from "../../scripts/cluster";

/** The name of a database that no other test has. */
export const ownName = () => `t_${randomBytes(6).toString("hex")}`;

/**
 * A copy of a database that is made when one is first asked for, by `make`. The one that is copied has its name once it
 * is whole: nothing copies what a failed test has left half made.
 * @returns the address of the copy
 */
export async function copyOf(server: string, name: string, make: (url: string) => Promise<unknown>): Promise<string> {
  const at = (database: string) => server.replace(/\/postgres$/, `/${database}`);
  const sql = postgres(server, { max: 1, onnotice: () => {} });
  try {
    const [whole] = await sql`select 1 from pg_database where datname = ${name}`;
    if (!whole) {
      const unfinished = `${name}_unfinished`;
      await ensureDatabase(server, unfinished, true);
      await make(at(unfinished));
      await sql.unsafe(`alter database "${unfinished}" rename to "${name}"`);
    }
    const copy = ownName();
    await ensureDatabase(server, copy, false, name);
    return at(copy);
  } finally {
    await sql.end();
  }
}
