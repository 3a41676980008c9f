import { handleOwnersReport } from "@/server/owner-handlers";
import { route } from "@/server/route";

export const GET = route("GET /api/owner/[token]/report", (request, { token }: { token: string }) =>
  handleOwnersReport(request, token),
);
