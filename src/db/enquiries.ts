import { and, desc, eq, ilike, or, sql, type SQL } from "drizzle-orm";
import { modelName } from "@/core/model";
import type { Tx } from "./client";
import { STALE, type Saved } from "./customers";
import { iso } from "./moment";
import { enquiry, type EnquiryState } from "./plan-schema";
import { model, person, visit } from "./schema";

export type Enquiry = Omit<typeof enquiry.$inferSelect, "digits" | "by"> & {
  /** whoever took the call */
  by: string;
  /** the model by its name, where the shop knows it */
  model?: string;
  /** the job that it became */
  job?: number;
};

/** A telephone number in one piece. */
export const digitsIn = (text: string): string => text.replaceAll(/\D/g, "");

/** Fewer digits than this are not a telephone number: they would find half of the list. */
const LEAST_DIGITS = 3;
const MOST = 200;

function matching(text: string): SQL | undefined {
  const pattern = `%${text.replace(/[\\%_]/g, (char) => `\\${char}`)}%`;
  const digits = digitsIn(text);
  return or(
    ilike(enquiry.caller, pattern),
    ilike(enquiry.what, pattern),
    ilike(enquiry.complaint, pattern),
    ilike(enquiry.said, pattern),
    digits.length >= LEAST_DIGITS ? ilike(enquiry.digits, `%${digits}%`) : undefined,
  );
}

/** Enquiries, the latest first: open ones, or all where something is looked for. */
export async function enquiries(db: Tx, { text, state }: { text?: string; state?: EnquiryState }): Promise<Enquiry[]> {
  const rows = await db
    .select({
      row: enquiry,
      by: person.name,
      job: visit.job,
      of: { maker: model.maker, designation: model.designation, nickname: model.nickname },
    })
    .from(enquiry)
    .innerJoin(person, eq(person.id, enquiry.by))
    .leftJoin(visit, eq(visit.id, enquiry.visitId))
    .leftJoin(model, eq(model.id, enquiry.modelId))
    .where(and(text?.trim() ? matching(text.trim()) : undefined, state ? eq(enquiry.state, state) : undefined))
    .orderBy(desc(enquiry.at))
    .limit(MOST);
  return rows.map(({ row: { digits: _digits, by: _by, ...row }, by, job, of }) => ({
    ...row,
    at: iso(row.at),
    by,
    ...(job === null ? {} : { job }),
    ...(of ? { model: modelName(of) } : {}),
  }));
}

export const enquiryById = async (db: Tx, id: string): Promise<typeof enquiry.$inferSelect | undefined> =>
  (await db.select().from(enquiry).where(eq(enquiry.id, id)))[0];

export type EnquiryFields = Pick<
  typeof enquiry.$inferInsert,
  "id" | "caller" | "reach" | "what" | "modelId" | "setClass" | "complaint" | "said" | "expectedOn" | "price"
>;

/** Writes an enquiry down, or changes one; version 0 makes it. Sending it again changes nothing. */
export async function saveEnquiry(db: Tx, fields: EnquiryFields, by: string, version: number): Promise<Saved> {
  const { id, ...rest } = fields;
  const digits = digitsIn(rest.reach ?? "");
  if (version === 0) {
    await db
      .insert(enquiry)
      .values({ id, ...rest, digits, by })
      .onConflictDoNothing();
    return { ok: true, version: 1 };
  }
  const [row] = await db
    .update(enquiry)
    .set({ ...rest, digits, version: sql`${enquiry.version} + 1` })
    .where(and(eq(enquiry.id, id), eq(enquiry.version, version)))
    .returning({ version: enquiry.version });
  return row ? { ok: true, version: row.version } : { ok: false, message: STALE };
}

/** The set does not come, or is awaited again. */
export const dropEnquiry = async (db: Tx, id: string, dropped: boolean): Promise<boolean> =>
  (
    await db
      .update(enquiry)
      .set({ state: dropped ? "dropped" : "open", version: sql`${enquiry.version} + 1` })
      .where(and(eq(enquiry.id, id), eq(enquiry.state, dropped ? "open" : "dropped")))
      .returning({ id: enquiry.id })
  ).length > 0;

/** The set has come: the enquiry is this job from now on. */
export const enquiryCame = async (db: Tx, id: string, visitId: string): Promise<void> =>
  void (await db
    .update(enquiry)
    .set({ state: "came", visitId, version: sql`${enquiry.version} + 1` })
    .where(and(eq(enquiry.id, id), eq(enquiry.state, "open"))));
