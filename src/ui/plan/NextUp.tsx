"use client";

import { useMemo } from "react";
import { nextFor, type Outlook, type PlanInput } from "@/core/plan";
import { Link } from "@/ui/Link";
import { dayWords, namesOf, reasonWords, workName, workTime } from "./words";

type NextProps = {
  outlook: Outlook | undefined;
  input: PlanInput | undefined;
  person: { id: string; name: string };
  failed?: string | undefined;
};

/** The next three things for whoever is at the bench, each with its reasons. */
export function NextUp({ outlook, input, person, failed }: NextProps) {
  const next = useMemo(() => (outlook && input ? nextFor(input, outlook, person.id) : []), [outlook, input, person.id]);
  const names = namesOf(input?.people ?? []);
  const jobs = new Map(input?.sets.map((one) => [one.visit, one]));
  return (
    <section aria-label={`Next for ${person.name}`} className="rounded-box border border-base-300 bg-base-200 p-2.5">
      <h2 className="mb-0.5 text-lg font-bold">Next for {person.name}</h2>
      {failed ? (
        <p className="text-error">The plan could not be made: {failed}.</p>
      ) : !outlook ? (
        <p className="dim min-h-16" role="status">
          Planning…
        </p>
      ) : next.length === 0 ? (
        <p className="dim">Nothing is planned for {person.name}.</p>
      ) : (
        <ol className="grid gap-x-4 gap-y-2 md:grid-cols-3">
          {next.map(({ visit, steps, minutes, from, reasons }, index) => {
            const set = jobs.get(visit);
            return (
              <li key={`${visit}:${steps[0]?.step ?? ""}`} className="flex gap-2">
                <span className="text-2xl font-bold" aria-hidden="true">
                  {index + 1}
                </span>
                <span className="min-w-0">
                  <Link href={`/bench/${set?.job ?? ""}`} className="font-bold hover:underline">
                    <span className="font-mono">{set?.job}</span> {set?.name}
                  </Link>{" "}
                  {[...new Set(steps.map(workName))].join(", ")}, {workTime(minutes)}
                  {input && from.day !== input.today ? `, ${dayWords(from.day)}` : ""}
                  <span className="dim block">{reasons.map((reason) => reasonWords(reason, names)).join("; ")}</span>
                </span>
              </li>
            );
          })}
        </ol>
      )}
    </section>
  );
}
