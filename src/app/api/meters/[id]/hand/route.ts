import { socketOf } from "@/core/instruments";
import { z } from "zod";
import { database } from "@/db/client";
import { meterById } from "@/db/shop";
import { bodyUpTo, jsonIn } from "@/server/body";
import { isId } from "@/server/ids";
import { talk } from "@/server/instruments/talk";
import { refuse } from "@/server/request";
import { route } from "@/server/route";

/** A point as it stands in a chart: it goes between quotes into a line. */
const handSchema = z.union([
  z.object({
    point: z
      .string()
      .max(80)
      .regex(/^[^"\r\n\u0080-\uffff]*$/),
  }),
  z.object({ power: z.boolean() }),
]);

const LARGEST = 1000;

/** Where the probe of a stand-in is, and whether its set is on: a stand-in has no hands. */
export const POST = route("POST /api/meters/[id]/hand", async (request, { id }: { id: string }) => {
  const read = handSchema.safeParse(jsonIn(await bodyUpTo(request, LARGEST)));
  if (!read.success) return refuse(400, "Say a point of the chart, or whether the set is on.");
  const meter = isId(id) ? await meterById(database(), id) : undefined;
  const link = socketOf(meter?.link);
  if (!link?.standIn) return refuse(404, "This is no stand-in: its probe is in somebody’s hand.");
  const line = "point" in read.data ? `STAN:PROB "${read.data.point}"` : `STAN:POW ${read.data.power ? "ON" : "OFF"}`;
  return Response.json(await talk(link, line, false));
});
