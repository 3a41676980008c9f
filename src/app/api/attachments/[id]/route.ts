import { handleFile, handleHide } from "@/server/attach-handler";

type Params = { params: Promise<{ id: string }> };

export const GET = async (request: Request, { params }: Params) => handleFile(request, (await params).id, false);
export const PATCH = async (request: Request, { params }: Params) => handleHide(request, (await params).id);
