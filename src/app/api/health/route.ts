import { sql } from "drizzle-orm";
import { database } from "@/db/client";
import { route } from "@/server/route";

export const dynamic = "force-dynamic";

/** Answers when the application and its database do. */
export const GET = route("GET /api/health", async () => {
  await database().execute(sql`select 1`);
  return Response.json({ ok: true });
});
