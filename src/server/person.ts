import { database } from "@/db/client";
import { people, type Person } from "@/db/people";

/** The cookie that remembers who stands at the bench on this device. */
export const PERSON_COOKIE = "jumelle-person";

/** Whom the cookie names, else the first of the shop's people; nobody in a shop that is not open yet. */
export const chosenOf = (everyone: readonly Person[], chosen: string | undefined): Person | undefined =>
  everyone.find((one) => one.id === chosen) ?? everyone[0];

/**
 * Who is at the bench. For now one of the shop's people, chosen in the header; sign-in will replace what is inside
 * here and nothing else.
 * @param chosen the value of the cookie
 */
export async function currentPerson(chosen: string | undefined): Promise<{ person: Person; everyone: Person[] }> {
  const everyone = await people(database());
  const person = chosenOf(everyone, chosen);
  if (!person) throw new Error("Nobody works in this shop yet: the database has no people.");
  return { person, everyone };
}
