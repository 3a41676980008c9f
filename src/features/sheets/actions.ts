"use server";

import { z } from "zod";
import { testSheetSchema } from "@/core/sheets";
import { database } from "@/db/client";
import { dropSheet, saveSheet } from "@/db/test-sheets";
import { action, read } from "@/server/action";

/** Makes or changes a test sheet of the shop's own. */
export async function changeSheet(sheet: unknown, version: unknown) {
  return action(
    "change test sheet",
    async () => saveSheet(database(), read(testSheetSchema, sheet), z.number().int().min(0).parse(version)),
    { shownOn: "/" },
  );
}

/** Takes a test sheet of the shop's own away; what was measured by it stays. */
export async function removeSheet(key: unknown) {
  return action("remove test sheet", async () => dropSheet(database(), z.string().max(40).parse(key)), {
    shownOn: "/",
  });
}
