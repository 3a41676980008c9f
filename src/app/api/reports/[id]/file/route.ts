import { handleReportFile } from "@/server/report-handlers";

export const GET = async (_request: Request, { params }: { params: Promise<{ id: string }> }) =>
  handleReportFile((await params).id);
