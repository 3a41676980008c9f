"use server";

import { cookies } from "next/headers";
import { z } from "zod";
import { database } from "@/db/client";
import { reserveFor, type Moved } from "@/db/stock";
import { logFailure } from "@/server/log";
import { currentPerson, PERSON_COOKIE } from "@/server/person";

const wantedSchema = z.array(z.tuple([z.uuid(), z.number().int().min(1).max(1000)])).max(2000);

/** Sets the parts of a plan aside for a visit, all of them or none; what is no longer wanted is released. */
export async function reservePlan(visitId: unknown, wanted: unknown): Promise<Moved> {
  try {
    const { person } = await currentPerson((await cookies()).get(PERSON_COOKIE)?.value);
    return await reserveFor(database(), z.uuid().parse(visitId), new Map(wantedSchema.parse(wanted)), person.id);
  } catch (error) {
    return { ok: false, message: `Nothing was reserved. Reference ${logFailure("reserve plan", error)}.` };
  }
}
