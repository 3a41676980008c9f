import type { Metadata } from "next";
import { may } from "@/core/access";
import { everyone } from "@/db/people";
import { lastBackup } from "@/db/backups";
import { Backups } from "@/features/shop/Backups";
import { Instruments } from "@/features/shop/Instruments";
import { Meters } from "@/features/shop/Meters";
import { People } from "@/features/shop/People";
import { TermsForm } from "@/features/shop/TermsForm";
import { Seals } from "@/features/shop/Seals";
import { ShopForm } from "@/features/shop/ShopForm";
import { Link } from "@/ui/Link";
import { database } from "@/db/client";
import { instruments } from "@/db/instruments";
import { codesAsked, meters, shopOf, shopTerms } from "@/db/shop";
import { sealState } from "@/db/verify";
import { isDemo } from "@/server/access/demo";
import { enter } from "@/server/access/page";

export const metadata: Metadata = { title: "Shop" };

export default async function ShopPage() {
  const { person } = await enter("/shop");
  const mayRead = may(person.access, "archive");
  const db = database();
  const [shop, owned, terms, staff, seals, backup, demo, others, codes] = await Promise.all([
    shopOf(db),
    meters(db),
    shopTerms(db),
    everyone(db),
    sealState(db),
    lastBackup(db),
    isDemo(),
    instruments(db),
    codesAsked(db),
  ]);
  const now = new Date().toISOString();
  return (
    <main className="mx-auto flex w-full max-w-6xl flex-col gap-4 p-4">
      <h1 className="text-2xl font-bold">Shop</h1>
      <ShopForm shop={shop} />
      <h2 className="text-xl font-bold">Who works here</h2>
      {demo ? (
        <p className="dim">
          This is the demo: nobody types a password, and everybody is one click away in the header. A shop of your own
          asks.
        </p>
      ) : null}
      <People
        people={staff.map(({ id, name, access, retired }) => ({ id, name, access, retired }))}
        codesAsked={codes}
      />
      {may(person.access, "audit") ? (
        <p>
          <Link href="/shop/events" className="link">
            Sign-ins, and what was read out: the list of events
          </Link>
        </p>
      ) : null}
      <h2 className="text-xl font-bold">What it works by</h2>
      <TermsForm terms={terms.terms} version={terms.version} currency={shop.currency} />
      <h2 className="text-xl font-bold">Meters</h2>
      <Meters meters={owned} today={now} />
      <h2 className="text-xl font-bold">Other instruments</h2>
      <Instruments instruments={others} today={now} />
      <h2 id="seals" className="text-xl font-bold">
        Seals of the logbooks
      </h2>
      <Seals {...seals} />
      <p className="dim max-w-3xl">
        Every entry and every photo is sealed with the one before it. A list of seals that is kept outside the house
        shows later whether anything was changed or cut off. Print it, or keep it as a file:{" "}
        <code>npm run seals -- --against FILE</code> compares.
      </p>
      <div className="flex flex-wrap gap-2">
        <Link href="/shop/seals" className="btn btn-outline h-11">
          Print the seals, or compare a printed sheet
        </Link>
        <a href="/api/seals" download className="btn btn-outline h-11">
          List of seals as a file
        </a>
      </div>
      <h2 id="backups" className="text-xl font-bold">
        Backups
      </h2>
      <Backups last={backup} now={now} />
      <h2 className="text-xl font-bold">Everything, out and due</h2>
      <p className="dim max-w-3xl">
        The archive contains everything in the database, photos too. An empty database asks for it on its first page;{" "}
        <code>npm run restore</code> does the same. The calendar has the next services, ends of warranty and
        calibrations from three months ago to eighteen months from now.{mayRead ? "" : " The archive is for the owner."}
      </p>
      <div className="flex flex-wrap gap-2">
        {mayRead ? (
          <a href="/api/archive" download className="btn btn-outline h-11">
            Archive of everything
          </a>
        ) : null}
        <a href="/api/calendar" download className="btn btn-outline h-11">
          Calendar of due dates (iCalendar)
        </a>
        <a href="/api/schema" download className="btn btn-outline h-11">
          Schema of a set file
        </a>
      </div>
    </main>
  );
}
