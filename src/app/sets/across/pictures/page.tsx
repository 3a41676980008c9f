import type { Metadata } from "next";
import { database } from "@/db/client";
import { picturesAcross } from "@/db/pictures-across";
import { shopTerms } from "@/db/shop";
import { staleCount } from "@/db/summaries";
import { Pictures } from "@/features/across/Pictures";
import { enter } from "@/server/access/page";
import { BehindHand } from "@/ui/BehindHand";
import { Link } from "@/ui/Link";

export const metadata: Metadata = { title: "Pictures over all sets" };

export default async function PicturesPage() {
  await enter("/sets/across/pictures");
  const db = database();
  const { terms } = await shopTerms(db);
  const pictures = await picturesAcross(db, terms.comebackMonths, new Date().toISOString().slice(0, 10));
  return (
    <main className="flex flex-col gap-4 p-4">
      <div className="flex flex-wrap items-baseline gap-4">
        <h1 className="text-2xl font-bold">Pictures over all sets</h1>
        <Link href="/sets/across" className="link">
          Questions over all sets
        </Link>
      </div>
      <BehindHand sets={await staleCount(db)} />
      <Pictures pictures={pictures} months={terms.comebackMonths} />
    </main>
  );
}
