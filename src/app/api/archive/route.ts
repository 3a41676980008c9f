import { handleArchive, handleRestore } from "@/server/exchange-handlers";
import { route } from "@/server/route";

export const dynamic = "force-dynamic";
export const GET = route("GET /api/archive", (request, _params, here) => handleArchive(request, here));
/** The head alone makes no archive. */
export const HEAD = route(
  "HEAD /api/archive",
  () => new Response(null, { headers: { "content-type": "application/gzip" } }),
);
export const POST = route("POST /api/archive", (request) => handleRestore(request));
