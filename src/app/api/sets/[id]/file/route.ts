import { handleSetFile } from "@/server/exchange-handlers";
import { route } from "@/server/route";

export const GET = route("GET /api/sets/[id]/file", (request, { id }: { id: string }, here) =>
  handleSetFile(request, id, here),
);
