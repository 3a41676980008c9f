import { database } from "@/db/client";
import { invoiceByNumber } from "@/db/invoices";
import { refuse } from "@/server/request";
import { route } from "@/server/route";
import { ublXml } from "@/server/ubl-xml";

/** An invoice or a credit note as UBL 2.1, by EN 16931. */
export const GET = route("GET /api/invoices/[number]/xml", async (_request, { number }: { number: string }) => {
  const known = /^\d{1,9}$/.test(number) ? await invoiceByNumber(database(), Number(number)) : undefined;
  if (!known) return refuse(404, "There is no such invoice.");
  return new Response(ublXml(known.doc), {
    headers: {
      "content-type": "application/xml; charset=utf-8",
      "content-disposition": `attachment; filename="${known.kind}-${known.number}.xml"`,
    },
  });
});
