import { database } from "@/db/client";
import { invoiceByNumber } from "@/db/invoices";
import { shopTerms } from "@/db/shop";
import { count, waitWords } from "@/server/access/limits";
import { runChild } from "@/server/child";
import { failed, refuse } from "@/server/request";
import { route } from "@/server/route";

/** What setting one page may take. */
const LIMITS = { memoryMb: 256, longestMs: 60_000 };

/** An invoice or a credit note as a page. */
export const GET = route("GET /api/invoices/[number]/pdf", async (_request, { number }: { number: string }, here) => {
  const known = /^\d{1,9}$/.test(number) ? await invoiceByNumber(database(), Number(number)) : undefined;
  if (!known) return refuse(404, "There is no such invoice.");
  const wait = await count("report", here.person.id);
  if (wait !== undefined) return refuse(429, `Many pages in a short time: wait ${waitWords(wait)}.`);
  try {
    const { terms } = await shopTerms(database());
    const input = JSON.stringify({ invoice: known.doc, taxName: terms.taxName });
    const pdf = await runChild({ script: "reports/invoice-main.mts", input, ...LIMITS });
    return new Response(new Uint8Array(pdf), {
      headers: {
        "content-type": "application/pdf",
        "content-disposition": `inline; filename="${known.kind}-${known.number}.pdf"`,
      },
    });
  } catch (error) {
    return failed("invoice", error, "The page could not be made.");
  }
});
