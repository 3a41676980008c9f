import type { Metadata } from "next";
import { Link } from "@/ui/Link";
import { CHASSIS_WORDS } from "@/core/kinds";
import { database } from "@/db/client";
import { recipes } from "@/db/recipes";
import { Empty } from "@/ui/Empty";
import { enter } from "@/server/access/page";

export const metadata: Metadata = { title: "Modifications" };

export default async function ModificationsPage() {
  await enter("/reference/modifications");
  const all = await recipes(database());
  return (
    <main className="mx-auto flex w-full max-w-6xl flex-col gap-3 p-4">
      <div className="flex flex-wrap items-center gap-3">
        <h1 className="text-2xl font-bold">Modifications</h1>
        <Link href="/reference/modifications/new" className="btn btn-primary ml-auto h-11">
          New recipe
        </Link>
      </div>
      <p className="dim max-w-3xl">
        What the shop fits: prerequisites, parts, tap points, steps with their cautions, and what has to be checked
        afterwards. Whether one suits a set is worked out at its bench, under Modify.
      </p>
      {all.length === 0 ? (
        <Empty title="No recipe yet.">The first one is written from a modification that worked.</Empty>
      ) : null}
      <ul className="grid gap-2.5 md:grid-cols-2">
        {all.map((recipe) => (
          <li key={recipe.id}>
            <Link
              href={`/reference/modifications/${recipe.id}`}
              className="block h-full rounded-box border border-base-300 bg-base-200 p-3 hover:border-primary"
            >
              <strong className="text-lg">{recipe.name}</strong>
              <span className="block">{recipe.what}</span>
              <span className="dim block text-sm">
                {[
                  `${recipe.needs.length} prerequisites`,
                  `${recipe.parts.length} parts`,
                  `${recipe.steps.length} steps`,
                  CHASSIS_WORDS[recipe.chassis],
                  recipe.reversible ? "reversible" : "not reversible",
                  recipe.minutes ? `${recipe.minutes} min` : "",
                ]
                  .filter(Boolean)
                  .join(" · ")}
              </span>
            </Link>
          </li>
        ))}
      </ul>
    </main>
  );
}
