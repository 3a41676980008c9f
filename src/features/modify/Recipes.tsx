"use client";

import { Link } from "@/ui/Link";
import { useState } from "react";
import { ofKind } from "@/core/kinds";
import { bodyOf, suitability, type Recipe, type SuitLine } from "@/core/modifications";
import { ErrorText } from "@/ui/form";
import { useLogbook } from "@/ui/logbook";
import { VerdictMark } from "@/ui/VerdictMark";
import { VERDICT_MARKS } from "./Prerequisites";
import { useWrite } from "./useWrite";

const summary = (lines: readonly SuitLine[]) => {
  const against = lines.filter(({ verdict }) => verdict === "does-not");
  const eyes = lines.filter(({ verdict }) => verdict === "look").length;
  if (against.length > 0) return { mark: "bad", note: `${against.length} against it` } as const;
  return eyes > 0
    ? ({ mark: "watch", note: `${eyes} to look at` } as const)
    : ({ mark: "good", note: "suits" } as const);
};

function Offer({ recipe, onBegun }: { recipe: Recipe; onBegun: () => void }) {
  const { input, owner, settled, visit } = useLogbook();
  const { write, error } = useWrite();
  const [open, setOpen] = useState(false);
  const lines = suitability(recipe, recipe.name, input);
  const taken = ofKind(settled, "take-in").findLast(({ entry }) => entry.visitId === visit.id)?.content.payload;
  const begin = async () => {
    const done = await write({
      kind: "modification",
      payload: {
        v: 1,
        name: recipe.name,
        state: "planned",
        recipe: { id: recipe.id, version: recipe.version },
        ...bodyOf(recipe),
        ...(taken?.wants ? { why: taken.wants } : {}),
        askedBy: owner,
      },
    });
    if (done) onBegun();
  };
  return (
    <li className="border-b border-base-300 py-1.5">
      <div className="flex flex-wrap items-center gap-x-3 gap-y-1">
        <div className="min-w-60 flex-1">
          <strong>{recipe.name}</strong>{" "}
          <span className="dim text-sm">{recipe.minutes ? `${recipe.minutes} min` : ""}</span>
          <span className="dim block text-sm">{recipe.what}</span>
        </div>
        <VerdictMark {...summary(lines)} />
        <button
          type="button"
          className="btn btn-ghost h-10"
          aria-expanded={open}
          aria-label={`Why: ${recipe.name}`}
          onClick={() => setOpen(!open)}
        >
          Why
        </button>
        <button
          type="button"
          className="btn btn-outline btn-primary h-10"
          aria-label={`Begin: ${recipe.name}`}
          onClick={() => void begin()}
        >
          Begin
        </button>
      </div>
      {open ? (
        <ul className="py-1 pl-3">
          {lines.map((line) => (
            <li key={line.key} className="flex flex-wrap items-baseline gap-x-2 py-0.5">
              <VerdictMark {...VERDICT_MARKS[line.verdict]} />
              <span>{line.text}.</span> <span className="dim">{line.reason}</span>
            </li>
          ))}
        </ul>
      ) : null}
      {error ? <ErrorText>{error}</ErrorText> : null}
    </li>
  );
}

/** The shop's recipes with what speaks for and against each on this very set; those that suit come first. */
export function Recipes({ onBegun }: { onBegun: () => void }) {
  const { recipes, input } = useLogbook();
  const against = (recipe: Recipe) =>
    suitability(recipe, recipe.name, input).filter(({ verdict }) => verdict === "does-not").length;
  const ordered = recipes.toSorted((a, b) => against(a) - against(b) || a.name.localeCompare(b.name, "en"));
  return (
    <section aria-label="Recipes">
      <div className="flex flex-wrap items-center gap-3">
        <h2 className="text-lg font-bold">Recipes, as they suit this set</h2>
        <Link href="/reference/modifications" className="ml-auto inline-flex min-h-10 items-center underline">
          All recipes
        </Link>
      </div>
      {ordered.length === 0 ? <p className="dim">No recipe yet: the first one is written under Reference.</p> : null}
      <ul>
        {ordered.map((recipe) => (
          <Offer key={recipe.id} recipe={recipe} onBegun={onBegun} />
        ))}
      </ul>
    </section>
  );
}
