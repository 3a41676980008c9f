"use server";

import { z } from "zod";
import { database } from "@/db/client";
import { customerByName } from "@/db/customers";
import { enquiryCame } from "@/db/enquiries";
import { takeIn, type TakenIn } from "@/db/sets";
import { shopOf } from "@/db/shop";
import { action, personId } from "@/server/action";
import { newJobFields, sheetOf, takeInPayload, type NewJobFields } from "./schema";

const ids = z.object({ set: z.uuid(), visit: z.uuid(), entry: z.uuid(), customer: z.uuid(), model: z.uuid() });
/** Ids of what exists already win over the new ones that the page made. */
export type JobIds = z.infer<typeof ids> & { knownCustomer?: string; knownModel?: string; enquiry?: string };

const known = z.object({
  knownCustomer: z.uuid().optional(),
  knownModel: z.uuid().optional(),
  /** the enquiry that becomes this job */
  enquiry: z.uuid().optional(),
});

/** Takes a set in. Sending the same ids again changes nothing, so a lost answer is no harm. */
export async function takeSetIn(typed: NewJobFields, given: JobIds): Promise<TakenIn> {
  const answer = await action("take in", () => checkedIn(typed, given), {
    failed: "It could not be saved; nothing typed here is lost.",
  });
  return "message" in answer ? { ok: false, problems: [{ path: "", message: answer.message }] } : answer;
}

async function checkedIn(typed: NewJobFields, given: JobIds): Promise<TakenIn> {
  const fields = newJobFields.safeParse(typed);
  const id = ids.and(known).safeParse(given);
  if (!fields.success)
    return { ok: false, problems: fields.error.issues.map(({ path, message }) => ({ path: path.join("."), message })) };
  if (!id.success) return { ok: false, problems: [{ path: "", message: "This page is out of date: reload it." }] };
  const { setId, owner, contact, serial, newModel, takeIn: words } = fields.data;
  const { knownModel } = id.data;
  // Whoever types a name to its end before the shop's list has come means the customer of that name.
  const knownCustomer = id.data.knownCustomer ?? (owner ? (await customerByName(database(), owner))?.id : undefined);
  if (!knownCustomer && !owner) return { ok: false, problems: [{ path: "owner", message: "The owner is missing." }] };
  if (!knownModel && !newModel) return { ok: false, problems: [{ path: "model", message: "The model is missing." }] };
  const { currency } = await shopOf(database());
  const now = Date.now();
  const taken = await takeIn(
    database(),
    {
      customer: knownCustomer ? { id: knownCustomer } : { id: id.data.customer, name: owner, contact },
      model:
        knownModel || !newModel
          ? { id: knownModel ?? "" }
          : {
              id: id.data.model,
              maker: newModel.maker,
              designation: newModel.designation,
              nickname: newModel.nickname || null,
              year: newModel.year === "" ? null : newModel.year,
              sheet: sheetOf(newModel),
            },
      set: { id: setId || id.data.set, serial },
      visitId: id.data.visit,
      openedAt: new Date(now).toISOString(),
      takeIn: { id: id.data.entry, payload: takeInPayload(words, currency) },
    },
    personId(),
    now,
  );
  if (taken.ok && id.data.enquiry) await enquiryCame(database(), id.data.enquiry, id.data.visit);
  return taken;
}
