import { createHash, randomBytes } from "node:crypto";
import { linkProblem } from "@/core/access";
import { database } from "@/db/client";
import { noteEvent } from "@/db/events";
import { linkByHash, linkWasOpened, type OwnerLink } from "@/db/owner-links";
import { addressOf } from "./address";
import { count, giveBack, waitWords } from "./limits";

/** A token as it stands in a link: 256 bits. */
export const freshToken = (): string => randomBytes(32).toString("base64url");

export const hashOfToken = (token: string): string => createHash("sha256").update(token).digest("hex");

export type Opened = { ok: true; link: OwnerLink } | { ok: false; message: string };

const SAYS = {
  unknown: "There is no such page. Is the link whole? Ask the shop for a new one.",
  withdrawn: "The shop has closed this page. Ask it for a new link.",
  "run out": "This link has run out. Ask the shop for a new one.",
} as const;

/** Opens what a link leads to. Links that are not there are counted, so that nobody finds one by trying. */
export async function openLink(headers: Headers, token: string): Promise<Opened> {
  const address = addressOf(headers);
  const wait = await count("token", address);
  if (wait !== undefined) return { ok: false, message: `Too many tries in a short time. Wait ${waitWords(wait)}.` };
  const now = new Date().toISOString();
  const link = token.length > 100 ? undefined : await linkByHash(database(), hashOfToken(token));
  const problem = linkProblem(link, now);
  if (link && !problem) {
    await giveBack("token", address);
    await linkWasOpened(database(), link.id, now);
    return { ok: true, link };
  }
  await noteEvent(database(), "link-refused", { about: problem ?? "unknown", address });
  return { ok: false, message: SAYS[problem ?? "unknown"] };
}
