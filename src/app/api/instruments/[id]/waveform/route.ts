import { socketOf } from "@/core/instruments";
import { database } from "@/db/client";
import { instrumentById } from "@/db/instruments";
import { isId } from "@/server/ids";
import { captureFrom } from "@/server/instruments/set";
import { refuse } from "@/server/request";
import { route } from "@/server/route";

/** The trace of an oscilloscope of the shop. */
export const GET = route("GET /api/instruments/[id]/waveform", async (_request, { id }: { id: string }) => {
  const one = isId(id) ? await instrumentById(database(), id) : undefined;
  const link = socketOf(one?.link);
  if (!one || !link) return refuse(404, "No instrument of the shop answers under this.");
  return Response.json(await captureFrom(one.name, link));
});
