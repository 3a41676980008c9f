import { handleReport } from "@/server/report-handlers";
import { route } from "@/server/route";

export const POST = route("POST /api/reports", (request, _params, here) => handleReport(request, here));
