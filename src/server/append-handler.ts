import { database } from "@/db/client";
import { append, rightFor } from "@/db/entries";
import { denied } from "./access/demand";
import type { Here } from "./access/standing";
import { writerOf } from "./access/writer";
import { bodyUpTo, jsonIn } from "./body";
import { failed, refuse } from "./request";

/** Longest request that can be an entry, bytes; a text of an entry is far below it. */
const LONGEST_REQUEST = 200_000;

/** Takes one draft entry, appends it, and answers with the entry as the log holds it. Sending it again is harmless. */
export async function handleAppend(request: Request, here: Here): Promise<Response> {
  try {
    const body = await bodyUpTo(request, LONGEST_REQUEST);
    if (!body) return refuse(413, "That is too long for one entry: split it into several notes.");
    const draft = jsonIn(body);
    if (draft === undefined) return refuse(400, "That was not an entry.");
    const writer = await writerOf(request, body, here);
    if (!writer.ok) return refuse(writer.status, writer.message);
    const why = denied(
      { ...here, person: writer.person },
      await rightFor(database(), draft as { kind?: unknown; amends?: unknown }),
    );
    // It can be that the writer's role has changed since: the entry is refused like any other that does not fit.
    if (why) return refuse(here.mustChange ? why.status : 422, why.message);
    const { id, access } = writer.person;
    const appended = await append(database(), draft, id, Date.now(), { apprentice: access === "apprentice" });
    return appended.ok
      ? Response.json({ entry: appended.entry })
      : Response.json({ problems: appended.problems }, { status: 422 });
  } catch (error) {
    return failed("append", error, "The entry could not be saved; it is kept here and tried again.");
  }
}
