import { sql } from "drizzle-orm";
import { isAPIError } from "better-auth/api";
import { database } from "@/db/client";
import { personById, type Person } from "@/db/people";
import { auth } from "./auth";

export type Here = {
  kind: "here";
  person: Person;
  sessionId: string;
  token: string;
  turnId: string | null;
  /** the password is one that somebody else has seen */
  mustChange: boolean;
};
/** Who asks: nobody that is known, somebody whose screen is locked, or somebody who is here. */
export type Standing = { kind: "nobody" } | (Omit<Here, "kind"> & { kind: "locked" }) | Here;

/** Who asks, by the session that the cookie of a request names. */
export async function standing(headers: Headers): Promise<Standing> {
  const found = await auth()
    .api.getSession({ headers })
    .catch(async (error: unknown) => {
      // The library says of a database that is away that a session cannot be read: the database says it better.
      if (isAPIError(error)) await database().execute(sql`select 1`);
      throw error;
    });
  if (!found) return { kind: "nobody" };
  const { session, user } = found;
  const person = await personById(database(), user.id);
  if (!person || person.retired) return { kind: "nobody" };
  return {
    kind: session.locked ? "locked" : "here",
    person,
    sessionId: session.id,
    token: session.token,
    turnId: session.turnId ?? null,
    mustChange: user.mustChange === true,
  };
}
