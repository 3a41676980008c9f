import { handleDropPicture, handleTakePicture } from "@/server/picture-handlers";
import { route } from "@/server/route";

export const POST = route("POST /api/models/[id]/pictures", (request, { id }: { id: string }, here) =>
  handleTakePicture(request, id, here),
);
export const DELETE = route("DELETE /api/models/[id]/pictures", (request, { id }: { id: string }) =>
  handleDropPicture(request, id),
);
