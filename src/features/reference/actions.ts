"use server";

import { revalidatePath } from "next/cache";
import { z } from "zod";
import { SUPPLIES } from "@/core/model";
import { database } from "@/db/client";
import type { Saved } from "@/db/customers";
import { modelById, saveSheet } from "@/db/models";
import { logFailure } from "@/server/log";

const volts = (what: string, most: number) =>
  z
    .number(`${what} is a number of volts.`)
    .min(1, `${what} lies between 1 and ${most} V.`)
    .max(most, `${what} lies between 1 and ${most} V.`);

const basics = z.object({
  id: z.uuid(),
  version: z.number().int().positive(),
  kind: z.string().trim().min(1, "Say what the model is.").max(120, "Longer than 120 characters."),
  supply: z.enum(SUPPLIES),
  lineVolts: volts("The supply voltage", 480),
  highestVolts: volts("The highest voltage inside", 20_000),
  watts: z
    .number("Watts are a number.")
    .min(0.01, "Watts are above zero.")
    .max(20_000, "More than 20 kW is no bench set.")
    .optional(),
  dialect: z.enum(["m-is-thousand", "m-is-million"]).optional(),
});

/** Changes what a model is; refuses when somebody else has changed it since it was read. */
export async function changeBasics(typed: unknown): Promise<Saved> {
  const parsed = basics.safeParse(typed);
  if (!parsed.success) return { ok: false, message: parsed.error.issues[0]?.message ?? "That does not fit." };
  const { id, version, ...fields } = parsed.data;
  try {
    const model = await modelById(database(), id);
    if (!model) return { ok: false, message: "This model is not in the books any more." };
    const { watts: _watts, dialect: _dialect, ...sheet } = model.sheet;
    const saved = await saveSheet(database(), id, version, { ...sheet, ...fields });
    if (saved.ok) revalidatePath("/", "layout");
    return saved;
  } catch (error) {
    return {
      ok: false,
      message: `It could not be saved; what you typed is still here. Reference ${logFailure("change model", error)}.`,
    };
  }
}
