"use server";

import { cookies } from "next/headers";
import { revalidatePath } from "next/cache";
import { z } from "zod";
import { cautionSchema } from "@/core/model";
import { database } from "@/db/client";
import type { Saved } from "@/db/customers";
import { keepCaution } from "@/db/models";
import { logFailure } from "@/server/log";
import { currentPerson, PERSON_COOKIE } from "@/server/person";

/** Keeps a caution or lesson of a visit with the model: it appears by itself at its step, on every set of it. */
export async function keepWithModel(modelId: unknown, caution: unknown): Promise<Saved> {
  const parsed = cautionSchema.safeParse(caution);
  if (!parsed.success) return { ok: false, message: "A caution is a sentence of at most 300 characters." };
  try {
    const { person } = await currentPerson((await cookies()).get(PERSON_COOKIE)?.value);
    const saved = await keepCaution(database(), z.uuid().parse(modelId), parsed.data, person.id);
    if (saved.ok) revalidatePath("/", "layout");
    return saved;
  } catch (error) {
    return { ok: false, message: `It could not be kept. Reference ${logFailure("keep caution", error)}.` };
  }
}
