import { handleReportStatus } from "@/server/report-handlers";

export const GET = async (_request: Request, { params }: { params: Promise<{ id: string }> }) =>
  handleReportStatus((await params).id);
