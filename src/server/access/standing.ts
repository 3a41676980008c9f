import { database } from "@/db/client";
import { personById, type Person } from "@/db/people";
import { lacksCode } from "@/db/second-factor";
import { noteUse } from "@/db/sessions";
import { auth, withCause } from "./auth";

export type Here = {
  kind: "here";
  person: Person;
  sessionId: string;
  token: string;
  turnId: string | null;
  /** the password is one that somebody else has seen */
  mustChange: boolean;
  /** the shop asks everybody for a code from a phone, and they have none yet */
  lacksCode: boolean;
};
/** Who asks: nobody that is known, somebody whose screen is locked, or somebody who is here. */
export type Standing = { kind: "nobody" } | (Omit<Here, "kind"> & { kind: "locked" }) | Here;

/** How often the last use of a session is noted, ms. */
const NOTED_EVERY_MS = 3_600_000;

/** Who asks, by the session that the cookie of a request names. */
export async function standing(headers: Headers): Promise<Standing> {
  const found = await withCause(() => auth().api.getSession({ headers }));
  if (!found) return { kind: "nobody" };
  const { session, user } = found;
  const person = await personById(database(), user.id);
  if (!person || person.retired) return { kind: "nobody" };
  // When it was last used is a comfort: a database that cannot write just now still reads.
  if (Date.now() - session.updatedAt.getTime() > NOTED_EVERY_MS)
    void noteUse(database(), session.id).catch(() => undefined);
  return {
    kind: session.locked ? "locked" : "here",
    person,
    sessionId: session.id,
    token: session.token,
    turnId: session.turnId ?? null,
    mustChange: user.mustChange === true,
    lacksCode: await lacksCode(database(), person.id),
  };
}
