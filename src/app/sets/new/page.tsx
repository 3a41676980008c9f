import type { Metadata } from "next";
import { closedAt } from "@/core/history";
import { settle } from "@/core/kinds";
import { modelName } from "@/core/model";
import { NewJob, type Known } from "@/features/intake/NewJob";
import { database } from "@/db/client";
import { customers } from "@/db/customers";
import { models } from "@/db/models";
import { setFiles } from "@/db/sets";

export const metadata: Metadata = { title: "New job" };

export default async function NewJobPage() {
  const db = database();
  const [everyone, kinds, files] = await Promise.all([customers(db), models(db), setFiles(db)]);
  const known: Known = {
    customers: everyone.map(({ id, name }) => ({ id, name })),
    models: kinds.map((kind) => ({ id: kind.id, name: `${kind.maker} ${kind.designation}` })),
    sets: files.map((file) => {
      const { settled } = settle(file.entries);
      const job = file.visits.find((visit) => !closedAt(settled, visit.id))?.job;
      const label = `${modelName(file.model)}, No. ${file.serial || "unknown"}, ${file.owner.name}`;
      return { id: file.id, label, modelId: file.model.id, ownerId: file.owner.id, ...(job ? { jobInShop: job } : {}) };
    }),
  };
  return (
    <main className="p-4">
      <h1 className="sr-only">New job</h1>
      <NewJob known={known} />
    </main>
  );
}
