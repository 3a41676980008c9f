import { asc } from "drizzle-orm";
import type { Tx } from "./client";
import { person } from "./schema";

export type Person = typeof person.$inferSelect;

/** Everyone who works here, in the order in which they came. */
export const people = (db: Tx): Promise<Person[]> => db.select().from(person).orderBy(asc(person.id));
