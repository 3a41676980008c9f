import { handleReportFile } from "@/server/report-handlers";
import { route } from "@/server/route";

export const GET = route("GET /api/reports/[id]/file", (_request, { id }: { id: string }) => handleReportFile(id));
