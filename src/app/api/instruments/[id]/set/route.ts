import { z } from "zod";
import { SET_NAMES, socketOf } from "@/core/instruments";
import { database } from "@/db/client";
import { instrumentById } from "@/db/instruments";
import { bodyUpTo, jsonIn } from "@/server/body";
import { isId } from "@/server/ids";
import { setOn } from "@/server/instruments/set";
import { refuse } from "@/server/request";
import { route } from "@/server/route";

const schema = z.object({ what: z.enum(SET_NAMES), value: z.number().min(-1e12).max(1e12) });
const LARGEST = 500;

/** Sets a figure of an instrument of the shop. */
export const POST = route("POST /api/instruments/[id]/set", async (request, { id }: { id: string }) => {
  const read = schema.safeParse(jsonIn(await bodyUpTo(request, LARGEST)));
  if (!read.success) return refuse(400, `Say what to set, one of ${SET_NAMES.join(", ")}, and a figure.`);
  const one = isId(id) ? await instrumentById(database(), id) : undefined;
  const link = socketOf(one?.link);
  if (!one || !link) return refuse(404, "No instrument of the shop answers under this.");
  return Response.json(await setOn(one.name, link, read.data.what, read.data.value));
});
