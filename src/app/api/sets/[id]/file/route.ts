import { handleSetFile } from "@/server/exchange-handlers";

export const GET = async (_request: Request, { params }: { params: Promise<{ id: string }> }) =>
  handleSetFile((await params).id);
