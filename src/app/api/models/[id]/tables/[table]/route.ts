import Papa from "papaparse";
import { rowsOf, TABLES, writeTable } from "@/core/tables";
import { database } from "@/db/client";
import { modelById } from "@/db/models";
import { isId } from "@/server/ids";

type Params = { params: Promise<{ id: string; table: string }> };

/** A table of a model's sheet as a CSV file; the mark in front tells spreadsheets that it is UTF-8. */
export async function GET(_request: Request, { params }: Params): Promise<Response> {
  const { id, table } = await params;
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
}
