import { handleSeals } from "@/server/exchange-handlers";
import { route } from "@/server/route";

export const dynamic = "force-dynamic";
export const GET = route("GET /api/seals", () => handleSeals());
