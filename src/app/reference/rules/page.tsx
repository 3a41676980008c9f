import type { Metadata } from "next";
import { RulesForm } from "@/features/rules/RulesForm";
import { database } from "@/db/client";
import { partRules } from "@/db/shop";
import { enter } from "@/server/access/page";

export const metadata: Metadata = { title: "Rules for parts" };

export default async function RulesPage() {
  await enter("/reference/rules");
  const { rules, version } = await partRules(database());
  return (
    <main className="mx-auto flex w-full max-w-6xl flex-col gap-3 p-4">
      <h1 className="text-2xl font-bold">Rules for parts</h1>
      <RulesForm rules={rules} version={version} />
    </main>
  );
}
