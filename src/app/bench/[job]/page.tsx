import type { Metadata } from "next";
import { notFound } from "next/navigation";
import { may } from "@/core/access";
import { attachmentsOf } from "@/db/attachments";
import { database } from "@/db/client";
import { setHead, visitByJob } from "@/db/sets";
import { foundFaults } from "@/db/findings";
import { writers } from "@/db/people";
import { picturesOf } from "@/db/pictures";
import { recipes } from "@/db/recipes";
import { instruments } from "@/db/instruments";
import { faultFigures, meters, partRules, shopOf, shopTerms } from "@/db/shop";
import { stockItems } from "@/db/stock";
import { testSheets } from "@/db/test-sheets";
import { BenchPage } from "./BenchPage";
import { logWithPage } from "@/server/logs";
import { enter } from "@/server/access/page";

/** Lines of the stock that come with the page. */
const MOST_STOCK = 400;

type Props = { params: Promise<{ job: string }> };

export async function generateMetadata({ params }: Props): Promise<Metadata> {
  return { title: `Bench ${(await params).job}` };
}

export default async function Page({ params }: Props) {
  const { person } = await enter("/bench/[job]");
  const { job } = await params;
  if (!/^\d{1,9}$/.test(job)) notFound();
  const visit = await visitByJob(database(), Number(job));
  const file = visit ? await setHead(database(), visit.setId) : undefined;
  if (!visit || !file) notFound();
  const db = database();
  const [log, attachments, shop, owned, stock, rules, faults, found, kept, terms, everyone, sheets, pictures, others] =
    await Promise.all([
      logWithPage(file.id),
      attachmentsOf(db, file.id),
      shopOf(db),
      meters(db),
      stockItems(db, visit.id),
      partRules(db),
      faultFigures(db),
      foundFaults(db),
      recipes(db),
      shopTerms(db),
      writers(db),
      testSheets(db),
      picturesOf(db, file.model.id),
      instruments(db),
    ]);
  return (
    <BenchPage
      log={log}
      data={{
        setId: file.id,
        serial: file.serial,
        owner: file.owner.name,
        model: file.model,
        visit,
        visits: file.visits,
        attachments,
        shop,
        meters: owned,
        instruments: others,
        // A large stock comes behind the page.
        stock: stock.length > MOST_STOCK ? undefined : stock,
        partRules: rules.rules,
        figures: faults.figures,
        found,
        recipes: kept,
        sheets,
        pictures,
        terms: terms.terms,
        people: everyone,
        personId: person.id,
        access: person.access,
        mayConfirm: may(person.access, "confirm"),
        now: new Date().toISOString(),
      }}
    />
  );
}
