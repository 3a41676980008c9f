import type { Metadata } from "next";
import { z } from "zod";
import { NewJob } from "@/features/intake/NewJob";
import { database } from "@/db/client";
import { enquiryById } from "@/db/enquiries";
import { modelNames } from "@/db/models";
import { enter } from "@/server/access/page";

export const metadata: Metadata = { title: "New job" };

const idSchema = z.uuid();

export default async function NewJobPage({ searchParams }: { searchParams: Promise<{ enquiry?: string | string[] }> }) {
  await enter("/sets/new");
  const db = database();
  const kinds = await modelNames(db);
  const wanted = idSchema.safeParse((await searchParams).enquiry);
  const asked = wanted.success ? await enquiryById(db, wanted.data) : undefined;
  const model = kinds.find(({ id }) => id === asked?.modelId);
  const from =
    asked?.state === "open"
      ? {
          id: asked.id,
          number: asked.number,
          owner: asked.caller,
          contact: asked.reach,
          model: model ? `${model.maker} ${model.designation}` : asked.what,
          complaint: asked.complaint,
        }
      : undefined;
  return (
    <main className="p-4">
      <h1 className="sr-only">New job</h1>
      <NewJob
        key={from?.id ?? "new"}
        models={kinds.map(({ id, maker, designation }) => ({ id, name: `${maker} ${designation}` }))}
        from={from}
      />
    </main>
  );
}
