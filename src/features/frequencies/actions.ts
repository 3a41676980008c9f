"use server";

import { z } from "zod";
import { airSchema } from "@/core/frequencies";
import { database } from "@/db/client";
import { saveAir } from "@/db/shop";
import { action, read } from "@/server/action";

/** Keeps the shop's ITU region, and its own allocations. */
export async function changeAir(air: unknown, version: unknown) {
  return action(
    "change allocations",
    async () => saveAir(database(), read(airSchema, air), z.number().int().min(0).parse(version)),
    { shownOn: "/" },
  );
}
