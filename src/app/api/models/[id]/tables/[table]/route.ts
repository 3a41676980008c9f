import Papa from "papaparse";
import { rowsOf, TABLES, writeTable } from "@/core/tables";
import { database } from "@/db/client";
import { modelById } from "@/db/models";
import { isId } from "@/server/ids";
import { route } from "@/server/route";

type Params = { id: string; table: string };

/** A table of a model's sheet as a CSV file; the mark in front tells spreadsheets that it is UTF-8. */
export const GET = route("GET /api/models/[id]/tables/[table]", async (_request, { id, table }: Params) => {
  const name = TABLES.find((one) => `${one}.csv` === table);
  const model = name && isId(id) ? await modelById(database(), id) : undefined;
  if (!name || !model) return new Response("Not found", { status: 404 });
  const file = `${model.maker} ${model.designation} ${table}`.replace(/[^\w.-]+/g, "-");
  return new Response(`\ufeff${Papa.unparse(writeTable(name, rowsOf(model.sheet, name)))}\r\n`, {
    headers: {
      "content-type": "text/csv; charset=utf-8",
      "content-disposition": `attachment; filename="${file}"`,
      "x-content-type-options": "nosniff",
    },
  });
});
