import { actSchema } from "@/core/practice";
import { database } from "@/db/client";
import { bodyUpTo, jsonIn } from "@/server/body";
import { isId } from "@/server/ids";
import { act } from "@/server/practice/act";
import { refuse } from "@/server/request";
import { route } from "@/server/route";

const LARGEST = 2000;

/** Does one thing at a practice set. */
export const POST = route("POST /api/practice/[id]", async (request, { id }: { id: string }, { person }) => {
  const read = actSchema.safeParse(jsonIn(await bodyUpTo(request, LARGEST)));
  if (!read.success) return refuse(400, "This page is out of date: reload it and try again.");
  if (!isId(id)) return refuse(404, "There is no such practice.");
  return Response.json(await act(database(), id, person.id, read.data, new Date().toISOString()));
});
