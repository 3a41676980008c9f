import { handlePicture } from "@/server/picture-handlers";

type Params = { params: Promise<{ id: string }> };

export const GET = async (_request: Request, { params }: Params) => handlePicture((await params).id);
