"use server";

import { headers } from "next/headers";
import QRCode from "qrcode";
import { z } from "zod";
import { pinProblem, signInName } from "@/core/access";
import { database } from "@/db/client";
import { noteEvent } from "@/db/events";
import { dropFactor } from "@/db/second-factor";
import { endSession, endSessionsOf, setPassword, setPin } from "@/db/sessions";
import { shopOf } from "@/db/shop";
import { actor } from "@/server/access/acting";
import { addressOf } from "@/server/access/address";
import { hashOf, hashOfPin, isPassword, weakness } from "@/server/access/passwords";
import { factorOn, newFactor } from "@/server/access/second-factor";
import { action, refuse, refuseFields } from "@/server/action";
import { count, giveBack, tooManyTries } from "@/server/access/limits";

const words = z.string().max(400);

/** One try at what only this person knows or has; wrong ones count as wrong sign-ins do. */
async function tryOnce<T>(personId: string, attempt: () => Promise<T>): Promise<T> {
  const wait = await count("sign-in-name", personId);
  if (wait !== undefined) refuse(tooManyTries(wait));
  const right = await attempt();
  await giveBack("sign-in-name", personId);
  return right;
}

/** Is it really this person, who may have left the screen open? */
const provesToBe = (personId: string, password: string): Promise<void> =>
  tryOnce(personId, async () => {
    if (!(await isPassword(personId, password))) refuseFields({ now: "That is not your password of today." });
  });

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

/** Makes what a phone takes in; it is asked for once a code has shown that the phone has it. */
export async function beginCodes(now: unknown) {
  return action(
    "begin own codes",
    async () => {
      const { person } = actor();
      await provesToBe(person.id, words.parse(now));
      const made = await newFactor(person.id, person.name, (await shopOf(database())).name);
      if (!made) return refuse("Codes are on already: turn them off first, then set them up anew.");
      const square = await QRCode.toString(made.address, { type: "svg", margin: 2, errorCorrectionLevel: "M" });
      return { ok: true as const, secret: made.secret, square };
    },
    { shownOn: "/me" },
  );
}

/** Turns codes on; other devices are signed out. */
export async function turnCodesOn(code: unknown) {
  return action(
    "turn own codes on",
    async () => {
      const { person, sessionId } = actor();
      const typed = words.parse(code);
      const spare = await tryOnce(
        person.id,
        async () =>
          (await factorOn(person.id, typed)) ??
          refuseFields({ code: "That is not the code that the phone shows now: its clock may be wrong." }),
      );
      await endSessionsOf(database(), person.id, sessionId);
      await noteEvent(database(), "code-on", { by: person.id, address: addressOf(await headers()) });
      return { ok: true as const, spare };
    },
    { shownOn: "/me" },
  );
}

/** Turns codes off. */
export async function turnCodesOff(now: unknown) {
  return action(
    "turn own codes off",
    async () => {
      const { person } = actor();
      await provesToBe(person.id, words.parse(now));
      await dropFactor(database(), person.id);
      await noteEvent(database(), "code-off", { by: person.id, address: addressOf(await headers()) });
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
