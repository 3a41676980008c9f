import type { Metadata } from "next";
import { Link } from "@/ui/Link";
import { notFound } from "next/navigation";
import { database } from "@/db/client";
import { recipes } from "@/db/recipes";
import { RecipeForm } from "@/features/recipes/RecipeForm";
import { enter } from "@/server/access/page";

export const metadata: Metadata = { title: "Recipe" };

type Props = { params: Promise<{ id: string }>; searchParams: Promise<Record<string, string | string[] | undefined>> };

/** Fields that another tool may begin a new recipe with. */
const BEGUN = ["name", "what", "steps", "verify"] as const;
const MOST = 2000;

export default async function RecipePage({ params, searchParams }: Props) {
  await enter("/reference/modifications/[id]");
  const { id } = await params;
  const asked = await searchParams;
  const begun = Object.fromEntries(
    BEGUN.flatMap((key) => {
      const text = asked[key];
      return typeof text === "string" ? [[key, text.slice(0, MOST)] as const] : [];
    }),
  );
  const recipe = (await recipes(database())).find((one) => one.id === id);
  if (!recipe && id !== "new") notFound();
  return (
    <main className="mx-auto flex w-full max-w-6xl flex-col gap-3 p-4">
      <div className="flex flex-wrap items-center gap-3">
        <h1 className="text-2xl font-bold">{recipe?.name ?? "New recipe"}</h1>
        <Link href="/reference/modifications" className="ml-auto underline">
          All recipes
        </Link>
      </div>
      <RecipeForm key={recipe?.id ?? "new"} recipe={recipe} begun={begun} />
    </main>
  );
}
