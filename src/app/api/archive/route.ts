import { handleArchive, handleRestore } from "@/server/exchange-handlers";

export const dynamic = "force-dynamic";
export const GET = () => handleArchive();
/** The head alone makes no archive. */
export const HEAD = () => new Response(null, { headers: { "content-type": "application/gzip" } });
export const POST = handleRestore;
