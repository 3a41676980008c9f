"use server";

import { cookies } from "next/headers";
import { z } from "zod";
import { database } from "@/db/client";
import { move, type Moved } from "@/db/stock";
import { logFailure } from "@/server/log";
import { currentPerson, PERSON_COOKIE } from "@/server/person";

const changeSchema = z.object({
  partId: z.uuid(),
  kind: z.enum(["reserved", "released", "sent-back"]),
  count: z.number().int().min(1).max(1000),
  visitId: z.uuid(),
  note: z.string().max(200),
});

/** Sets a part of a modification aside, gives it free, or sends back one that is not needed after all. */
export async function movePart(change: unknown): Promise<Moved> {
  try {
    const { person } = await currentPerson((await cookies()).get(PERSON_COOKIE)?.value);
    const { note, visitId, ...one } = changeSchema.parse(change);
    const by = { by: person.id, note };
    if (one.kind !== "sent-back") return await move(database(), { ...one, visitId }, by);
    return await move(database(), one, by);
  } catch (error) {
    return { ok: false, message: `Nothing was moved. Reference ${logFailure("move part", error)}.` };
  }
}
