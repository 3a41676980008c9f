import type { Metadata } from "next";
import { redirect } from "next/navigation";
import { database } from "@/db/client";
import { people } from "@/db/people";
import { anybodySignsIn } from "@/db/sessions";
import { LockedScreen } from "@/features/shell/LockedScreen";
import { Door, SignIn } from "@/features/shell/SignIn";
import { isDemo } from "@/server/access/demo";
import { backTo } from "@/server/access/back-to";
import { visitor } from "@/server/access/page";

export const metadata: Metadata = { title: "Sign in" };

type Props = { searchParams: Promise<{ to?: string }> };

/** The one page that answers to anybody: it names nobody to a device that is not known. */
export default async function SignInPage({ searchParams }: Props) {
  const to = backTo((await searchParams).to);
  const who = await visitor();
  if (who.kind === "here") redirect(to);
  const db = database();
  if (who.kind === "nobody" && (await isDemo())) redirect(`/api/demo?to=${encodeURIComponent(to)}`);
  if (who.kind === "locked") {
    const staff = (await people(db)).map(({ id, name }) => ({ id, name }));
    return <LockedScreen people={staff} personId={who.person.id} to={to} />;
  }
  return (
    <Door title="Jumelle: sign in">
      {(await anybodySignsIn(db)) ? (
        <SignIn to={to} />
      ) : (
        <p>
          Nobody has a password yet: this shop comes from a program without sign-in. On the machine of the shop,{" "}
          <code>npm run sign-in -- &quot;NAME&quot; --role owner</code> gives one of its people a password for the first
          time.
        </p>
      )}
    </Door>
  );
}
