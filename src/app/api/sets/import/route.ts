import { handleImport } from "@/server/exchange-handlers";
import { route } from "@/server/route";

export const POST = route("POST /api/sets/import", (request, _params, here) => handleImport(request, here));
