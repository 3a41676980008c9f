import { handleTable } from "@/server/exchange-handlers";

type Context = { params: Promise<{ id: string; table: string }> };

export async function GET(_request: Request, { params }: Context) {
  const { id, table } = await params;
  return handleTable(id, table);
}
