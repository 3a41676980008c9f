import { handleCalendar } from "@/server/exchange-handlers";
import { originOf } from "@/server/report-handlers";

export const GET = (request: Request) => handleCalendar(originOf(request));
