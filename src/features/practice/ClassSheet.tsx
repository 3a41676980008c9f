"use client";

import { Copy } from "lucide-react";
import { useState } from "react";
import type { ClassRun } from "@/db/practice";
import { Empty } from "@/ui/Empty";
import { minutesText } from "./words";
import { ResultTable } from "@/ui/ResultTable";

/** The link for a class, and a button that copies it. */
export function ClassLink({ path }: { path: string }) {
  const [said, setSaid] = useState("");
  const copy = async () => {
    try {
      await navigator.clipboard.writeText(window.location.origin + path);
      setSaid("Copied.");
    } catch {
      setSaid("This browser lets nothing be copied: mark the address and copy it.");
    }
  };
  return (
    <p className="flex flex-wrap items-center gap-2">
      <span>The link for the class, for whoever is signed in here:</span>
      <code className="rounded-field bg-base-200 px-2 py-1 font-mono select-all">{path}</code>
      <button type="button" className="no-print btn btn-outline h-10" onClick={() => void copy()}>
        <Copy size={16} aria-hidden="true" /> Copy the address
      </button>
      <span role="status">{said}</span>
    </p>
  );
}

/** What was dangerous, each with how often. */
function Dangers({ review }: Pick<ClassRun, "review">) {
  if (!review) return "–";
  if (review.dangers.length === 0) return "nothing";
  return review.dangers.map(({ text, times }) => (
    <span key={text} className="block">
      {times} × {text.split(/[:,]/)[0]}
    </span>
  ));
}

/** What came of an exercise: a row for each who began it. */
export function ClassTable({ runs }: { runs: readonly ClassRun[] }) {
  if (runs.length === 0)
    return <Empty title="Nobody has begun yet.">Give the link to the class: each who opens it has a row here.</Empty>;
  const ended = runs.filter(({ points }) => points !== null);
  const mean =
    ended.length > 0 ? Math.round(ended.reduce((sum, { points }) => sum + (points ?? 0), 0) / ended.length) : 0;
  return (
    <>
      <p>
        {ended.filter(({ found }) => found).length} of {runs.length} have found it
        {ended.length > 0 ? `; ${mean} points in the mean` : ""}.
      </p>
      <ResultTable
        label="Results of the class"
        rows={runs}
        keyOf={({ id }) => id}
        columns={[
          { head: "Who", names: true, cell: ({ who }) => who },
          {
            head: "How it ended",
            cell: ({ points, found }) => (points === null ? "at it" : found ? "found" : "given up"),
          },
          { head: "Points", figure: true, cell: ({ points }) => points ?? "–" },
          {
            head: "Bench time",
            figure: true,
            cell: ({ minutes }) => (minutes === null ? "–" : minutesText(minutes)),
          },
          { head: "Steps", figure: true, cell: ({ acts }) => acts },
          { head: "Dangerous", cell: ({ review }) => <Dangers review={review} /> },
          { head: "Done twice", figure: true, cell: ({ review }) => review?.twice.length ?? "–" },
          { head: "Sound parts put right", figure: true, cell: ({ review }) => review?.wrong.length ?? "–" },
          { head: "Advice", figure: true, cell: ({ review }) => review?.advised ?? "–" },
        ]}
      />
    </>
  );
}
