"use server";

import { revalidatePath } from "next/cache";
import { z } from "zod";
import { figuresSchema } from "@/core/diagnosis";
import { database } from "@/db/client";
import type { Saved } from "@/db/customers";
import { saveFaultFigures } from "@/db/shop";
import { logFailure } from "@/server/log";

/** Keeps the shop's own figures for faults. */
export async function changeFigures(figures: unknown, version: unknown): Promise<Saved> {
  const read = figuresSchema.safeParse(figures);
  if (!read.success) return { ok: false, message: read.error.issues[0]?.message ?? "That is no figure." };
  try {
    const saved = await saveFaultFigures(database(), read.data, z.number().int().min(0).parse(version));
    if (saved.ok) revalidatePath("/", "layout");
    return saved;
  } catch (error) {
    return {
      ok: false,
      message: `The figures could not be saved; they are still here. Reference ${logFailure("change figures", error)}.`,
    };
  }
}
