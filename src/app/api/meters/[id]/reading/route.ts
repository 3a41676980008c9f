import { socketOf, READ_NAMES } from "@/core/instruments";
import { database } from "@/db/client";
import { meterById } from "@/db/shop";
import { isId } from "@/server/ids";
import { readFrom } from "@/server/instruments/read";
import { refuse } from "@/server/request";
import { route } from "@/server/route";

/** What an instrument of the shop reads now. */
export const GET = route("GET /api/meters/[id]/reading", async (request, { id }: { id: string }) => {
  const said = new URL(request.url).searchParams;
  const asked = said.get("what");
  const what = READ_NAMES.find((one) => one === asked);
  if (!what) return refuse(400, `Say what to read: ${READ_NAMES.join(", ")}.`);
  const meter = isId(id) ? await meterById(database(), id) : undefined;
  const link = socketOf(meter?.link);
  if (!meter || !link) return refuse(404, "No instrument of the shop answers under this.");
  return Response.json(await readFrom(meter.name, link, what, said.get("range") === "yes"));
});
