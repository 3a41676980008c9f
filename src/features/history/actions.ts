"use server";

import { z } from "zod";
import { database } from "@/db/client";
import { saveCustomer } from "@/db/customers";
import { action, read } from "@/server/action";

const customerFields = z.object({
  id: z.uuid(),
  version: z.number().int().positive(),
  name: z.string().trim().min(1, "A customer has a name.").max(80, "The name is longer than 80 characters."),
  contact: z.string().trim().max(200, "Longer than 200 characters."),
  remarks: z.string().trim().max(2000, "Longer than 2000 characters."),
});

/** Changes a customer; refuses when somebody else has changed it since it was read. */
export async function changeCustomer(typed: unknown) {
  return action("change customer", async () => saveCustomer(database(), read(customerFields, typed)), { shownOn: "/" });
}
