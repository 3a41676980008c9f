"use server";

import { v7 } from "uuid";
import { z } from "zod";
import { database } from "@/db/client";
import { termsSchema } from "@/core/handback";
import { openShop } from "@/db/first-day";
import { addPerson } from "@/db/people";
import { saveMeter, saveShop, saveTerms } from "@/db/shop";
import { action, read, refuseFields } from "@/server/action";
import { sealHolds } from "@/db/verify";
import { readMeter, readPerson, readSealLine, readShop } from "./typed";

const text = z.string().max(400);
const shopSchema = z.object({ name: text, lineVolts: text, lineHz: text, currency: text, lamps: text, loads: text });
const meterSchema = z.object({ name: text, input: text, calibratedOn: text, everyMonths: text, retired: z.boolean() });
const personSchema = z.object({ name: text, role: text });
const version = z.number().int().min(0);

const fieldsOf = <T>(typed: { ok: true; value: T } | { ok: false; problems: Record<string, string> }): T =>
  typed.ok ? typed.value : refuseFields(typed.problems);

export async function changeShop(typed: unknown, seen: unknown) {
  return action(
    "change shop",
    async () => saveShop(database(), { ...fieldsOf(readShop(shopSchema.parse(typed))), version: version.parse(seen) }),
    { shownOn: "/" },
  );
}

export async function changeMeter(id: unknown, typed: unknown, seen: unknown) {
  return action(
    "change meter",
    async () => {
      const meter = fieldsOf(readMeter(meterSchema.parse(typed)));
      return saveMeter(database(), { ...meter, id: z.uuid().parse(id), version: version.parse(seen) });
    },
    { shownOn: "/" },
  );
}

/** What the shop works by: labour, tax, warranty, soak. */
export async function changeTerms(terms: unknown, seen: unknown) {
  return action("change terms", async () => saveTerms(database(), read(termsSchema, terms), version.parse(seen)), {
    shownOn: "/",
  });
}

/** Opens a shop in an empty database. */
export async function beginShop(typed: unknown, who: unknown) {
  return action(
    "open shop",
    async () => {
      const shop = fieldsOf(readShop(shopSchema.parse(typed)));
      const person = fieldsOf(readPerson(personSchema.parse(who)));
      return openShop(database(), shop, { id: v7(), ...person });
    },
    { shownOn: "/" },
  );
}

/** Takes somebody on. */
export async function takeOn(who: unknown) {
  return action(
    "take on",
    async () => addPerson(database(), { id: v7(), ...fieldsOf(readPerson(personSchema.parse(who))) }),
    { shownOn: "/" },
  );
}

const sealLineSchema = z.object({ setId: z.uuid(), of: z.enum(["entries", "files"]), count: text, seal: text });

/** Holds a line of a printed sheet of seals against the logbook of today. */
export async function compareSeal(typed: unknown) {
  return action(
    "compare seal",
    async () => sealHolds(database(), fieldsOf(readSealLine(sealLineSchema.parse(typed)))),
    { failed: "It could not be compared; what you typed is still here." },
  );
}
