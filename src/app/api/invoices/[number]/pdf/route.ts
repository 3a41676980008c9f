import { database } from "@/db/client";
import { invoiceByNumber } from "@/db/invoices";
import { shopTerms } from "@/db/shop";
import { invoiceDocument } from "@/reports/invoice";
import { renderDocument } from "@/reports/render";
import { failed, refuse } from "@/server/request";
import { route } from "@/server/route";

/** An invoice or a credit note as a page. */
export const GET = route("GET /api/invoices/[number]/pdf", async (_request, { number }: { number: string }) => {
  const known = /^\d{1,9}$/.test(number) ? await invoiceByNumber(database(), Number(number)) : undefined;
  if (!known) return refuse(404, "There is no such invoice.");
  try {
    const { terms } = await shopTerms(database());
    const pdf = await renderDocument(invoiceDocument(known.doc, terms.taxName));
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
