import { roleRefusal, type Asked, type Right } from "@/core/access";
import type { Here, Standing } from "./standing";

export type Denied = { status: 401 | 403; message: string };

/** Why somebody may not do this; undefined when they may. */
export function denied(who: Standing, asked: Right): Denied | undefined {
  if (who.kind === "nobody") return { status: 401, message: "Sign in first: this shop answers to its own people." };
  if (who.kind === "locked")
    return { status: 401, message: "This screen is locked: open it with your PIN or your password." };
  if (who.mustChange && asked !== "own")
    return { status: 403, message: "Choose a password of your own first: somebody else has seen this one." };
  if (who.lacksCode && asked !== "own")
    return { status: 403, message: "This shop asks everybody for a code from a phone: set yours up first." };
  const message = roleRefusal(who.person.access, asked);
  return message === undefined ? undefined : { status: 403, message };
}

/** Lets somebody through, or says why not. */
export function demand(who: Standing, asked: Asked): { here?: Here; denied?: Denied } {
  const here = who.kind === "here" ? { here: who } : {};
  if (asked === "anyone") return here;
  const why = denied(who, asked);
  return why ? { denied: why } : here;
}
