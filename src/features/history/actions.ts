"use server";

import { revalidatePath } from "next/cache";
import { z } from "zod";
import { database } from "@/db/client";
import { saveCustomer, type Saved } from "@/db/customers";
import { logFailure } from "@/server/log";

const customerFields = z.object({
  id: z.uuid(),
  version: z.number().int().positive(),
  name: z.string().trim().min(1, "A customer has a name.").max(80, "The name is longer than 80 characters."),
  contact: z.string().trim().max(200, "Longer than 200 characters."),
  remarks: z.string().trim().max(2000, "Longer than 2000 characters."),
});

/** Changes a customer; refuses when somebody else has changed it since it was read. */
export async function changeCustomer(typed: unknown): Promise<Saved> {
  const parsed = customerFields.safeParse(typed);
  if (!parsed.success) return { ok: false, message: parsed.error.issues[0]?.message ?? "That does not fit." };
  try {
    const saved = await saveCustomer(database(), parsed.data);
    if (saved.ok) revalidatePath("/", "layout");
    return saved;
  } catch (error) {
    return {
      ok: false,
      message: `It could not be saved; what you typed is still here. Reference ${logFailure("change customer", error)}.`,
    };
  }
}
