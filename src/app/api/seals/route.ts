import { handleSeals } from "@/server/exchange-handlers";

export const dynamic = "force-dynamic";
export const GET = () => handleSeals();
