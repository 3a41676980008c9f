"use server";

import { cookies } from "next/headers";
import { z } from "zod";
import { database } from "@/db/client";
import { reserveFor, type Moved } from "@/db/stock";
import { logFailure } from "@/server/log";
import { currentPerson, PERSON_COOKIE } from "@/server/person";

/** Gives free what is still set aside for a visit: its set leaves, and somebody else waits for the parts. */
export async function releaseParts(visitId: unknown): Promise<Moved> {
  try {
    const { person } = await currentPerson((await cookies()).get(PERSON_COOKIE)?.value);
    return await reserveFor(database(), z.uuid().parse(visitId), new Map(), person.id);
  } catch (error) {
    return { ok: false, message: `Nothing was released. Reference ${logFailure("release parts", error)}.` };
  }
}
