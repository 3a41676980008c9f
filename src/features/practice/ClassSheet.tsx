"use client";

import { Copy } from "lucide-react";
import { useState } from "react";
import type { ClassRun } from "@/db/practice";
import { Empty } from "@/ui/Empty";
import { minutesText } from "./words";

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
      <table className="table" aria-label="Results of the class">
        <thead className="text-base-content">
          <tr>
            <th>Who</th>
            <th>How it ended</th>
            <th className="text-right">Points</th>
            <th className="text-right">Bench time</th>
            <th className="text-right">Steps</th>
            <th>Dangerous</th>
            <th className="text-right">Done twice</th>
            <th className="text-right">Sound parts put right</th>
            <th className="text-right">Advice</th>
          </tr>
        </thead>
        <tbody>
          {runs.map(({ id, who, found, points, minutes, review, acts }) => (
            <tr key={id}>
              <td className="font-semibold">{who}</td>
              <td>{points === null ? "at it" : found ? "found" : "given up"}</td>
              <td className="text-right font-mono">{points ?? "–"}</td>
              <td className="text-right font-mono">{minutes === null ? "–" : minutesText(minutes)}</td>
              <td className="text-right font-mono">{acts}</td>
              <td>
                {review && review.dangers.length > 0
                  ? review.dangers.map(({ text, times }) => (
                      <span key={text} className="block">
                        {times} × {text.split(/[:,]/)[0]}
                      </span>
                    ))
                  : review
                    ? "nothing"
                    : "–"}
              </td>
              <td className="text-right font-mono">{review ? review.twice.length : "–"}</td>
              <td className="text-right font-mono">{review ? review.wrong.length : "–"}</td>
              <td className="text-right font-mono">{review ? review.advised : "–"}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </>
  );
}
