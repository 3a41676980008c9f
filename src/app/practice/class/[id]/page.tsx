import type { Metadata } from "next";
import { notFound } from "next/navigation";
import { sealOf, wordsOf } from "@/core/practice";
import { database } from "@/db/client";
import { classRuns, exerciseById } from "@/db/practice";
import { ClassLink, ClassTable } from "@/features/practice/ClassSheet";
import { CloseButton } from "@/features/practice/JoinButton";
import { ADVICE_WORDS } from "@/features/practice/words";
import { enter } from "@/server/access/page";
import { isId } from "@/server/ids";
import { worldOf } from "@/server/practice/sets";
import { Link } from "@/ui/Link";
import { PrintButton } from "@/ui/PrintButton";

export const metadata: Metadata = { title: "An exercise for a class" };

export default async function ClassPage({ params }: { params: Promise<{ id: string }> }) {
  await enter("/practice/class/[id]");
  const { id } = await params;
  const db = database();
  const exercise = isId(id) ? await exerciseById(db, id) : undefined;
  if (!exercise?.forClass) notFound();
  const ready = worldOf(exercise);
  const runs = await classRuns(db, id);
  return (
    <main className="flex flex-col gap-4 p-4">
      <div className="flex flex-wrap items-baseline gap-4">
        <h1 className="text-2xl font-bold">An exercise for a class: {exercise.name}</h1>
        <Link href="/practice" className="no-print link">
          To practice
        </Link>
        <span className="ml-auto flex gap-2">
          <PrintButton className="btn-outline" />
          {exercise.closed ? <strong>Closed</strong> : <CloseButton exercise={id} />}
        </span>
      </div>
      <p className="text-lg">“{exercise.complaint}”</p>
      <p>
        Hidden: <strong>{ready ? wordsOf(ready.world, ready.set, exercise.hidden) : exercise.hidden.fault}</strong>,{" "}
        {exercise.difficulty}. {ADVICE_WORDS[exercise.advice]}. Seal{" "}
        <span className="font-mono">{sealOf(exercise.hidden, exercise.salt)}</span>, which each of the class sees from
        the first minute.
      </p>
      {exercise.notice ? <p className="border-l-4 border-info pl-3 whitespace-pre-line">{exercise.notice}</p> : null}
      <ClassLink path={`/practice/join/${id}`} />
      <ClassTable runs={runs} />
    </main>
  );
}
