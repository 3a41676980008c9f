"use server";

import { headers } from "next/headers";
import { z } from "zod";
import { pinProblem, signInName } from "@/core/access";
import { database } from "@/db/client";
import { noteEvent } from "@/db/events";
import { endSession, endSessionsOf, setPassword, setPin } from "@/db/sessions";
import { shopOf } from "@/db/shop";
import { actor } from "@/server/access/acting";
import { addressOf } from "@/server/access/address";
import { hashOf, hashOfPin, isPassword, weakness } from "@/server/access/passwords";
import { action, refuse, refuseFields } from "@/server/action";
import { count, giveBack, waitWords } from "@/server/access/limits";

const words = z.string().max(400);

/** Is it really this person, who may have left the screen open? Wrong ones count as wrong sign-ins do. */
async function provesToBe(personId: string, password: string): Promise<void> {
  const wait = await count("sign-in-name", personId);
  if (wait !== undefined) refuse(`Too many tries in a short time. Wait ${waitWords(wait)}, then try again.`);
  if (!(await isPassword(personId, password))) refuseFields({ now: "That is not your password of today." });
  await giveBack("sign-in-name", personId);
}

/** Changes one's own password; other devices are signed out. */
export async function changePassword(now: unknown, next: unknown) {
  return action(
    "change own password",
    async () => {
      const { person, sessionId } = actor();
      const wanted = words.parse(next);
      await provesToBe(person.id, words.parse(now));
      const weak = weakness(wanted, [person.name, (await shopOf(database())).name]);
      if (weak) refuseFields({ next: weak });
      const who = { id: person.id, name: person.name, username: signInName(person.name) };
      await setPassword(database(), who, await hashOf(wanted), false);
      await endSessionsOf(database(), person.id, sessionId);
      await noteEvent(database(), "password-changed", { by: person.id, address: addressOf(await headers()) });
      return { ok: true as const };
    },
    { shownOn: "/me" },
  );
}

/** Gives oneself a PIN, or takes it away. */
export async function changePin(now: unknown, pin: unknown) {
  return action(
    "change own PIN",
    async () => {
      const { person } = actor();
      const wanted = z.string().max(40).parse(pin);
      const problem = wanted === "" ? undefined : pinProblem(wanted);
      if (problem) refuseFields({ pin: problem });
      await provesToBe(person.id, words.parse(now));
      await setPin(database(), person.id, wanted === "" ? null : await hashOfPin(person.id, wanted));
      await noteEvent(database(), "pin-changed", { by: person.id, address: addressOf(await headers()) });
      return { ok: true as const };
    },
    { shownOn: "/me" },
  );
}

/** Signs oneself out on another device. */
export async function signOutThere(id: unknown) {
  return action(
    "end own session",
    async () => {
      const ended = await endSession(database(), actor().person.id, z.uuid().parse(id));
      return ended ? { ok: true as const } : refuse("That device is signed out already.");
    },
    { shownOn: "/me", failed: "It was not signed out." },
  );
}
