"use client";

import { CircleCheck, Circle, CircleDot } from "lucide-react";
import { ActButton } from "@/ui/ActButton";
import { Link } from "@/ui/Link";
import { useOpen } from "@/ui/useOpen";
import type { RunRow } from "@/db/practice";
import { startPractice } from "./actions";

export type CourseRow = { key: string; name: string; about: string; cases: { set: string }[] };
type CourseListProps = { courses: readonly CourseRow[]; runs: readonly RunRow[] };

/** The courses, with how far somebody has come in each. The last run of a case counts. */
export function CourseList({ courses, runs }: CourseListProps) {
  const { open, opening } = useOpen();
  return (
    <ul className="grid gap-3 md:grid-cols-2">
      {courses.map(({ key, name, about, cases }) => {
        const mine = cases.map((_, place) => runs.find((run) => run.course === key && run.place === place));
        const next = mine.findIndex((run) => !run?.endedAt);
        return (
          <li key={key} className="flex flex-col gap-2 rounded-box border border-base-300 p-3">
            <h3 className="text-lg font-bold">{name}</h3>
            <p className="flex-1">{about}</p>
            <ol className="flex flex-wrap gap-x-4 gap-y-1">
              {cases.map(({ set }, place) => {
                const run = mine[place];
                const Icon = run?.endedAt ? CircleCheck : run ? CircleDot : Circle;
                const words = run?.endedAt
                  ? `${run.found ? "" : "not found, "}${run.points} points`
                  : run
                    ? "begun"
                    : "to do";
                const shown = (
                  <>
                    <Icon size={18} aria-hidden="true" className={run?.found ? "text-success" : "dim"} />
                    {place + 1}. {set} <span className="dim">{words}</span>
                  </>
                );
                return (
                  <li key={place} className="flex items-center gap-1">
                    {run ? (
                      <Link href={`/practice/${run.id}`} className="flex min-h-10 items-center gap-1 underline">
                        {shown}
                      </Link>
                    ) : (
                      <span className="flex min-h-10 items-center gap-1">{shown}</span>
                    )}
                  </li>
                );
              })}
            </ol>
            <div className="flex flex-wrap items-center gap-2">
              {mine[next] && !mine[next].endedAt ? (
                <Link href={`/practice/${mine[next].id}`} className="btn btn-outline h-11">
                  Go on with case {next + 1}
                </Link>
              ) : (
                <ActButton
                  asks="start practice"
                  act={async () => {
                    const answer = await startPractice({ course: key, place: Math.max(0, next), advice: "asked" });
                    if (answer.ok) open(`/practice/${answer.run}`);
                    return answer;
                  }}
                >
                  {next < 0 ? "Once more from the first" : `Begin case ${next + 1}`}
                </ActButton>
              )}
            </div>
          </li>
        );
      })}
      {opening}
    </ul>
  );
}
