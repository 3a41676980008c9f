import { handleAttach } from "@/server/attach-handler";
import { route } from "@/server/route";

export const POST = route("POST /api/entries/[id]/attachments", (request, { id }: { id: string }, here) =>
  handleAttach(request, id, here),
);
