export { handleSchema as GET } from "@/server/exchange-handlers";
