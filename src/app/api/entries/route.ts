import { handleAppend } from "@/server/append-handler";

export const POST = handleAppend;
