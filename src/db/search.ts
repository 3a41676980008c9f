import { sql } from "drizzle-orm";
import { asBuilt, closedAt, type Position } from "@/core/history";
import { describeWork, ofKind, settle } from "@/core/kinds";
import { DESIGNATOR } from "@/core/model";
import type { Tx } from "./client";
import { setFiles, type SetFile } from "./sets";

/** A set that was found, and where its designator stands when one was searched for. */
export type Hit = { file: SetFile; position?: Position; lastWork?: string; inShop: boolean };

const escaped = (text: string) => text.replace(/[\\%_]/g, (char) => `\\${char}`);

/** So many digits in a row are looked for as part of a telephone number, however it is written. */
const MANY_DIGITS = 4;

/**
 * What is typed, word by word. A telephone number is one word, however it is grouped.
 * @example wordsOf("Osei 01234 567 890") // ["Osei", "01234567890"]
 */
export const wordsOf = (query: string): string[] =>
  query
    .replace(/(?:\+|\b0)\d[\d\s/()-]*\d/g, (number) => number.replace(/[^\d+]/g, ""))
    .trim()
    .split(/\s+/)
    .filter(Boolean)
    .slice(0, 8);

/** Sets whose tag, model, owner, serial or log matches every word; designators are looked for in the log and the model. */
async function matching(db: Tx, words: readonly string[]): Promise<string[]> {
  const conditions = words.map((word) => {
    const like = `%${escaped(word)}%`;
    const digits = word.replace(/\D/g, "");
    const designator = word.toUpperCase();
    const inModel = JSON.stringify({ components: [{ designator }] });
    const tubeInModel = JSON.stringify({ tubes: [{ position: designator }] });
    const inWork = JSON.stringify({ designators: [designator] });
    const inNow = JSON.stringify({ now: [{ designator }] });
    return sql`(
      m.maker || ' ' || m.designation || ' ' || coalesce(m.nickname, '') ilike ${like}
      or c.name ilike ${like}
      or c.contact ilike ${like} or ${digits.length >= MANY_DIGITS} and regexp_replace(c.contact, '\\D', '', 'g') like ${`%${digits}%`}
      or s.serial ilike ${like}
      or exists (select 1 from visit v where v.set_id = s.id and v.job::text = ${word.replace(/^#/, "")})
      or m.sheet @> ${inModel}::jsonb or m.sheet @> ${tubeInModel}::jsonb
      or exists (select 1 from log_entry e where e.set_id = s.id and (
        e.payload @> ${inWork}::jsonb or e.payload @> ${inNow}::jsonb
        or e.payload @> ${JSON.stringify({ designator })}::jsonb
        or (e.kind = 'take-in' and e.payload->>'complaint' ilike ${like})))
    )`;
  });
  const rows = await db.execute<{ id: string }>(sql`
    select s.id from "set" s join model m on m.id = s.model_id join customer c on c.id = s.owner_id
    where ${conditions.length > 0 ? sql.join(conditions, sql` and `) : sql`true`}
    limit 200`);
  return rows.map((row) => row.id);
}

/** Finds sets by anything written on them or done to them. A word that is a designator also tells how it stands now. */
export async function searchSets(db: Tx, query: string, now: string): Promise<Hit[]> {
  const words = wordsOf(query);
  const files = await setFiles(db, await matching(db, words));
  const designator = words.map((word) => word.toUpperCase()).find((word) => DESIGNATOR.test(word));
  return files.map((file): Hit => {
    const { settled } = settle(file.entries);
    const inShop = file.visits.some((visit) => !closedAt(settled, visit.id));
    if (!designator) return { file, inShop };
    const position = asBuilt(settled, file.model.sheet, now).find(
      (p) => p.designator === designator || p.parts.some((part) => part.designator === designator),
    );
    const work = ofKind(settled, "part-work").findLast(({ entry }) => entry.id === position?.work.at(-1));
    return {
      file,
      inShop,
      ...(position ? { position } : {}),
      ...(work ? { lastWork: describeWork(work.content.payload) } : {}),
    };
  });
}
