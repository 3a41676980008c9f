import { sql } from "drizzle-orm";
import { database } from "@/db/client";

export const dynamic = "force-dynamic";

/** Answers when the application and its database do. */
export async function GET(): Promise<Response> {
  await database().execute(sql`select 1`);
  return Response.json({ ok: true });
}
