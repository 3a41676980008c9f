import { revalidatePath } from "next/cache";
import { headers } from "next/headers";
import { ZodError, type z } from "zod";
import { ACTIONS, type ActionName } from "@/core/access";
import { isFull, refusesValue } from "@/db/error";
import { actor, inNameOf } from "./access/acting";
import { demand } from "./access/demand";
import { noteRefused } from "./access/note-refused";
import { standing, type Here } from "./access/standing";
import { logFailure } from "./log";
import { FULL } from "./request";

/** What an action answers that did not do what was asked; `problems` are sentences by field. */
export type Refused = { ok: false; message: string; problems?: Record<string, string> };
/** What most actions answer; `said` is what was done, where the page does not show it. */
export type Answer = { ok: true; said?: string } | Refused;

/** Ends an action with a sentence for the person who asked. */
class Refusal extends Error {
  constructor(readonly refused: Refused) {
    super(refused.message);
  }
}

export function refuse(message: string): never {
  throw new Refusal({ ok: false, message });
}

/** Ends an action with the sentences of a form's fields. */
export function refuseFields(problems: Record<string, string>): never {
  throw new Refusal({ ok: false, message: Object.values(problems)[0] ?? "That does not fit.", problems });
}

/** Reads what a person wrote: where it does not fit, the schema's own sentence is the answer. */
export function read<T>(schema: z.ZodType<T>, value: unknown): T {
  const parsed = schema.safeParse(value);
  return parsed.success ? parsed.data : refuse(parsed.error.issues[0]?.message ?? "That does not fit.");
}

/** The person at the bench. */
export const personId = (): string => actor().person.id;

/** Who may do this, by the table in core/access: somebody who is here, or nobody where the action asks nothing. */
async function allowed(name: ActionName): Promise<Here | undefined> {
  const asked = ACTIONS[name];
  if (asked === "anyone") return undefined;
  const given = await headers();
  const who = await standing(given);
  const { here, denied } = demand(who, asked);
  if (denied?.status === 403) noteRefused(who, name, given);
  return denied ? refuse(denied.message) : here;
}

type Ways = {
  /** pages that show what was changed; none where the caller asks anew */
  shownOn?: "/" | "/parts" | "/reference/modifications" | "/shop" | "/me";
  /** what to say when it failed */
  failed?: string;
};

/**
 * Every server action runs in here, by its name in the table of core/access, which says who may. A shape that no page of ours sends, a refusal and a failure each give a sentence
 * and never an error page; a failure is logged under the name of the action, with the reference that is shown.
 */
export async function action<A extends { ok: boolean }>(
  name: ActionName,
  work: () => Promise<A>,
  { shownOn, failed = "It could not be saved; what you typed is still here." }: Ways = {},
): Promise<A | Refused> {
  try {
    const answer = await inNameOf(await allowed(name), work);
    if (answer.ok && shownOn) revalidatePath(shownOn, "layout");
    return answer;
  } catch (error) {
    if (error instanceof Refusal) return error.refused;
    if (refusesValue(error))
      return { ok: false, message: "A letter or a number in it cannot be stored: look for signs that are no letters." };
    if (error instanceof ZodError) return { ok: false, message: "This page is out of date: reload it and try again." };
    return { ok: false, message: `${isFull(error) ? FULL : failed} Reference ${logFailure(name, error)}.` };
  }
}
