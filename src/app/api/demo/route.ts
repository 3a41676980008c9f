import { handleEnterDemo } from "@/server/access/enter-demo";
import { route } from "@/server/route";

export const dynamic = "force-dynamic";
export const GET = route("GET /api/demo", handleEnterDemo);
