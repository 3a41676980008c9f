"use server";

import { z } from "zod";
import { database } from "@/db/client";
import { reserveFor } from "@/db/stock";
import { action, personId } from "@/server/action";

/** Gives free what is still set aside for a visit: its set leaves, and somebody else waits for the parts. */
export async function releaseParts(visitId: unknown) {
  return action("release parts", async () => reserveFor(database(), z.uuid().parse(visitId), new Map(), personId()), {
    failed: "Nothing was released.",
  });
}
