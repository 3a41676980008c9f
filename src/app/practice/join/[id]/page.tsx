import type { Metadata } from "next";
import { notFound } from "next/navigation";
import { database } from "@/db/client";
import { exerciseById, runsOf } from "@/db/practice";
import { JoinButton } from "@/features/practice/JoinButton";
import { ADVICE_WORDS } from "@/features/practice/words";
import { sealOf } from "@/core/practice";
import { enter } from "@/server/access/page";
import { isId } from "@/server/ids";

export const metadata: Metadata = { title: "An exercise" };

/** Where the link for a class leads. */
export default async function JoinPage({ params }: { params: Promise<{ id: string }> }) {
  const { person } = await enter("/practice/join/[id]");
  const { id } = await params;
  const db = database();
  const exercise = isId(id) ? await exerciseById(db, id) : undefined;
  if (!exercise?.forClass) notFound();
  const mine = (await runsOf(db, person.id)).find(({ exercise: of }) => of === id);
  return (
    <main className="mx-auto flex max-w-2xl flex-col gap-4 p-6">
      <h1 className="text-2xl font-bold">{exercise.name}</h1>
      <p className="text-xl">“{exercise.complaint}”</p>
      <p>
        Somebody has hidden a fault in this made-up set. {ADVICE_WORDS[exercise.advice]}. You have one try; your bench
        minutes count from the first switch. Seal{" "}
        <span className="font-mono">{sealOf(exercise.hidden, exercise.salt)}</span>: at the end it shows that nothing
        was changed on the way.
      </p>
      <p>
        {exercise.closed && !mine ? (
          <strong>This exercise is closed: nobody begins it any more.</strong>
        ) : (
          <JoinButton exercise={id} words={mine ? "Go on with it" : "Begin"} />
        )}
      </p>
    </main>
  );
}
