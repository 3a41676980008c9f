import { ROUTES, type RouteName } from "@/core/access";
import { demand } from "./access/demand";
import { noteRefused } from "./access/note-refused";
import { standing, type Here } from "./access/standing";
import { Stalled } from "./body";
import { foreign, refuse, stoppedComing } from "./request";

type Answer = Response | Promise<Response>;
/** Who is here, where the route asks for somebody. */
type HereOf<N extends RouteName> = (typeof ROUTES)[N] extends "anyone" ? undefined : Here;
type Given<P> = { params: Promise<P> };

/**
 * A way in from the network. Every route handler is made by this: it asks the table in core/access who may come, before
 * anything else is looked at.
 * @param name as it stands in the table
 */
export const route =
  <N extends RouteName, P = object>(name: N, handle: (request: Request, params: P, here: HereOf<N>) => Answer) =>
  async (request: Request, given: Given<P>): Promise<Response> => {
    if (request.method !== "GET" && request.method !== "HEAD" && foreign(request))
      return refuse(403, "This request came from another site.");
    const asked = ROUTES[name];
    let here: Here | undefined;
    if (asked !== "anyone") {
      const who = await standing(request.headers);
      const answer = demand(who, asked);
      if (answer.denied?.status === 403) noteRefused(who, name, request.headers);
      if (answer.denied) return refuse(answer.denied.status, answer.denied.message);
      here = answer.here;
    }
    try {
      return await handle(request, await given.params, here as HereOf<N>);
    } catch (error) {
      if (error instanceof Stalled) return stoppedComing();
      throw error;
    }
  };
