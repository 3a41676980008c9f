"use server";

import { z } from "zod";
import type { ActionName } from "@/core/access";
import { minorIn } from "@/core/quantity";
import { database } from "@/db/client";
import { saveSupplier } from "@/db/orders";
import { shopOf } from "@/db/shop";
import { action, personId, read, refuseFields, type Answer } from "@/server/action";
import { bookIn, endOrder, expectOrder, tubeBack } from "@/server/orders/book-in";
import { placeOrder } from "@/server/orders/place";

const id = z.uuid();
const version = z.number().int().min(0);
const pieces = z.number("A number of pieces is a whole number.").int("A number of pieces is a whole number.").max(1e6);
const day = z.iso.date("A day is like 2026-12-04.").nullable();
const today = (): string => new Date().toISOString().slice(0, 10);

const kept = <A extends Answer | { ok: true; number: number }>(name: ActionName, save: () => Promise<A>) =>
  action(name, save, { shownOn: "/" });

const wantSchema = z.object({
  key: z.string().max(200),
  pieces: pieces.min(1),
  hand: z
    .object({ visit: id, place: z.string().trim().min(1, "Say what it is for, like V2.").max(60), wait: id.optional() })
    .optional(),
});

const askedSchema = z.object({
  id,
  supplier: z.string().trim().min(1, "Say who is to send it.").max(60),
  expectedOn: day,
  note: z.string().trim().max(300, "At most 300 characters."),
  lines: z
    .array(
      z.object({
        orderNumber: z.string().max(60),
        pieces: pieces.min(1, "An order is for at least one piece."),
        wants: z.array(wantSchema).max(2000),
      }),
    )
    .min(1, "There is nothing in this order.")
    .max(2000),
});

/** Writes down that something was ordered. */
export async function orderFrom(asked: unknown) {
  return kept("place order", async () => {
    const done = await placeOrder(database(), read(askedSchema, asked), personId(), today(), Date.now());
    return done.ok ? { ...done, said: `Order ${done.number} is written down.` } : done;
  });
}

/** It is expected on another day. */
export async function expectOn(order: unknown, seen: unknown, on: unknown) {
  return kept("expect order", () =>
    expectOrder(database(), id.parse(order), version.parse(seen), read(day, on), personId(), today()),
  );
}

const cameSchema = z.array(
  z.object({
    id,
    lineId: id,
    right: pieces.min(0, "A number of pieces is not below zero."),
    wrong: pieces.min(0, "A number of pieces is not below zero."),
    bin: z.string().trim().max(40, "A bin has at most 40 characters."),
    batch: z.string().trim().max(40, "A batch has at most 40 characters."),
    madeIn: z.number("The year is like 2026.").int().min(1900, "The year is like 2026.").max(2100).nullable(),
    note: z.string().trim().max(200, "At most 200 characters."),
  }),
);

/** Books in what came. */
export async function bookInOrder(order: unknown, came: unknown) {
  return kept("book in order", () =>
    bookIn(database(), id.parse(order), read(cameSchema, came), personId(), Date.now()),
  );
}

/** The rest of an order does not come. */
export async function endOf(order: unknown, seen: unknown) {
  return kept("end order", () => endOrder(database(), id.parse(order), version.parse(seen), personId(), Date.now()));
}

/** A tube that did not stand its test goes back. */
export async function sendTubeBack(part: unknown) {
  return kept("send tube back", () => tubeBack(database(), id.parse(part), personId()));
}

const typedTerms = z.object({
  name: z.string().trim().min(1).max(60),
  minimum: z.string().max(20),
  postage: z.string().max(20),
  freeFrom: z.string().max(20),
  days: z.string().max(6),
  reach: z.string().trim().max(200, "At most 200 characters."),
});

/** What a supplier asks beside the price of its parts. */
export async function changeSupplier(typed: unknown, seen: unknown) {
  return kept("change supplier", async () => {
    const { name, reach, ...sums } = read(typedTerms, typed);
    const { currency } = await shopOf(database());
    const problems: Record<string, string> = {};
    const sum = (field: "minimum" | "postage" | "freeFrom"): number | null => {
      const text = sums[field].trim();
      if (text === "") return null;
      const minor = minorIn(text, currency);
      if (minor !== undefined) return minor;
      problems[field] = `“${text}” is not a sum in ${currency}: write it like 5.90.`;
      return null;
    };
    const [minimum, postage, freeFromMinor] = [sum("minimum"), sum("postage"), sum("freeFrom")];
    const days = sums.days.trim();
    if (!/^\d{0,3}$/.test(days) || Number(days) > 365) problems.days = "Working days are a whole number up to 365.";
    if (Object.keys(problems).length > 0) return refuseFields(problems);
    return saveSupplier(database(), {
      ...{ name, reach, freeFromMinor },
      minimumMinor: minimum ?? 0,
      postageMinor: postage ?? 0,
      deliveryDays: days === "" ? null : Number(days),
      version: version.parse(seen),
    });
  });
}
