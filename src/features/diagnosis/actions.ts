"use server";

import { z } from "zod";
import { figuresSchema } from "@/core/diagnosis";
import { database } from "@/db/client";
import { saveAtHand, saveFaultFigures } from "@/db/shop";
import { action, read } from "@/server/action";

/** Keeps the shop's own figures for faults. */
export async function changeFigures(figures: unknown, version: unknown) {
  return action(
    "change figures",
    async () => saveFaultFigures(database(), read(figuresSchema, figures), z.number().int().min(0).parse(version)),
    { shownOn: "/" },
  );
}

/** Keeps which instruments and spares the shop does not have at hand. */
export async function changeAtHand(lacking: unknown) {
  return action(
    "change what is at hand",
    async () => saveAtHand(database(), read(figuresSchema.shape.lacking, lacking)),
    { shownOn: "/" },
  );
}
