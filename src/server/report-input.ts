import { headOf } from "@/core/exchange";
import { chainOf } from "@/db/chain";
import type { Db } from "@/db/client";
import { writers } from "@/db/people";
import { pictureContents } from "@/db/pictures";
import { setFile } from "@/db/sets";
import { shopOf, shopTerms } from "@/db/shop";
import { testSheets } from "@/db/test-sheets";
import { drawingOf } from "./circuit-layout";
import type { ReportInput, ReportKind } from "@/reports/input";

/** Gathers what a report is made of; undefined where there is no such set, or it was never here. */
export async function reportInput(
  db: Db,
  { setId, visitId, kind, origin }: { setId: string; visitId?: string | undefined; kind: ReportKind; origin: string },
): Promise<ReportInput | undefined> {
  const file = await setFile(db, setId);
  const visit = file?.visits.find(({ id }) => id === visitId) ?? file?.visits.at(-1);
  if (!file || !visit) return undefined;
  const [shop, terms, people, chain, sheets, pictures, drawing] = await Promise.all([
    shopOf(db),
    shopTerms(db),
    writers(db),
    chainOf(db, setId),
    testSheets(db),
    kind === "bench" ? pictureContents(db, file.model.id) : [],
    kind === "bench" && file.model.sheet.net?.length ? drawingOf(file.model.sheet) : undefined,
  ]);
  return {
    kind,
    set: { id: file.id, serial: file.serial },
    owner: file.owner.name,
    model: file.model,
    visits: file.visits,
    entries: file.entries,
    visitId: visit.id,
    people,
    shop: { name: shop.name, currency: shop.currency },
    terms: terms.terms,
    sheets,
    pictures: pictures.map(({ content, ...picture }) => ({
      ...picture,
      content: Buffer.from(content).toString("base64"),
    })),
    ...(drawing ? { drawing } : {}),
    head: headOf(chain),
    url: `${origin}/sets/${file.id}`,
    now: new Date().toISOString(),
  };
}
