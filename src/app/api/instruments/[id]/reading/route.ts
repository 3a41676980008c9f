import { socketOf, READ_NAMES } from "@/core/instruments";
import { database } from "@/db/client";
import { instrumentById } from "@/db/instruments";
import { isId } from "@/server/ids";
import { readFrom } from "@/server/instruments/read";
import { refuse } from "@/server/request";
import { route } from "@/server/route";

/** What an instrument beside the meters reads now. */
export const GET = route("GET /api/instruments/[id]/reading", async (request, { id }: { id: string }) => {
  const asked = new URL(request.url).searchParams.get("what");
  const what = READ_NAMES.find((one) => one === asked);
  if (!what) return refuse(400, `Say what to read: ${READ_NAMES.join(", ")}.`);
  const one = isId(id) ? await instrumentById(database(), id) : undefined;
  const link = socketOf(one?.link);
  if (!one || !link) return refuse(404, "No instrument of the shop answers under this.");
  return Response.json(await readFrom(one.name, link, what));
});
