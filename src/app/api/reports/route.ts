export { handleReport as POST } from "@/server/report-handlers";
