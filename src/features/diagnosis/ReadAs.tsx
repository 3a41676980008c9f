"use client";

import { said, type System } from "@/core/diagnosis";
import type { Circuit } from "@/core/model";

/** How a symptom was read, part by part; what was not read is said, so that nobody takes it for known. */
export function ReadAs({ text, circuit, system }: { text: string; circuit: Circuit; system: System }) {
  const { parts } = said(text, circuit);
  const told = parts.flatMap(({ outcomes }) =>
    outcomes.flatMap(({ test, outcome }) => {
      const known = system.testById.get(test);
      // Hum of either kind is both outcomes at once.
      const says = outcome.split("|").flatMap((one) => known?.outcomes.find(({ key }) => key === one)?.says ?? []);
      return known && says.length > 0 ? [{ key: `${test} ${outcome}`, name: known.name, says: says.join(" or ") }] : [];
    }),
  );
  const unread = parts.filter(({ outcomes }) => outcomes.length === 0).map(({ text: part }) => part);
  if (parts.length === 0) return null;
  return (
    <span role="note" className="flex flex-wrap items-center gap-1 text-sm font-normal" aria-label="How it is read">
      {told.length > 0 ? <span className="dim">Read as:</span> : null}
      {[...new Map(told.map((one) => [one.key, one])).values()].map(({ key, name, says }) => (
        <span key={key} className="rounded-field border border-base-300 px-1.5">
          {name}: <strong>{says}</strong>
        </span>
      ))}
      {unread.length > 0 ? (
        <span className="text-warning">
          Not read: {unread.map((part) => `“${part}”`).join(", ")}. Say it with another test, or in other words.
        </span>
      ) : null}
    </span>
  );
}
