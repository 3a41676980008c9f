import { database } from "@/db/client";
import { modelById } from "@/db/models";
import { drawingOf } from "@/server/circuit-layout";
import { isId } from "@/server/ids";
import { route } from "@/server/route";

/** The net of a model as a drawing, stage by stage, laid out. */
export const GET = route("GET /api/models/[id]/drawing", async (_request, { id }: { id: string }) => {
  const model = isId(id) ? await modelById(database(), id) : undefined;
  if (!model?.sheet.net || model.sheet.net.length === 0) return new Response("Not found", { status: 404 });
  return Response.json(await drawingOf(model.sheet));
});
