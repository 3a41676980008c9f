"use server";

import { cookies, headers } from "next/headers";
import { z } from "zod";
import { action } from "@/server/action";
import { PERSON_COOKIE } from "@/server/person";

const YEAR = 365 * 24 * 3600;

/** Remembers a choice on this device; no script of a page reads it, and under TLS it travels under TLS alone. */
async function remember(name: string, value: string): Promise<{ ok: true }> {
  const secure = (await headers()).get("x-forwarded-proto") === "https";
  (await cookies()).set(name, value, { maxAge: YEAR, sameSite: "lax", httpOnly: true, secure, path: "/" });
  return { ok: true };
}

export async function choosePerson(id: unknown): Promise<void> {
  await action("choose person", () => remember(PERSON_COOKIE, z.uuid().parse(id)), { shownOn: "/" });
}

export async function chooseTheme(theme: unknown): Promise<void> {
  await action("choose theme", () => remember("jumelle-theme", z.enum(["paper", "cellar"]).parse(theme)), {
    shownOn: "/",
  });
}
