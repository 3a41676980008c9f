"use server";

import { z } from "zod";
import { database } from "@/db/client";
import { move } from "@/db/stock";
import { action, personId } from "@/server/action";

const changeSchema = z.object({
  partId: z.uuid(),
  kind: z.enum(["reserved", "released", "sent-back"]),
  count: z.number().int().min(1).max(1000),
  visitId: z.uuid(),
  note: z.string().max(200),
});

/** Sets a part of a modification aside, gives it free, or sends back one that is not needed after all. */
export async function movePart(change: unknown) {
  return action(
    "move part",
    async () => {
      const { note, visitId, ...one } = changeSchema.parse(change);
      const visit = one.kind === "sent-back" ? {} : { visitId };
      return move(database(), { ...one, ...visit }, { by: personId(), note });
    },
    { failed: "Nothing was moved." },
  );
}
