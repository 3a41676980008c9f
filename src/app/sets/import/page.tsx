import type { Metadata } from "next";
import { ImportForm } from "@/features/exchange/ImportForm";
import { enter } from "@/server/access/page";

export const metadata: Metadata = { title: "Take a set's file in" };

export default async function ImportPage() {
  await enter("/sets/import");
  return (
    <main className="mx-auto flex w-full max-w-5xl flex-col gap-3 p-4">
      <h1 className="text-2xl font-bold">Take a set&rsquo;s file in, or check it</h1>
      <p className="dim max-w-3xl">
        A set that was in another shop brings its history along. The file says by its chain whether anything in it was
        changed since it was written.
      </p>
      <ImportForm />
    </main>
  );
}
