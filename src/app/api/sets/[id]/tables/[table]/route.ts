import { handleTable } from "@/server/exchange-handlers";
import { route } from "@/server/route";

type Params = { id: string; table: string };

export const GET = route("GET /api/sets/[id]/tables/[table]", (_request, { id, table }: Params) =>
  handleTable(id, table),
);
