import { handleAttach } from "@/server/attach-handler";

type Params = { params: Promise<{ id: string }> };

export const POST = async (request: Request, { params }: Params) => handleAttach(request, (await params).id);
