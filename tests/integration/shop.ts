import path from "node:path";
import { v7 } from "uuid";
import { afterAll, beforeAll, inject, vi } from "vitest";
import { becomeAnother } from "../../scripts/another-shop";
import { ensureDatabase } from "../../scripts/cluster";
import { seedWhenEmpty } from "../../scripts/demo-data/seed";
import { eq } from "drizzle-orm";
import { signInName, type Role } from "@/core/access";
import { connect, database, type Db } from "@/db/client";
import { migrateDatabase } from "@/db/migrate";
import { customer, model, person, set, visit } from "@/db/schema";
import { personById } from "@/db/people";
import { setPassword, signInOf } from "@/db/sessions";
import { auth } from "@/server/access/auth";
import { hashOf } from "@/server/access/passwords";
import { standing, type Here } from "@/server/access/standing";
import { SHEET } from "@/core/fixtures";
import { copyOf, ownName } from "./copies";

export const MIGRATIONS = path.resolve(import.meta.dirname, "../../drizzle");

/** The address of an empty database of its own. */
export async function freshDatabaseUrl(): Promise<string> {
  const name = ownName();
  const server = inject("serverUrl");
  await ensureDatabase(server, name);
  return server.replace(/\/postgres$/, `/${name}`);
}

export type Held = { db: Db; url: string; close: () => Promise<void> };

/** A database of its own with the schema, and how to leave it. */
export async function freshDatabase(): Promise<Held> {
  const url = await copyOf(inject("serverUrl"), "migrated", (made) => migrateDatabase(made, MIGRATIONS));
  await becomeAnother(url);
  return { ...connect(url), url };
}

/** A database of its own with the demo's shop in it, as of today. */
export async function demoDatabase(): Promise<Held> {
  const url = await copyOf(inject("serverUrl"), "demo", async (made) => {
    await migrateDatabase(made, MIGRATIONS);
    await seedWhenEmpty(made, new Date());
  });
  return { ...connect(url), url };
}

export type Shop = { wren: string; tomasz: string; owner: string; model: string; set: string; visit: string };

/** Two people, and one set in for a visit. */
export async function openShop(db: Db): Promise<Shop> {
  const shop = { wren: v7(), tomasz: v7(), owner: v7(), model: v7(), set: v7(), visit: v7() };
  await db.insert(person).values([
    { id: shop.wren, name: "Wren Okafor", access: "owner" },
    { id: shop.tomasz, name: "Tomasz Bielak", access: "technician" },
  ]);
  await db.insert(customer).values({ id: shop.owner, name: "Marguerite Osei" });
  await db
    .insert(model)
    .values({ id: shop.model, maker: "Halvane", designation: "537", nickname: "Lantern", year: 1937, sheet: SHEET });
  await db.insert(set).values({ id: shop.set, modelId: shop.model, ownerId: shop.owner, serial: "H-20417" });
  await db.insert(visit).values({ id: shop.visit, setId: shop.set, openedAt: "2026-01-05T09:00:00Z" });
  return shop;
}

/** Signs somebody of the stubbed database in. @returns the cookie that their requests carry */
export async function signedIn(personId: string, role?: Role): Promise<string> {
  const db = database();
  const who = await personById(db, personId);
  if (!who) throw new Error("there is nobody to sign in");
  if (role) await db.update(person).set({ access: role }).where(eq(person.id, personId));
  if (!(await signInOf(db, personId)))
    await setPassword(db, { ...who, username: signInName(who.name) }, await hashOf(PASSWORD), false);
  const { headers } = await auth().api.takeOver({
    body: { personId, endsToken: null },
    headers: new Headers(),
    returnHeaders: true,
  });
  return headers
    .getSetCookie()
    .map((one) => one.split(";")[0])
    .join("; ");
}

/** A shop of its own for a file of tests that go through the routes; its fields are there once the tests begin. */
export function openedShop(): Opened {
  const opened = {} as Opened;
  beforeAll(async () => {
    const held = await freshDatabase();
    const shop = await openShop(held.db);
    vi.stubEnv("DATABASE_URL", held.url);
    Object.assign(opened, { held, shop, cookie: await signedIn(shop.wren) });
  });
  afterAll(async () => {
    vi.unstubAllEnvs();
    await opened.held.close();
  });
  return opened;
}
type Opened = {
  held: Awaited<ReturnType<typeof freshDatabase>>;
  shop: Shop;
  /** the session of Wren, who owns the shop */
  cookie: string;
};

/** What handlers are told of somebody who is here. */
export const hereAs = async (personId: string): Promise<Here> => {
  const who = await standing(new Headers({ cookie: await signedIn(personId) }));
  if (who.kind !== "here") throw new Error("the session does not hold");
  return who;
};

/** The password of everybody in the tests. */
export const PASSWORD = "four gulls on the slipway";

/** A note as a client sends it. */
export const draftNote = (shop: Shop, text: string, extra: object = {}) => ({
  id: v7(),
  setId: shop.set,
  visitId: shop.visit,
  at: new Date().toISOString(),
  amends: null,
  kind: "note",
  payload: { v: 1, text, open: false, closes: [] },
  ...extra,
});

/** Takes an archive's pieces and keeps its lines. */
export function linesInto(lines: string[], end = ""): (piece: string, ends: boolean) => void {
  let open = "";
  return (piece, ends) => {
    open += piece;
    if (!ends) return;
    lines.push(open + end);
    open = "";
  };
}
