import { handleFile } from "@/server/attach-handler";

type Params = { params: Promise<{ id: string }> };

export const GET = async (request: Request, { params }: Params) => handleFile(request, (await params).id, true);
