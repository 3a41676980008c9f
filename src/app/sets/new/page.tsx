import type { Metadata } from "next";
import { NewJob } from "@/features/intake/NewJob";
import { database } from "@/db/client";
import { modelNames } from "@/db/models";
import { enter } from "@/server/access/page";

export const metadata: Metadata = { title: "New job" };

export default async function NewJobPage() {
  await enter("/sets/new");
  const db = database();
  const kinds = await modelNames(db);
  return (
    <main className="p-4">
      <h1 className="sr-only">New job</h1>
      <NewJob models={kinds.map(({ id, maker, designation }) => ({ id, name: `${maker} ${designation}` }))} />
    </main>
  );
}
