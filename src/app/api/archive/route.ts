import { handleArchive, handleRestore } from "@/server/exchange-handlers";

export const dynamic = "force-dynamic";
export const GET = () => handleArchive();
export const POST = handleRestore;
