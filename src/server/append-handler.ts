import { database } from "@/db/client";
import { append } from "@/db/entries";
import { bodyUpTo, jsonIn } from "./body";
import { currentPerson, PERSON_COOKIE } from "./person";
import { cookie, failed, foreign, refuse } from "./request";

/** Longest request that can be an entry, bytes; a text of an entry is far below it. */
const LONGEST_REQUEST = 200_000;

/** Takes one draft entry, appends it, and answers with the entry as the log holds it. Sending it again is harmless. */
export async function handleAppend(request: Request): Promise<Response> {
  if (foreign(request)) return refuse(403, "This request came from another site.");
  try {
    const body = await bodyUpTo(request, LONGEST_REQUEST);
    if (!body) return refuse(413, "That is too long for one entry: split it into several notes.");
    const draft = jsonIn(body);
    if (draft === undefined) return refuse(400, "That was not an entry.");
    const { person } = await currentPerson(cookie(request, PERSON_COOKIE));
    const appended = await append(database(), draft, person.id, Date.now());
    return appended.ok
      ? Response.json({ entry: appended.entry })
      : Response.json({ problems: appended.problems }, { status: 422 });
  } catch (error) {
    return failed("append", error, "The entry could not be saved; it is kept here and tried again.");
  }
}
