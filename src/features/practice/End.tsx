"use client";

import { COSTS, type WayStep } from "@/core/practice";
import { Link } from "@/ui/Link";
import { PrintButton } from "@/ui/PrintButton";
import type { RunView } from "@/server/practice/view";
import { bitsText, minutesText, percentText } from "./words";
import { ResultTable } from "@/ui/ResultTable";
import { asked } from "@/ui/words";

function Way({ title, steps, minutes }: { title: string; steps: readonly WayStep[]; minutes: number }) {
  return (
    <section aria-label={title} className="min-w-0">
      <h2 className="font-bold">
        {title}: {minutesText(minutes)}
      </h2>
      <ResultTable
        label={title}
        className="w-full"
        tight
        rows={steps}
        keyOf={(_step, at) => at}
        columns={[
          {
            head: "Step",
            cell: ({ what, said }) => (
              <>
                {said ? asked(what) : what} {said ? <strong>{said}</strong> : null}
              </>
            ),
          },
          { head: "Min", figure: true, cell: ({ minutes: took }) => Math.round(took * 2) / 2 },
          {
            head: "Bits",
            figure: true,
            title: "Towards the culprit, or away from it",
            cell: ({ bits }) => bitsText(bits),
          },
          {
            head: "Chance",
            figure: true,
            title: "The chance of the culprit, after it",
            cell: ({ chance }) => percentText(chance),
          },
        ]}
      />
    </section>
  );
}

/** The end: what it was, both ways side by side, and what to do otherwise next time. */
export function End({ end: { review, notice, sealed } }: { end: NonNullable<RunView["end"]> }) {
  const { ended, was, points, minutes, mine, best, twice, dangers, advised, wrong } = review;
  const lost: string[] = [
    ...dangers.map(({ text, times }) => `${times > 1 ? `${times} × ` : ""}${text} −${times * COSTS.danger} points.`),
    ...(twice.length > 0 ? [`Done twice: ${twice.join("; ")}. −${twice.length * COSTS.twice} points.`] : []),
    ...(wrong.length > 0
      ? [`Sound and put right all the same: ${wrong.join("; ")}. −${wrong.length * COSTS.wrong} points.`]
      : []),
    ...(advised > 0
      ? [`Advice asked for ${advised === 1 ? "once" : `${advised} times`}: −${advised * COSTS.advice} points.`]
      : []),
  ];
  return (
    <div className="flex flex-col gap-3">
      <div className="flex flex-wrap items-center gap-4">
        <p className="font-mono text-[40px] leading-tight font-bold" data-testid="points">
          {points} points
        </p>
        <p className="flex-1 text-lg" role="status">
          {ended === "found" ? "Found. It was: " : "Not found. It was: "}
          <strong>{was}</strong>.
        </p>
        <PrintButton className="btn-outline" />
        <Link href="/practice" className="btn btn-primary h-11">
          Another one
        </Link>
      </div>
      {notice ? <p className="border-l-4 border-info pl-3 text-lg whitespace-pre-line">{notice}</p> : null}
      {lost.length > 0 ? (
        <ul aria-label="What cost points" className="list-disc pl-6">
          {lost.map((line) => (
            <li key={line}>{line}</li>
          ))}
        </ul>
      ) : ended === "found" ? (
        <p>Nothing was dangerous, and nothing was done twice.</p>
      ) : null}
      <div className="grid gap-6 xl:grid-cols-2">
        <Way title="Your way" steps={mine} minutes={minutes.mine} />
        <Way title="The way of the advice" steps={best} minutes={minutes.best} />
      </div>
      <p className="dim text-sm">
        Bits: by how much a step made the culprit likelier (one bit is twice as likely); its chance is what all that was
        known then gave it. Found: 20 points, and up to 80 more by the minutes of the advice over yours. The seal is the
        beginning of the SHA-256 of “<span className="font-mono break-all">{sealed}</span>”.
      </p>
    </div>
  );
}
