import { sheetSchema } from "@/core/model";
import { database } from "@/db/client";
import { runById } from "@/db/practice";
import { drawingOf } from "@/server/circuit-layout";
import { isId } from "@/server/ids";
import { refuse } from "@/server/request";
import { route } from "@/server/route";

/** The circuit of a practice set as it should be, laid out. */
export const GET = route("GET /api/practice/[id]/drawing", async (_request, { id }: { id: string }, { person }) => {
  const found = isId(id) ? await runById(database(), id) : undefined;
  const sheet = found?.run.personId === person.id ? sheetSchema.safeParse(found.exercise.sheet) : undefined;
  if (!sheet?.success) return refuse(404, "There is no such practice.");
  return Response.json(await drawingOf(sheet.data));
});
