import { desc, eq } from "drizzle-orm";
import type { EventName } from "@/core/access";
import { event } from "./access-schema";
import type { Tx } from "./client";
import { person } from "./schema";

export type Event = { id: number; at: string; what: EventName; by: string | null; about: string; address: string };

/** Notes what happened, for whoever has to look it up. */
export const noteEvent = async (
  db: Tx,
  what: EventName,
  { by, about = "", address = "" }: { by?: string | undefined; about?: string; address?: string } = {},
): Promise<void> =>
  void (await db
    .insert(event)
    .values({ what, by: by ?? null, about: about.slice(0, 200), address: address.slice(0, 80) }));

/** The latest events, newest first. */
export async function events(db: Tx, most: number): Promise<Event[]> {
  const rows = await db
    .select({ event, name: person.name })
    .from(event)
    .leftJoin(person, eq(person.id, event.by))
    .orderBy(desc(event.at), desc(event.id))
    .limit(most);
  return rows.map(({ event: { id, at, what, about, address }, name }) => ({
    id,
    at,
    what: what as EventName,
    by: name,
    about,
    address,
  }));
}
