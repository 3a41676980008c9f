import { handleFile, handleMark } from "@/server/attach-handler";
import { route } from "@/server/route";

export const GET = route("GET /api/attachments/[id]", (request, { id }: { id: string }) =>
  handleFile(request, id, false),
);
export const PATCH = route("PATCH /api/attachments/[id]", (request, { id }: { id: string }, here) =>
  handleMark(request, id, here),
);
