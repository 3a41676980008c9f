import { database } from "@/db/client";
import { noteEvent } from "@/db/events";
import { addressOf } from "./address";
import type { Standing } from "./standing";

/**
 * Notes that somebody asked for what their role may not do. Pages are not noted: a browser asks for them ahead of a click.
 * An answer does not wait for it.
 */
export function noteRefused(who: Standing, what: string, headers: Headers): void {
  if (who.kind !== "here" || who.mustChange || who.lacksCode) return;
  void noteEvent(database(), "refused", { by: who.person.id, about: what, address: addressOf(headers) }).catch(
    () => undefined,
  );
}
