import { z } from "zod";
import { database } from "@/db/client";
import { shopBilling, shopOf } from "@/db/shop";
import type { Letter } from "@/reports/letter";
import { count, waitWords } from "@/server/access/limits";
import { bodyUpTo, jsonIn } from "@/server/body";
import { runChild } from "@/server/child";
import { failed, refuse } from "@/server/request";
import { route } from "@/server/route";

/** What setting one page may take. */
const LIMITS = { memoryMb: 256, longestMs: 60_000 };
const LARGEST = 20_000;

const asked = z.object({
  to: z.array(z.string().max(200)).max(6),
  day: z.string().max(40),
  subject: z.string().trim().min(1, "A letter has a subject.").max(200),
  text: z.string().trim().min(1, "The letter is empty.").max(8000),
});

/** A letter to an owner as a page, to be printed or sent along. */
export const POST = route("POST /api/letters", async (request, _params, here) => {
  const wait = await count("report", here.person.id);
  if (wait !== undefined) return refuse(429, `Many pages in a short time: wait ${waitWords(wait)}.`);
  try {
    const read = asked.safeParse(jsonIn(await bodyUpTo(request, LARGEST)));
    if (!read.success) return refuse(400, read.error.issues[0]?.message ?? "That is no letter.");
    const [shop, { billing }] = [await shopOf(database()), await shopBilling(database())];
    const letter: Letter = {
      ...read.data,
      shop: shop.name,
      from: [billing.street, `${billing.postcode} ${billing.city}`.trim()],
    };
    const pdf = await runChild({ script: "reports/letter-main.mts", input: JSON.stringify(letter), ...LIMITS });
    return new Response(new Uint8Array(pdf), {
      headers: { "content-type": "application/pdf", "content-disposition": 'inline; filename="letter.pdf"' },
    });
  } catch (error) {
    return failed("letter", error, "The letter could not be set.");
  }
});
