import { handleSchema } from "@/server/exchange-handlers";
import { route } from "@/server/route";

export const GET = route("GET /api/schema", () => handleSchema());
