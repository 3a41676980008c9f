"use client";

import { ChevronLeft, ChevronRight } from "lucide-react";
import { useMemo, useState } from "react";
import { daysLater, weekday } from "@/core/days";
import type { PlanFacts } from "@/db/plan";
import { Empty } from "@/ui/Empty";
import { Link } from "@/ui/Link";
import { useFresh } from "@/ui/plan/useFresh";
import { useOutlook } from "@/ui/plan/useOutlook";
import { dayWords, NO_DAY_WORDS } from "@/ui/plan/words";
import { Tabs } from "@/ui/Tabs";
import { useWide } from "@/ui/useWide";
import { IfMay } from "@/ui/role";
import { pinWork } from "./actions";
import { Dangers } from "./Danger";
import { DayView } from "./DayView";
import { PeopleGrid } from "./PeopleGrid";
import { SetsChart } from "./SetsChart";
import { TaskForm } from "./TaskForm";

type Me = { id: string; mayPlan: boolean; mayPromise: boolean; mayTake: boolean };
type WeekProps = { facts: PlanFacts; me: Me; view: "people" | "sets" | "day" };

/** So many days from today on are drawn. */
const DAYS = 21;
/** Days beside each other on a wide page, and on a tablet. */
const BESIDE = { wide: 5, narrow: 3 };

/** Days from today on, without weekends on which nobody is ever here. */
function shownDays(today: string, weekend: boolean): string[] {
  return Array.from({ length: DAYS }, (_, index) => daysLater(today, index)).filter(
    (day) => weekday(day) < 5 || weekend,
  );
}

/** The week of the shop: promises in danger, who works at what, how sure each day is. */
export function Week({ facts, me, view }: WeekProps) {
  useFresh();
  const { answer: outlook, input, thinking, failed } = useOutlook(facts);
  const [page, setPage] = useState(0);
  const beside = useWide() ? BESIDE.wide : BESIDE.narrow;
  const [ahead, setAhead] = useState(0);
  const [opened, setOpened] = useState<string>();
  const [problem, setProblem] = useState<string>();
  const owners = useMemo(() => new Map(facts.sets.map(({ visit, owner }) => [visit, owner])), [facts.sets]);
  // The plan that is there stays in sight while the next one is made.
  const [last, setLast] = useState(outlook);
  if (outlook && outlook !== last) setLast(outlook);
  const shown = outlook ?? last;

  if (facts.sets.length === 0)
    return (
      <Empty title="No set is in the shop: there is nothing to plan.">
        <IfMay page="/sets/new">
          <Link href="/sets/new" className="btn btn-primary mt-3">
            Take one in
          </Link>
        </IfMay>
      </Empty>
    );
  if (failed) return <p className="text-error">The plan could not be made: {failed}. Reload the page.</p>;
  if (!input || !shown)
    return (
      <p role="status" className="dim">
        Planning {facts.sets.length} sets…
      </p>
    );

  const weekend = input.people.some(({ week }) => week[5] !== null || week[6] !== null);
  const all = shownDays(input.today, weekend);
  const days = all.slice(page * beside, (page + 1) * beside);
  const move = async (task: string, person: string, day: string) => {
    const placed = shown.placed.find(({ key }) => key === task);
    if (!placed) return;
    if (day < input.today) return setProblem("That day is over: put it on today or later.");
    const answer = await pinWork({ visit: placed.visit, task, person, day }).catch(() => ({
      ok: false as const,
      message: "The server cannot be reached: try again in a moment.",
    }));
    setProblem(answer.ok ? undefined : answer.message);
  };
  const lost = shown.sets.filter(({ noDay }) => noDay);
  const nameOf = (visit: string) => {
    const set = input.sets.find((one) => one.visit === visit);
    return set ? `${set.job} ${set.name}` : "";
  };

  return (
    <div className="flex flex-col gap-3" aria-busy={thinking}>
      <Dangers sets={shown.sets} input={input} onOpen={setOpened} />
      {lost.length > 0 ? (
        <section aria-label="No day can be said">
          <ul className="rounded-box border border-warning p-2.5">
            {lost.map((one) => (
              <li key={one.visit}>
                <button
                  type="button"
                  className="min-h-10 font-bold hover:underline"
                  onClick={() => setOpened(one.visit)}
                >
                  {nameOf(one.visit)}
                </button>
                : {one.noDay ? NO_DAY_WORDS[one.noDay] : ""}
                {one.circle && one.circle.length > 0 ? ` In the circle: ${one.circle.map(nameOf).join(", ")}.` : ""}
              </li>
            ))}
          </ul>
        </section>
      ) : null}
      {problem ? (
        <p role="alert" className="text-error">
          {problem}
        </p>
      ) : null}
      <Tabs
        label="Ways to look at the week"
        initial={view}
        tabs={[
          {
            key: "people",
            name: "By person",
            body: (
              <div className="flex flex-col gap-2">
                <div className="no-print flex items-center gap-2">
                  <button
                    type="button"
                    className="btn btn-ghost h-11"
                    disabled={page === 0}
                    onClick={() => setPage(page - 1)}
                  >
                    <ChevronLeft size={18} aria-hidden="true" /> Days before
                  </button>
                  <strong>
                    {dayWords(days[0] ?? input.today)} to {dayWords(days.at(-1) ?? input.today)}
                  </strong>
                  <button
                    type="button"
                    className="btn btn-ghost h-11"
                    disabled={(page + 1) * beside >= all.length}
                    onClick={() => setPage(page + 1)}
                  >
                    Days after <ChevronRight size={18} aria-hidden="true" />
                  </button>
                  <span className="dim ml-auto" role="status">
                    {thinking ? "Planning anew…" : ""}
                  </span>
                </div>
                <PeopleGrid
                  outlook={shown}
                  input={input}
                  days={days}
                  mayMove={me.mayPlan}
                  onOpen={setOpened}
                  onMove={(task, person, day) => void move(task, person, day)}
                />
              </div>
            ),
          },
          {
            key: "sets",
            name: "By set",
            body: (
              <div className="flex flex-col gap-1">
                <p className="dim">
                  Bar: work. Dashed bar: soak. Dotted line: waits. Thick line below: from the day that half of the cases
                  keep to the day that nine of ten keep. Flag: promised.
                </p>
                <SetsChart outlook={shown} input={input} onOpen={setOpened} />
              </div>
            ),
          },
          {
            key: "day",
            name: "By day",
            body: (
              <div className="flex flex-col gap-2">
                <div className="no-print flex gap-2">
                  <button
                    type="button"
                    className="btn btn-ghost h-11"
                    disabled={ahead === 0}
                    onClick={() => setAhead(ahead - 1)}
                  >
                    <ChevronLeft size={18} aria-hidden="true" /> Day before
                  </button>
                  <button type="button" className="btn btn-ghost h-11" onClick={() => setAhead(0)}>
                    Today
                  </button>
                  <button
                    type="button"
                    className="btn btn-ghost h-11"
                    disabled={ahead >= DAYS - 1}
                    onClick={() => setAhead(ahead + 1)}
                  >
                    Day after <ChevronRight size={18} aria-hidden="true" />
                  </button>
                </div>
                <DayView outlook={shown} input={input} day={daysLater(input.today, ahead)} onOpen={setOpened} />
              </div>
            ),
          },
        ]}
      />
      {opened ? (
        <TaskForm
          key={opened}
          task={opened}
          input={input}
          outlook={shown}
          owners={owners}
          me={me}
          onDone={() => setOpened(undefined)}
        />
      ) : null}
      <p className="sr-only">Today is {dayWords(input.today)}.</p>
    </div>
  );
}
