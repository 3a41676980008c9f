import { sql } from "drizzle-orm";
import { customType, timestamp } from "drizzle-orm/pg-core";

/** A moment as text, as the logbook has it. */
export const moment = (name: string) => timestamp(name, { withTimezone: true, mode: "string" });
export const now = () => sql`now()`;

export const bytes = customType<{ data: Uint8Array; driverData: Uint8Array }>({ dataType: () => "bytea" });
