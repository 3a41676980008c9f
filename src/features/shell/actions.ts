"use server";

import { cookies, headers } from "next/headers";
import { z } from "zod";
import { database } from "@/db/client";
import { lockSession } from "@/db/sessions";
import { actor } from "@/server/access/acting";
import { signInWith, signOutOf, takeOverWith } from "@/server/access/signing";
import { action } from "@/server/action";

const YEAR = 365 * 24 * 3600;

/** Remembers a choice on this device; no script of a page reads it, and under TLS it travels under TLS alone. */
async function remember(name: string, value: string): Promise<{ ok: true }> {
  const secure = (await headers()).get("x-forwarded-proto") === "https";
  (await cookies()).set(name, value, { maxAge: YEAR, sameSite: "lax", httpOnly: true, secure, path: "/" });
  return { ok: true };
}

export async function chooseTheme(theme: unknown): Promise<void> {
  await action("choose theme", () => remember("jumelle-theme", z.enum(["paper", "cellar"]).parse(theme)), {
    shownOn: "/",
  });
}

const words = z.string().max(400);

/** Signs somebody in by name and password, and by a code from their phone where they have set that up. */
export async function signIn(name: unknown, password: unknown, code: unknown) {
  return action(
    "sign in",
    async () => signInWith(await headers(), words.parse(name), words.parse(password), words.parse(code)),
    { shownOn: "/", failed: "Nobody was signed in." },
  );
}

/** Another person is at this device now, or the same one opens its screen again. */
export async function changePerson(id: unknown, pin: unknown) {
  return action(
    "change person",
    async () => takeOverWith(await headers(), z.uuid().parse(id), z.string().max(40).parse(pin)),
    { shownOn: "/", failed: "The person was not changed." },
  );
}

/** Locks the screen of this device; nothing is given out until it is opened again. */
export async function lock() {
  return action(
    "lock",
    async () => {
      await lockSession(database(), actor().sessionId, true);
      return { ok: true as const };
    },
    { failed: "The screen was not locked." },
  );
}

/** Ends the session of this device. */
export async function signOut() {
  return action(
    "sign out",
    async () => {
      await signOutOf(await headers());
      return { ok: true as const };
    },
    { shownOn: "/", failed: "Nobody was signed out." },
  );
}
