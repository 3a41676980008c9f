import type { Metadata } from "next";
import { PAGES, RIGHTS, ROLE_WORDS, type PageName } from "@/core/access";
import { enter } from "@/server/access/page";
import { Link } from "@/ui/Link";

export const metadata: Metadata = { title: "Not for this role" };

type Props = { searchParams: Promise<{ page?: string }> };

/** Says what a role may not do, and who can help. */
export default async function RefusedPage({ searchParams }: Props) {
  const { person } = await enter("/refused");
  const { page = "" } = await searchParams;
  const asked = Object.hasOwn(PAGES, page) ? PAGES[page as PageName] : "anyone";
  return (
    <main className="mx-auto flex w-full max-w-2xl flex-col gap-3 p-6">
      <h1 className="text-2xl font-bold">This page is not for your role</h1>
      <p>
        {ROLE_WORDS[person.access]}: this role may not {asked === "anyone" ? "open that page" : RIGHTS[asked]}. The
        owner of the shop decides on the Shop page who may do what.
      </p>
      <p>
        <Link href="/" className="btn btn-outline h-11">
          To the Board
        </Link>
      </p>
    </main>
  );
}
