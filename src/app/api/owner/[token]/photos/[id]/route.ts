import { handleOwnersPhoto } from "@/server/owner-handlers";
import { route } from "@/server/route";

export const GET = route(
  "GET /api/owner/[token]/photos/[id]",
  (request, { token, id }: { token: string; id: string }) => handleOwnersPhoto(request, token, id),
);
