import { handleCalendar } from "@/server/exchange-handlers";
import { originOf } from "@/server/report-handlers";
import { route } from "@/server/route";

export const GET = route("GET /api/calendar", (request) => handleCalendar(originOf(request)));
