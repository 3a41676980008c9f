import { knownCustomers } from "@/db/customers";
import { database } from "@/db/client";
import { knownSet, knownSets } from "@/db/search";
import { isId } from "@/server/ids";
import { route } from "@/server/route";

/** Longest text that is searched, characters. */
const LONGEST = 100;

/** Sets or customers that match what is being typed, a few of them. */
export const GET = route("GET /api/known", async (request) => {
  const asked = new URL(request.url).searchParams;
  const text = (asked.get("q") ?? "").slice(0, LONGEST);
  const id = asked.get("id") ?? "";
  if (asked.get("what") === "customers") return Response.json({ known: await knownCustomers(database(), text) });
  return Response.json({ known: isId(id) ? await knownSet(database(), id) : await knownSets(database(), text) });
});
