import { handleAppend } from "@/server/append-handler";
import { route } from "@/server/route";

export const POST = route("POST /api/entries", (request, _params, here) => handleAppend(request, here));
