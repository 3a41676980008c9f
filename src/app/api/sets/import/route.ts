export { handleImport as POST } from "@/server/exchange-handlers";
