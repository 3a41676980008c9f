"use client";

import type { Picture } from "@/core/diagnosis";
import { percent } from "./words";

type UnexplainedProps = {
  clashes: Picture["clashes"];
  entryOf: (id: string) => { n: number; text: string } | undefined;
};

/** Evidence that contradicts the rest, and what nothing on the list explains. */
export function Unexplained({ clashes, entryOf }: UnexplainedProps) {
  const name = (id: string) => {
    const entry = entryOf(id);
    return entry ? `#${entry.n} “${entry.text.length > 44 ? `${entry.text.slice(0, 42)}…` : entry.text}”` : "an entry";
  };
  // Two entries that contradict each other are one contradiction.
  const against = clashes.filter(
    (clash, index) =>
      clash.against.length > 0 && !clashes.slice(0, index).some((before) => before.against.includes(clash.id)),
  );
  const alone = clashes.filter((clash) => clash.against.length === 0);
  if (clashes.length === 0) return null;
  return (
    <div role="status" className="flex flex-col gap-1 border-l-4 border-warning pl-2">
      {against.map((clash) => (
        <p key={clash.id}>
          <strong>Contradiction:</strong> {name(clash.id)} goes against {clash.against.slice(0, 3).map(name).join(", ")}
          : it had {percent(clash.probability)} to come out so. Repeat the one that you doubt, or withdraw it on the
          tape.
        </p>
      ))}
      {alone.length > 0 ? (
        <p>
          <strong>Not explained</strong> by anything on the list:{" "}
          {[...new Set(alone.map(({ id }) => name(id)))].join(", ")}.
        </p>
      ) : null}
    </div>
  );
}
