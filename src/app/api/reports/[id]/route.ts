import { handleReportStatus } from "@/server/report-handlers";
import { route } from "@/server/route";

export const GET = route("GET /api/reports/[id]", (_request, { id }: { id: string }) => handleReportStatus(id));
