import { database } from "@/db/client";
import { forecastFacts } from "@/server/forecast";
import { isId } from "@/server/ids";
import { failed, refuse } from "@/server/request";
import { route } from "@/server/route";

/** What an estimate of a visit is made from. */
export const GET = route("GET /api/visits/[id]/forecast", async (_request, { id }: { id: string }) => {
  if (!isId(id)) return refuse(404, "There is no such visit.");
  try {
    const facts = await forecastFacts(database(), id, new Date().toISOString());
    return facts ? Response.json(facts) : refuse(404, "There is no such visit.");
  } catch (error) {
    return failed("forecast", error, "The estimate could not be worked out.");
  }
});
