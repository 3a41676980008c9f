"use server";

import { cookies } from "next/headers";
import { revalidatePath } from "next/cache";
import { PERSON_COOKIE } from "@/server/person";

const YEAR = 365 * 24 * 3600;

export async function choosePerson(id: string): Promise<void> {
  (await cookies()).set(PERSON_COOKIE, id, { maxAge: YEAR, sameSite: "lax", path: "/" });
  revalidatePath("/", "layout");
}

export async function chooseTheme(theme: "paper" | "cellar"): Promise<void> {
  (await cookies()).set("jumelle-theme", theme, { maxAge: YEAR, sameSite: "lax", path: "/" });
  revalidatePath("/", "layout");
}
