import { handleFile } from "@/server/attach-handler";

type Params = { params: Promise<{ id: string }> };

export const GET = async (_request: Request, { params }: Params) => handleFile((await params).id, true);
