import type { Metadata } from "next";
import { Link } from "@/ui/Link";
import { modelName, SUPPLY_WORDS } from "@/core/model";
import { database } from "@/db/client";
import { models } from "@/db/models";
import { Empty } from "@/ui/Empty";
import { enter } from "@/server/access/page";

export const metadata: Metadata = { title: "Reference" };

export default async function ReferencePage() {
  await enter("/reference");
  const all = await models(database());
  return (
    <main className="p-4">
      <div className="mb-3 flex flex-wrap items-center gap-3">
        <h1 className="text-2xl font-bold">Models</h1>
        <Link href="/reference/tubes" className="btn btn-outline ml-auto h-11">
          Tube table
        </Link>
        <Link href="/reference/sheets" className="btn btn-outline h-11">
          Test sheets
        </Link>
        <Link href="/reference/modifications" className="btn btn-outline h-11">
          Modifications
        </Link>
        <Link href="/reference/rules" className="btn btn-outline h-11">
          Rules for parts
        </Link>
        <Link href="/reference/frequencies" className="btn btn-outline h-11">
          Allocations
        </Link>
        <Link href="/reference/faults" className="btn btn-outline h-11">
          Faults
        </Link>
      </div>
      {all.length === 0 ? <Empty title="No model yet.">The first one is made with the first job.</Empty> : null}
      <ul className="grid gap-2.5 md:grid-cols-2 xl:grid-cols-3">
        {all.map((model) => (
          <li key={model.id}>
            <Link
              href={`/reference/${model.id}`}
              className="block h-full rounded-box border border-base-300 bg-base-200 p-3 hover:border-primary"
            >
              <strong className="text-lg">{modelName(model)}</strong> <span className="dim">{model.year}</span>
              <span className="block">{model.sheet.kind}</span>
              <span className="dim block text-sm">
                {SUPPLY_WORDS[model.sheet.supply]} · {model.sheet.tubes.length} tubes or transistors ·{" "}
                {model.sheet.components.length} parts · {model.sheet.points.length} chart points
              </span>
            </Link>
          </li>
        ))}
      </ul>
    </main>
  );
}
