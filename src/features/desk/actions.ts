"use server";

import { z } from "zod";
import { complaintKeys } from "@/core/diagnosis";
import { soldFor } from "@/core/handback";
import { roughPrice, setClass, SET_CLASSES, type RoughPrice } from "@/core/plan";
import { database } from "@/db/client";
import { dropEnquiry, saveEnquiry } from "@/db/enquiries";
import { modelById } from "@/db/models";
import { shopPast } from "@/db/plan";
import { shopOf, shopTerms } from "@/db/shop";
import { action, personId, read, refuse, type Answer } from "@/server/action";
import { enquiryFields } from "./schema";

const id = z.uuid();
const asked = z.object({
  modelId: id.optional(),
  setClass: z.enum(["", ...SET_CLASSES]),
  complaint: z.string().max(1000),
});

/** What such a set came to as a rule, out of the shop's own past. */
async function priceFor(wanted: z.infer<typeof asked>): Promise<RoughPrice | undefined> {
  const db = database();
  const [past, { terms }, { currency }] = [(await shopPast(db)).past, await shopTerms(db), await shopOf(db)];
  const model = wanted.modelId ? await modelById(db, wanted.modelId) : undefined;
  const ofClass = model ? setClass(model.sheet) : wanted.setClass || undefined;
  const complaint = complaintKeys(wanted.complaint);
  // Parts in another currency cannot be added up: those visits say nothing here.
  const mine = past
    .filter((one) => one.currency === "" || one.currency === currency)
    .map((one) => ({ ...one, partsMinor: soldFor(one.partsMinor, terms) }));
  return roughPrice({ modelId: model?.id, setClass: ofClass, complaint }, mine, terms);
}

export async function askRoughPrice(typed: unknown) {
  return action(
    "rough price",
    async () => ({ ok: true as const, price: (await priceFor(asked.parse(typed))) ?? null }),
    {
      failed: "The price could not be worked out.",
    },
  );
}

/** Writes an enquiry down, with the rough price as it was told. */
export async function keepEnquiry(enquiry: unknown, typed: unknown, modelId: unknown, seen: unknown) {
  return action(
    "save enquiry",
    async () => {
      const { model: _model, expectedOn, ...fields } = read(enquiryFields, typed);
      const known = id.nullable().parse(modelId);
      const price = await priceFor({
        setClass: fields.setClass,
        complaint: fields.complaint,
        ...(known ? { modelId: known } : {}),
      });
      const row = {
        id: id.parse(enquiry),
        ...fields,
        modelId: known,
        expectedOn: expectedOn || null,
        price: price ?? null,
      };
      return saveEnquiry(database(), row, personId(), z.number().int().min(0).parse(seen));
    },
    { shownOn: "/" },
  );
}

/** The set does not come; or it is awaited again. */
export async function letGo(enquiry: unknown, dropped: unknown) {
  return action(
    "drop enquiry",
    async (): Promise<Answer> =>
      (await dropEnquiry(database(), id.parse(enquiry), z.boolean().parse(dropped)))
        ? { ok: true }
        : refuse("Somebody else has changed this enquiry meanwhile: reload the page."),
    { shownOn: "/" },
  );
}
