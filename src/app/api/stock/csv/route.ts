import Papa from "papaparse";
import { STOCK_TABLE } from "@/core/stock";
import { writeRows } from "@/core/tables";
import { database } from "@/db/client";
import { stockItems } from "@/db/stock";
import { route } from "@/server/route";

/** The stock as a CSV that comes in again as it went out. */
export const GET = route("GET /api/stock/csv", async () => {
  const cells = writeRows(STOCK_TABLE, await stockItems(database()));
  return new Response(`\ufeff${Papa.unparse(cells, { newline: "\r\n" })}\r\n`, {
    headers: {
      "content-type": "text/csv; charset=utf-8",
      "content-disposition": 'attachment; filename="stock.csv"',
    },
  });
});
