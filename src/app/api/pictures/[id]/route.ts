import { handlePicture } from "@/server/picture-handlers";
import { route } from "@/server/route";

export const GET = route("GET /api/pictures/[id]", (_request, { id }: { id: string }) => handlePicture(id));
