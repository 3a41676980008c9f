import type { Metadata } from "next";
import { cookies } from "next/headers";
import { database } from "@/db/client";
import { people } from "@/db/people";
import { shopOf } from "@/db/shop";
import { brokenSeals } from "@/db/verify";
import { Alive } from "@/features/shell/Alive";
import { SealAlarm } from "@/features/shell/SealAlarm";
import { Shell } from "@/features/shell/Shell";
import { FirstDayPage } from "./FirstDayPage";
import { chosenOf, PERSON_COOKIE } from "@/server/person";
import "./globals.css";

export const metadata: Metadata = {
  title: { default: "Jumelle", template: "%s · Jumelle" },
  description: "The bench logbook of a restoration shop",
};

// Everything here is read from the shop's own database.
export const dynamic = "force-dynamic";

export default async function Layout({ children }: { children: React.ReactNode }) {
  const jar = await cookies();
  const everyone = await people(database());
  const person = chosenOf(everyone, jar.get(PERSON_COOKIE)?.value);
  const theme = jar.get("jumelle-theme")?.value === "cellar" ? "cellar" : "paper";
  return (
    <html lang="en" data-theme={theme}>
      <body className="bg-base-100 text-base-content">
        <Alive />
        {person ? (
          <Shell people={everyone.map(({ id, name }) => ({ id, name }))} personId={person.id} theme={theme}>
            <SealAlarm broken={await brokenSeals(database())} />
            {children}
          </Shell>
        ) : (
          <FirstDayPage shop={await shopOf(database())} />
        )}
      </body>
    </html>
  );
}
