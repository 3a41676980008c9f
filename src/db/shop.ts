import { asc, eq, and, sql } from "drizzle-orm";
import { shopRulesSchema, type ShopRules } from "@/core/components";
import { figuresSchema, type Figures } from "@/core/diagnosis";
import { airOf, airSchema, type Air, type OwnAir } from "@/core/frequencies";
import { termsSchema, type Terms } from "@/core/handback";
import { billingSchema, type Billing } from "@/core/invoice";
import { planRulesSchema, type PlanRules } from "@/core/plan";
import type { Tx } from "./client";
import { STALE, type Saved } from "./customers";
import { meter, shop, shopIdentity } from "./schema";

export type Shop = Omit<
  typeof shop.$inferSelect,
  "id" | "rules" | "figures" | "terms" | "air" | "plan" | "billing" | "codesAsked"
>;
export type Meter = typeof meter.$inferSelect;

/** What a shop is until somebody has said so. */
const UNSAID: Shop = {
  name: process.env.SHOP_NAME ?? "",
  lineVolts: 230,
  lineHz: 50,
  currency: "EUR",
  lamps: [25, 40, 60, 100, 150, 200],
  loads: [],
  lockMinutes: 10,
  version: 0,
};

export async function shopOf(db: Tx): Promise<Shop> {
  const [row] = await db.select().from(shop);
  if (!row) return UNSAID;
  const {
    id: _id,
    rules: _rules,
    figures: _figures,
    terms: _terms,
    air: _air,
    plan: _plan,
    billing: _billing,
    codesAsked: _codesAsked,
    ...fields
  } = row;
  return fields;
}

/** Who this shop is to others: its id, which it has from the start, and the name that it goes by outside. */
export async function identityOf(db: Tx): Promise<{ uid: string; name: string }> {
  const [[identity], { name }] = [await db.select().from(shopIdentity), await shopOf(db)];
  if (!identity) throw new Error("The database has no identity of its own: was it migrated?");
  return { uid: identity.uid, name: name || `a shop without a name (${identity.uid.slice(0, 6)})` };
}

/** Are its data those of the demo? */
export const shopIsDemo = async (db: Tx): Promise<boolean> =>
  (await db.select({ demo: shopIdentity.demo }).from(shopIdentity))[0]?.demo === true;

/** Changes what the shop says of itself; the first time it makes the row. */
export async function saveShop(db: Tx, change: Shop): Promise<Saved> {
  const { version, ...fields } = change;
  if (version === 0) {
    const [made] = await db
      .insert(shop)
      .values({ id: 1, ...fields, version: 1 })
      .onConflictDoNothing()
      .returning();
    return made ? { ok: true, version: 1 } : { ok: false, message: STALE };
  }
  const [row] = await db
    .update(shop)
    .set({ ...fields, version: sql`${shop.version} + 1` })
    .where(and(eq(shop.id, 1), eq(shop.version, version)))
    .returning({ version: shop.version });
  return row ? { ok: true, version: row.version } : { ok: false, message: STALE };
}

/** The shop's rules for parts, with the version that a change has to have seen. */
export async function partRules(db: Tx): Promise<{ rules: ShopRules; version: number }> {
  const [row] = await db.select({ rules: shop.rules, version: shop.version }).from(shop);
  return { rules: shopRulesSchema.parse(row?.rules ?? {}), version: row?.version ?? 0 };
}

type Own = Partial<
  Pick<typeof shop.$inferInsert, "rules" | "figures" | "terms" | "air" | "plan" | "billing" | "codesAsked">
>;

/** Changes what the shop has of its own; the first time it makes the row. */
async function saveOwn(db: Tx, own: Own, version: number): Promise<Saved> {
  if (version === 0) {
    const { version: _version, ...fields } = UNSAID;
    const [made] = await db
      .insert(shop)
      .values({ id: 1, ...fields, ...own })
      .onConflictDoNothing()
      .returning();
    return made ? { ok: true, version: made.version } : { ok: false, message: STALE };
  }
  const [row] = await db
    .update(shop)
    .set({ ...own, version: sql`${shop.version} + 1` })
    .where(and(eq(shop.id, 1), eq(shop.version, version)))
    .returning({ version: shop.version });
  return row ? { ok: true, version: row.version } : { ok: false, message: STALE };
}

/** Changes the shop's rules for parts. */
export const savePartRules = (db: Tx, rules: ShopRules, version: number): Promise<Saved> =>
  saveOwn(db, { rules }, version);

/** The shop's figures for faults, with the version that a change has to have seen. */
export async function faultFigures(db: Tx): Promise<{ figures: Figures; version: number }> {
  const [row] = await db.select({ figures: shop.figures, version: shop.version }).from(shop);
  return { figures: figuresSchema.parse(row?.figures ?? {}), version: row?.version ?? 0 };
}

/** Changes the shop's figures for faults. */
export const saveFaultFigures = (db: Tx, figures: Figures, version: number): Promise<Saved> =>
  saveOwn(db, { figures }, version);

/** Keeps what the shop has at hand beside its figures; the last word counts. */
export async function saveAtHand(db: Tx, lacking: Figures["lacking"]): Promise<Saved> {
  const { figures, version } = await faultFigures(db);
  return saveOwn(db, { figures: { ...figures, lacking } }, version);
}

/** What the shop works by, with the version that a change has to have seen. */
export async function shopTerms(db: Tx): Promise<{ terms: Terms; version: number }> {
  const [row] = await db.select({ terms: shop.terms, version: shop.version }).from(shop);
  return { terms: termsSchema.parse(row?.terms ?? {}), version: row?.version ?? 0 };
}

export const saveTerms = (db: Tx, terms: Terms, version: number): Promise<Saved> => saveOwn(db, { terms }, version);

/** What the shop's plan goes by, with the version that a change has to have seen. */
export async function planRules(db: Tx): Promise<{ rules: PlanRules; version: number }> {
  const [row] = await db.select({ plan: shop.plan, version: shop.version }).from(shop);
  return { rules: planRulesSchema.parse(row?.plan ?? {}), version: row?.version ?? 0 };
}

export const savePlanRules = (db: Tx, plan: PlanRules, version: number): Promise<Saved> =>
  saveOwn(db, { plan }, version);

/** What the shop's invoices say of it, with the version that a change has to have seen. */
export async function shopBilling(db: Tx): Promise<{ billing: Billing; version: number }> {
  const [row] = await db.select({ billing: shop.billing, version: shop.version }).from(shop);
  return { billing: billingSchema.parse(row?.billing ?? {}), version: row?.version ?? 0 };
}

export const saveBilling = (db: Tx, billing: Billing, version: number): Promise<Saved> =>
  saveOwn(db, { billing }, version);

/** The shop's ITU region and the allocations there; those that ship, where it has none of its own. */
export async function shopAir(db: Tx): Promise<{ air: Air; own: boolean; version: number }> {
  const [row] = await db.select({ air: shop.air, version: shop.version }).from(shop);
  const own = airSchema.safeParse(row?.air ?? {});
  const air = own.success ? own.data : {};
  return { air: airOf(air), own: air.allocations !== undefined, version: row?.version ?? 0 };
}

export const saveAir = (db: Tx, air: OwnAir, version: number): Promise<Saved> => saveOwn(db, { air }, version);

/** The meters in use, and the retired ones behind them. */
export const meters = (db: Tx): Promise<Meter[]> =>
  db.select().from(meter).orderBy(asc(meter.retired), asc(meter.name));

export const meterById = async (db: Tx, id: string): Promise<Meter | undefined> =>
  (await db.select().from(meter).where(eq(meter.id, id)))[0];

/** Makes or changes a meter; version 0 makes it. */
export async function saveMeter(db: Tx, change: Meter): Promise<Saved> {
  const { id, version, ...fields } = change;
  const [same] = await db
    .select({ id: meter.id })
    .from(meter)
    .where(sql`lower(${meter.name}) = ${fields.name.toLowerCase()} and ${meter.id} <> ${id}`);
  if (same)
    return { ok: false, message: `There is a meter called “${fields.name}” already: give this one another name.` };
  if (version === 0) {
    const [made] = await db
      .insert(meter)
      .values({ id, ...fields, version: 1 })
      .onConflictDoNothing()
      .returning();
    return made ? { ok: true, version: 1 } : { ok: false, message: STALE };
  }
  const [row] = await db
    .update(meter)
    .set({ ...fields, version: sql`${meter.version} + 1` })
    .where(and(eq(meter.id, id), eq(meter.version, version)))
    .returning({ version: meter.version });
  return row ? { ok: true, version: row.version } : { ok: false, message: STALE };
}

/** Does the shop ask everybody for a code from a phone at sign-in? */
export const codesAsked = async (db: Tx): Promise<boolean> =>
  (await db.select({ asked: shop.codesAsked }).from(shop))[0]?.asked === true;

/** Whether everybody is asked for a code from now on. */
export const askForCodes = async (db: Tx, asked: boolean): Promise<Saved> =>
  saveOwn(db, { codesAsked: asked }, (await shopOf(db)).version);
