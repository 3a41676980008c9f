import type { Metadata } from "next";
import { cookies } from "next/headers";
import { refusalsOf } from "@/core/access";
import { database } from "@/db/client";
import { everyone, people } from "@/db/people";
import { shopOf } from "@/db/shop";
import { turnById } from "@/db/turns";
import { brokenSeals } from "@/db/verify";
import { Alive } from "@/features/shell/Alive";
import { SealAlarm } from "@/features/shell/SealAlarm";
import { Shell } from "@/features/shell/Shell";
import { isDemo } from "@/server/access/demo";
import { visitor } from "@/server/access/page";
import { RoleProvider } from "@/ui/role";
import type { Here } from "@/server/access/standing";
import { FirstDayPage } from "./FirstDayPage";
import "./globals.css";

export const metadata: Metadata = {
  title: { default: "Jumelle", template: "%s · Jumelle" },
  description: "The bench logbook of a restoration shop",
};

// Everything here is read from the shop's own database.
export const dynamic = "force-dynamic";

type Theme = "paper" | "cellar";

/** The frame around a page for somebody who is here. */
async function Framed({ here, theme, children }: { here: Here; theme: Theme; children: React.ReactNode }) {
  const db = database();
  const [staff, shop, turn, broken, demo] = await Promise.all([
    people(db),
    shopOf(db),
    here.turnId ? turnById(db, here.turnId) : undefined,
    brokenSeals(db),
    isDemo(),
  ]);
  return (
    <RoleProvider refusals={refusalsOf(here.person.access)}>
      <Shell
        people={staff.map(({ id, name }) => ({ id, name }))}
        personId={here.person.id}
        theme={theme}
        demo={demo}
        lockMinutes={demo ? 0 : shop.lockMinutes}
        turn={turn ? { id: turn.id, key: turn.key } : undefined}
      >
        <SealAlarm broken={broken} />
        {children}
      </Shell>
    </RoleProvider>
  );
}

export default async function Layout({ children }: { children: React.ReactNode }) {
  const theme: Theme = (await cookies()).get("jumelle-theme")?.value === "cellar" ? "cellar" : "paper";
  const db = database();
  const who = await visitor();
  const empty = who.kind === "nobody" && (await everyone(db)).length === 0;
  return (
    <html lang="en" data-theme={theme}>
      <body className="bg-base-100 text-base-content">
        <Alive />
        {empty ? (
          <FirstDayPage shop={await shopOf(db)} />
        ) : who.kind === "here" ? (
          <Framed here={who} theme={theme}>
            {children}
          </Framed>
        ) : (
          children
        )}
      </body>
    </html>
  );
}
