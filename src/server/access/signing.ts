import { isAPIError } from "better-auth/api";
import { NO_CODE, signInName, TOLD_DAYS, typedCode, WRONG_PINS } from "@/core/access";
import { database } from "@/db/client";
import { noteEvent } from "@/db/events";
import { personById, personByName, type Person } from "@/db/people";
import { factorOf } from "@/db/second-factor";
import { countPinTry, forgivePin, lockSession, signInOf } from "@/db/sessions";
import { endTurn } from "@/db/turns";
import { addressOf } from "./address";
import { auth } from "./auth";
import { giveCookies } from "./cookies";
import { isDemo } from "./demo";
import { count, giveBack, tooManyTries } from "./limits";
import { isPassword, isPin } from "./passwords";
import { codeOpens } from "./second-factor";
import { standing, type Standing } from "./standing";

type Signed = { ok: true; mustChange?: boolean } | { ok: false; message: string; needs?: "code" };

const tooMany = (seconds: number): Signed => ({
  ok: false,
  message: tooManyTries(seconds),
});

/** The session that was at this device before is over. */
async function leave(before: Standing): Promise<void> {
  if (before.kind === "nobody") return;
  await (await auth().$context).internalAdapter.deleteSession(before.token);
  if (before.turnId) await endTurn(database(), before.turnId, new Date().toISOString());
}

const WRONG: Signed = { ok: false, message: "The name or the password is wrong." };

/** Is a code asked for beside this password, and is it right? Undefined where the password alone decides. */
async function codeProblem(
  person: Person,
  password: string,
  code: string,
  address: string,
): Promise<Signed | undefined> {
  const db = database();
  if (!(await factorOf(db, person.id))?.since) return undefined;
  if (!(await isPassword(person.id, password))) {
    await noteEvent(db, "sign-in-failed", { about: person.name, address });
    return WRONG;
  }
  if (code.trim() === "") return { ok: false, needs: "code", message: "" };
  const opens = await codeOpens(person.id, code);
  if (!opens) {
    await noteEvent(db, "code-wrong", { by: person.id, address });
    const message = typedCode(code)
      ? "That code is wrong, or it was used before: wait for the next one on the phone."
      : NO_CODE;
    return { ok: false, needs: "code", message };
  }
  if (opens === "spare") await noteEvent(db, "code-spare", { by: person.id, address });
  return undefined;
}

const DAY_MS = 86_400_000;

/** Was somebody told this password so long ago that it is good no more? It may lie on a slip of paper since then. */
async function toldTooLongAgo(person: Person, password: string): Promise<boolean> {
  const own = await signInOf(database(), person.id);
  if (!own?.mustChange || Date.now() - own.updatedAt.getTime() < TOLD_DAYS * DAY_MS) return false;
  return isPassword(person.id, password);
}

/** Signs somebody in with name and password, and a code where they have one. What was wrong of name and password is not said. */
export async function signInWith(headers: Headers, name: string, password: string, code = ""): Promise<Signed> {
  const address = addressOf(headers);
  const wanted = signInName(name);
  const wait = (await count("sign-in", address)) ?? (await count("sign-in-name", wanted));
  if (wait !== undefined) return tooMany(wait);
  const db = database();
  const person = await personByName(db, name);
  const before = await standing(headers);
  if (person && !person.retired && (await toldTooLongAgo(person, password)))
    return {
      ok: false,
      message: `You were told this password more than ${TOLD_DAYS} days ago: it is good no more. The owner gives a new one.`,
    };
  const lacks = person && !person.retired ? await codeProblem(person, password, code, address) : undefined;
  if (lacks) {
    // The password was right, and no code was tried yet: that is no wrong try.
    if (!lacks.ok && lacks.needs && lacks.message === "") {
      await giveBack("sign-in", address);
      await giveBack("sign-in-name", wanted);
    }
    return lacks;
  }
  try {
    // Somebody who has left is looked up like a name that nobody has: both take as long.
    const signed = await auth().api.signInUsername({
      body: { username: person && !person.retired ? wanted : `${wanted} left`, password },
      headers,
      returnHeaders: true,
    });
    const { user } = signed.response;
    await giveCookies(signed.headers);
    await leave(before);
    await forgivePin(db, user.id);
    await giveBack("sign-in", address);
    await giveBack("sign-in-name", wanted);
    await noteEvent(db, "signed-in", { by: user.id, address });
    return { ok: true, mustChange: (await signInOf(db, user.id))?.mustChange === true };
  } catch (error) {
    if (!isAPIError(error) || error.statusCode >= 500) throw error;
    await noteEvent(db, "sign-in-failed", { about: name.trim().slice(0, 80), address });
    return WRONG;
  }
}

/** Is this the person's PIN? Every try counts, and after five wrong ones the password is asked for. */
async function pinOpens(personId: string, name: string, pin: string, address: string): Promise<Signed> {
  const db = database();
  const signIn = await signInOf(db, personId);
  if (!signIn?.pin) return { ok: false, message: `${name} has no PIN yet: sign in with the password.` };
  const locked: Signed = {
    ok: false,
    message: `${WRONG_PINS} wrong PINs: ${name}’s PIN is locked. Sign in with the password.`,
  };
  const tries = await countPinTry(db, personId);
  if (tries > WRONG_PINS) return locked;
  if (await isPin(personId, pin, signIn.pin)) return { ok: true };
  await noteEvent(db, tries === WRONG_PINS ? "pin-locked" : "pin-wrong", { by: personId, address });
  if (tries === WRONG_PINS) return locked;
  const left = WRONG_PINS - tries;
  return {
    ok: false,
    message: `Wrong PIN. ${left === 1 ? "One more try" : `${left} more tries`}, then the password is asked for.`,
  };
}

/**
 * Somebody takes over a device that one of the shop's people has signed in on, or opens its locked screen. In the demo
 * nobody is asked for a PIN.
 */
export async function takeOverWith(headers: Headers, personId: string, pin: string): Promise<Signed> {
  const db = database();
  const before = await standing(headers);
  const address = addressOf(headers);
  const demo = await isDemo();
  if (before.kind === "nobody" && !demo)
    return { ok: false, message: "This device is not known any more: sign in with the password." };
  const person = await personById(db, personId);
  if (!person || person.retired) return { ok: false, message: "That person does not work here any more." };
  if (!demo) {
    const key = before.kind === "nobody" ? address : before.sessionId;
    const wait = await count("pin", key);
    if (wait !== undefined) return tooMany(wait);
    const opens = await pinOpens(personId, person.name, pin, address);
    if (!opens.ok) return opens;
    await giveBack("pin", key);
    await forgivePin(db, personId);
  }
  if (before.kind !== "nobody" && before.person.id === personId) {
    await lockSession(db, before.sessionId, false);
    return { ok: true };
  }
  const taken = await auth().api.takeOver({
    body: { personId, endsToken: before.kind === "nobody" ? null : before.token },
    headers,
    returnHeaders: true,
  });
  await giveCookies(taken.headers);
  if (before.kind !== "nobody" && before.turnId) await endTurn(db, before.turnId, new Date().toISOString());
  await noteEvent(db, "took-over", { by: personId, address });
  return { ok: true, mustChange: (await signInOf(db, personId))?.mustChange === true };
}

/** Ends the session of this device. */
export async function signOutOf(headers: Headers): Promise<void> {
  const before = await standing(headers);
  const { headers: gone } = await auth().api.signOut({ headers, returnHeaders: true });
  await giveCookies(gone);
  if (before.kind === "nobody") return;
  if (before.turnId) await endTurn(database(), before.turnId, new Date().toISOString());
  await noteEvent(database(), "signed-out", { by: before.person.id, address: addressOf(headers) });
}
