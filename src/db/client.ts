import { drizzle, type PostgresJsDatabase } from "drizzle-orm/postgres-js";
import postgres from "postgres";
import * as access from "./access-schema";
import * as money from "./money-schema";
import * as orders from "./order-schema";
import * as plan from "./plan-schema";
import * as practice from "./practice-schema";
import * as tables from "./schema";
import * as stock from "./stock-schema";
import * as summaries from "./summary-schema";

const schema = { ...tables, ...access, ...money, ...orders, ...plan, ...practice, ...stock, ...summaries };

export type Db = PostgresJsDatabase<typeof schema>;
/** A database or a transaction on it. */
export type Tx = Db | Parameters<Parameters<Db["transaction"]>[0]>[0];

type Held = { db: Db; close: () => Promise<void> };

/** Opens a connection pool of its own; the caller closes it. */
export function connect(url: string, max = 10): Held {
  const client = postgres(url, {
    max,
    onnotice: () => {},
    // A database that is away is asked again soon: pages say so at once, and are well when it is back.
    connect_timeout: 3,
    backoff: () => 0.25,
    // Instants are stored without a zone of their own; what a server's zone was in 1930 is nobody's business.
    connection: {
      TimeZone: "UTC",
      // Nothing that a page asks takes so long, ms; what does would hold a place in the pool for ever.
      statement_timeout: 60_000,
      idle_in_transaction_session_timeout: 300_000,
    },
  });
  return { db: drizzle(client, { schema }), close: () => client.end({ timeout: 5 }) };
}

// The development server loads modules again on every change; the pool outlives them.
const global = globalThis as typeof globalThis & { jumelleDatabase?: Held };

/** The application's database, from `DATABASE_URL`. */
export function database(): Db {
  const url = process.env.DATABASE_URL;
  if (!url) throw new Error("DATABASE_URL is not set: start the application with bin/demo, or set it.");
  global.jumelleDatabase ??= connect(url);
  return global.jumelleDatabase.db;
}
