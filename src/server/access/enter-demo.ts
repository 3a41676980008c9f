import { database } from "@/db/client";
import { people } from "@/db/people";
import { auth } from "./auth";
import { giveCookies } from "./cookies";
import { isDemo } from "./demo";
import { backTo } from "./back-to";

/**
 * Signs the lead of the demo's shop in, or whoever has the role that is asked for by `as`, and goes on to the page that was asked for. A
 * real shop has no such way in.
 */
export async function handleEnterDemo(request: Request): Promise<Response> {
  if (!(await isDemo())) return new Response("Not found", { status: 404 });
  const staff = await people(database());
  const asked = new URL(request.url).searchParams;
  const lead = staff.find(({ access }) => access === (asked.get("as") ?? "lead")) ?? staff[0];
  if (!lead) return new Response("Not found", { status: 404 });
  const { headers } = await auth().api.takeOver({
    body: { personId: lead.id, endsToken: null },
    headers: request.headers,
    returnHeaders: true,
  });
  await giveCookies(headers);
  const to = backTo(asked.get("to"));
  return new Response(null, { status: 303, headers: { location: to } });
}
