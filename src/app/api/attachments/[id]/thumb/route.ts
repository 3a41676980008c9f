import { handleFile } from "@/server/attach-handler";
import { route } from "@/server/route";

export const GET = route("GET /api/attachments/[id]/thumb", (request, { id }: { id: string }) =>
  handleFile(request, id, true),
);
