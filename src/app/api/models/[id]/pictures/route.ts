import { handleDropPicture, handleTakePicture } from "@/server/picture-handlers";

type Params = { params: Promise<{ id: string }> };

export const POST = async (request: Request, { params }: Params) => handleTakePicture(request, (await params).id);
export const DELETE = async (request: Request, { params }: Params) => handleDropPicture(request, (await params).id);
