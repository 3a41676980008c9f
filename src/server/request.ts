import { Stalled } from "./body";
import { isFull } from "@/db/error";
import { isForeign } from "./guard";
import { logFailure } from "./log";

/** A cookie of a request. */
export const cookie = (request: Request, name: string): string | undefined =>
  (request.headers.get("cookie") ?? "")
    .split(/;\s*/)
    .map((pair) => pair.split("="))
    .find(([key]) => key === name)?.[1];

/** A request of another site. The server in front refuses it already; where that is not there, this does. */
export const foreign = (request: Request): boolean =>
  isForeign(request.headers.get("origin") ?? undefined, request.headers.get("host") ?? undefined);

export const refuse = (status: number, message: string) =>
  Response.json({ problems: [{ path: "", message }] }, { status });

/** What is said where there is no room to write; what was typed stays where it is. */
export const FULL =
  "The disk of the server is full, or fails: nothing was written. Make room there; what you typed is kept here.";

/** What a sender is told that stopped, where it still listens. */
export const stoppedComing = (): Response =>
  refuse(408, "What was sent stopped coming: nothing was changed. Try again.");

/** What is said of a failure: a sender that stopped is told so, anything else gets a reference to the log. */
export const failed = (where: string, error: unknown, said: string): Response =>
  error instanceof Stalled
    ? stoppedComing()
    : refuse(500, `${isFull(error) ? FULL : said} Reference ${logFailure(where, error)}.`);
