"use server";

import { z } from "zod";
import { cautionSchema } from "@/core/model";
import { database } from "@/db/client";
import { keepCaution } from "@/db/models";
import { action, personId, refuse } from "@/server/action";

/** Keeps a caution or lesson of a visit with the model: it appears by itself at its step, on every set of it. */
export async function keepWithModel(modelId: unknown, caution: unknown) {
  return action(
    "keep caution",
    async () => {
      const parsed = cautionSchema.safeParse(caution);
      if (!parsed.success) return refuse("A caution is a sentence of at most 300 characters.");
      return keepCaution(database(), z.uuid().parse(modelId), parsed.data, personId());
    },
    { shownOn: "/" },
  );
}
