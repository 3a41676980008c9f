import { database } from "@/db/client";
import { modelById } from "@/db/models";
import { drawingOf } from "@/server/circuit-layout";
import { isId } from "@/server/ids";

type Params = { params: Promise<{ id: string }> };

/** The net of a model as a drawing, stage by stage, laid out. */
export async function GET(_request: Request, { params }: Params): Promise<Response> {
  const { id } = await params;
  const model = isId(id) ? await modelById(database(), id) : undefined;
  if (!model?.sheet.net || model.sheet.net.length === 0) return new Response("Not found", { status: 404 });
  return Response.json(await drawingOf(model.sheet));
}
