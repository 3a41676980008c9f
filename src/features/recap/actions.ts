"use server";

import { z } from "zod";
import { database } from "@/db/client";
import { reserveFor } from "@/db/stock";
import { action, personId } from "@/server/action";

const wantedSchema = z.array(z.tuple([z.uuid(), z.number().int().min(1).max(1000)])).max(2000);

/** Sets the parts of a plan aside for a visit, all of them or none; what is no longer wanted is released. */
export async function reservePlan(visitId: unknown, wanted: unknown) {
  return action(
    "reserve plan",
    async () => reserveFor(database(), z.uuid().parse(visitId), new Map(wantedSchema.parse(wanted)), personId()),
    { failed: "Nothing was reserved." },
  );
}
