import type { Metadata } from "next";
import { notFound } from "next/navigation";
import { database } from "@/db/client";
import { runById } from "@/db/practice";
import { PracticeBench } from "@/features/practice/PracticeBench";
import { enter } from "@/server/access/page";
import { isId } from "@/server/ids";
import { viewOf } from "@/server/practice/view";

export const metadata: Metadata = { title: "Practice bench" };

export default async function PracticeBenchPage({ params }: { params: Promise<{ id: string }> }) {
  const { person } = await enter("/practice/[id]");
  const { id } = await params;
  const found = isId(id) ? await runById(database(), id) : undefined;
  // A run is its person's own: what others did is on the sheet of their class.
  if (!found || found.run.personId !== person.id) notFound();
  return <PracticeBench key={id} first={viewOf(found.run, found.exercise)} />;
}
